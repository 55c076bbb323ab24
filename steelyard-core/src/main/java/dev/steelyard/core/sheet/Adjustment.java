package dev.steelyard.core.sheet;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;

/**
 * A change of prices by rule: by a percentage or an amount, then to an ending. 7.40 by 4 % to .95 is 7.696, then 7.95.
 *
 * An ending that would move a price too far is left: 0.089 does not become 0.95.
 *
 * @param by percent or money; below 0 for less
 * @param endingWithin by how much the ending may move a price, in percent of it
 */
public record Adjustment(Kind kind, BigDecimal by, Ending ending, BigDecimal endingWithin) {

    /** By how much an ending moves a price at most where nobody says, in percent. */
    public static final BigDecimal USUALLY_WITHIN = BigDecimal.TEN;

    /** With endings that move a price by the usual percentage at most. */
    public Adjustment(Kind kind, BigDecimal by, Ending ending) {
        this(kind, by, ending, USUALLY_WITHIN);
    }

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
        BigDecimal asItComes = rounding.pricePerPiece(moved).value();
        if (ending == Ending.NONE) {
            return asItComes;
        }
        BigDecimal ended = rounding.toEnding(moved, ending.every(), ending.at());
        BigDecimal most = moved.abs().multiply(endingWithin, Decimals.EXACT).movePointLeft(2);
        return ended.subtract(moved, Decimals.EXACT).abs().compareTo(most) > 0 ? asItComes : ended;
    }
}
