package dev.steelyard.core.sheet;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;

/**
 * A change of prices by rule: by a percentage or an amount, then to an ending. 7.40 by 4 % to .95 is 7.696, then 7.95.
 *
 * @param by percent or money; below 0 for less
 */
public record Adjustment(Kind kind, BigDecimal by, Ending ending) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** What {@code by} is. */
    public enum Kind {
        PERCENT,
        AMOUNT
    }

    /** The new price; may be below 0, which whoever writes it refuses. */
    public BigDecimal of(BigDecimal price, Rounding rounding) {
        BigDecimal moved = kind == Kind.AMOUNT
                ? price.add(by, Decimals.EXACT)
                : price.multiply(HUNDRED.add(by, Decimals.EXACT), Decimals.EXACT)
                        .movePointLeft(2);
        return ending == Ending.NONE
                ? rounding.pricePerPiece(moved).value()
                : rounding.toEnding(moved, ending.every(), ending.at());
    }
}
