package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.PreparedCard.FigureShown;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step.Figure;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A line with its price.
 *
 * @param counted the pieces the ladder counted, over all lines it counts
 * @param shelfPrice of one piece, before any card, as the goods carry it; none for made-to-measure goods
 * @param pricePerPiece the price of one piece, rounded by R2; where pieces differ in price, the one shown
 * @param shownPerPiece the total over the pieces, rounded by R2, only for show
 * @param total what counts, rounded by R3
 * @param reached the break that counts; none below the first
 * @param next the next break that makes a piece cheaper; none where there is none
 * @param billable the billable amount of one piece; none where nothing is measured
 * @param figures shown beside the price
 * @param card the name of the card that prices the line
 * @param reckoning the steps; empty where they were not asked for
 */
public record PricedLine(
        Item item,
        long quantity,
        long counted,
        @Nullable BigDecimal shelfPrice,
        Money pricePerPiece,
        Money shownPerPiece,
        Money total,
        @Nullable Break reached,
        @Nullable NextBreak next,
        @Nullable Figure billable,
        List<FigureShown> figures,
        String card,
        Reckoning reckoning)
        implements LineResult {

    /** A line whose total somebody else has worked out already. */
    public static PricedLine given(Item item, long quantity, Money total, Rounding rounding) {
        Money each = rounding.shownPerPiece(total, quantity);
        return new PricedLine(
                item,
                quantity,
                quantity,
                item.shelfPrice(),
                each,
                each,
                total,
                null,
                null,
                null,
                List.of(),
                "",
                Reckoning.NOT_ASKED);
    }

    /** Whether a piece costs less than the shelf price. */
    public boolean isReduced() {
        return shelfPrice != null && shelfPrice.compareTo(pricePerPiece.value()) > 0;
    }
}
