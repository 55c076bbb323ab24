package dev.steelyard.core.pricing;

import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;

/**
 * What a ladder counts.
 *
 * @param piecesBefore pieces of the lines before this one, in basket order
 * @param pieces of all lines that count together, this one with them
 * @param amountBefore billable amount of the lines before this one, in base units
 * @param amount billable amount of all lines
 */
record Tally(long piecesBefore, long pieces, BigDecimal amountBefore, BigDecimal amount) {

    static final Tally NONE = new Tally(0, 0, BigDecimal.ZERO, BigDecimal.ZERO);

    /** With one more line, of so many pieces and so much in all, behind the others. */
    Tally plus(long morePieces, BigDecimal more) {
        return new Tally(pieces, pieces + morePieces, amount, amount.add(more, Decimals.EXACT));
    }

    /** This line's place before it, with the sum of all. */
    Tally within(Tally all) {
        return new Tally(piecesBefore, all.pieces, amountBefore, all.amount);
    }
}
