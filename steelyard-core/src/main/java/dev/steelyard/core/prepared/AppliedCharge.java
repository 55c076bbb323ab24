package dev.steelyard.core.prepared;

import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Told;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What the option picked in a choice charges.
 *
 * @param value money for each piece or for the line, or a percentage
 * @param choice what the choice is called: “Hem”
 * @param option what the option is called: “roped”
 * @param detail how the value came about; none where there is nothing to say, or nobody asked
 */
public record AppliedCharge(How how, BigDecimal value, Part choice, Part option, @Nullable Fact detail) {

    /** How it is charged. */
    public enum How {
        PER_PIECE,
        /** Of the piece price, for each piece. */
        PERCENT,
        PER_LINE
    }

    /** The charge as a step. */
    public Fact what() {
        return Fact.of(Told.CHARGE, choice, option);
    }
}
