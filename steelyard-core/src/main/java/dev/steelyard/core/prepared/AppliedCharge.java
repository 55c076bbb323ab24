package dev.steelyard.core.prepared;

import java.math.BigDecimal;

/**
 * What the option picked in a choice charges.
 *
 * @param value money for each piece or for the line, or a percentage
 * @param label the choice's and the option's: “Hem: roped”
 * @param detail how the value came about; empty where nobody asked
 */
public record AppliedCharge(How how, BigDecimal value, String label, String detail) {

    /** How it is charged. */
    public enum How {
        PER_PIECE,
        /** Of the piece price, for each piece. */
        PERCENT,
        PER_LINE
    }
}
