package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Decimals;
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
 * @param amount what the ladder counted where it counts an amount, in its unit; none where it counts pieces
 * @param shelfPrice of one piece, before any card, as the goods carry it; none for made-to-measure goods
 * @param pricePerPiece the price of one piece, rounded by R2; where pieces differ in price, the one shown
 * @param shownPerPiece the total over the pieces, rounded by R2, only for show
 * @param total what counts, rounded by R3
 * @param reduced how much less it is by breaks: than its pieces at the price below the first break, or where there is none,
 *     at the first; never below 0
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
        @Nullable BigDecimal amount,
        @Nullable BigDecimal shelfPrice,
        Money pricePerPiece,
        Money shownPerPiece,
        Money total,
        Money reduced,
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
                null,
                item.shelfPrice(),
                each,
                each,
                total,
                rounding.lineTotal(BigDecimal.ZERO),
                null,
                null,
                null,
                List.of(),
                "",
                Reckoning.NOT_ASKED);
    }

    /** What its pieces, or their billable units where they are measured, cost the shop; none where nobody said. */
    public @Nullable BigDecimal cost() {
        BigDecimal each = item.unitCost();
        return each == null ? null : each.multiply(units(), Decimals.EXACT);
    }

    /** What a unit cost is of: its pieces, or all their billable units where they are measured. */
    public BigDecimal units() {
        BigDecimal pieces = BigDecimal.valueOf(quantity);
        return billable == null ? pieces : pieces.multiply(billable.value(), Decimals.EXACT);
    }

    /** Whether a piece costs less than the shelf price. */
    public boolean isReduced() {
        return shelfPrice != null && shelfPrice.compareTo(pricePerPiece.value()) > 0;
    }
}
