package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Money;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A line with its price.
 *
 * @param counted the pieces the ladder counted, over all lines it counts
 * @param shelfPrice of one piece, before any card, as the goods carry it
 * @param pricePerPiece the price of one piece, rounded by R2
 * @param shownPerPiece the total over the pieces, rounded by R2, only for show
 * @param total what counts, rounded by R3
 * @param reached the break that counts; none below the first
 * @param next the next break that makes a piece cheaper; none where there is none
 * @param card the name of the card that prices the line
 * @param reckoning the steps; empty where they were not asked for
 */
public record PricedLine(
        Item item,
        long quantity,
        long counted,
        BigDecimal shelfPrice,
        Money pricePerPiece,
        Money shownPerPiece,
        Money total,
        @Nullable Break reached,
        @Nullable NextBreak next,
        String card,
        Reckoning reckoning)
        implements LineResult {

    /** Whether a piece costs less than the shelf price. */
    public boolean isReduced() {
        return shelfPrice.compareTo(pricePerPiece.value()) > 0;
    }
}
