package dev.steelyard.core.prepared;

import java.math.BigDecimal;

/**
 * What the option picked in a choice charges.
 *
 * @param value money for each piece or for the line, or a percentage
 * @param label the choice's and the option's: “Hem: roped”
 * @param detail how the value came about; empty where nobody asked
 * @param told the same for shoppers
 */
public record AppliedCharge(How how, BigDecimal value, String label, String detail, String told) {

    /** A charge that shoppers are told as owners are. */
    public AppliedCharge(How how, BigDecimal value, String label, String detail) {
        this(how, value, label, detail, detail);
    }

    /** How it is charged. */
    public enum How {
        PER_PIECE,
        /** Of the piece price, for each piece. */
        PERCENT,
        PER_LINE
    }
}
