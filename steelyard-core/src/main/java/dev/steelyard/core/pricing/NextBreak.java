package dev.steelyard.core.pricing;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import java.util.Objects;
import java.util.OptionalLong;
import org.jspecify.annotations.Nullable;

/** How many more pieces bring the price of one piece down, and to what. */
public record NextBreak(long more, Money pricePerPiece) {

    /** The nearest break above that makes a piece cheaper; none where there is none, or an amount is counted. */
    static @Nullable NextBreak of(LineStart line, PiecePricer pieces, Tally tally, Money perPiece, Rounding rounding) {
        if (line.ladder() == null || line.ladder().countsAmount()) {
            return null;
        }
        boolean lots = line.ladder().definition().mode() == Mode.LOT;
        long here = line.asked().quantity();
        for (Break threshold : line.breaks().above(tally.pieces())) {
            OptionalLong ordered = line.orders().from(here + threshold.pieces() - tally.pieces());
            if (ordered.isEmpty()) {
                return null;
            }
            long more = ordered.getAsLong() - here;
            Break above = Objects.requireNonNull(line.breaks().reached(tally.pieces() + more));
            Money price = lots
                    ? rounding.shownPerPiece(rounding.lineTotal(above.value()), tally.pieces() + more)
                    : pieces.roundedIfAny(above);
            if (price != null && price.compareTo(perPiece) < 0) {
                return new NextBreak(more, price);
            }
        }
        return null;
    }
}
