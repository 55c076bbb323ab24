package dev.steelyard.web.counter;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.BasketTotal;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.page.NextBreakText;
import dev.steelyard.web.page.ReckoningText;
import dev.steelyard.web.page.Show;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A priced basket as shown.
 *
 * @param total none where there is nothing, or it is too large to be sold
 * @param refusal why the basket as a whole cannot be ordered; none where it can
 */
public record BasketView(List<Line> lines, @Nullable String total, String currency, @Nullable String refusal) {

    /**
     * A line as shown.
     *
     * @param refusal why it has no price; none where it has one
     * @param shelf the shelf price where it is higher than the price paid; none else
     */
    public record Line(
            String sku,
            String name,
            int quantity,
            @Nullable String refusal,
            String perPiece,
            @Nullable String shelf,
            String total,
            @Nullable String next,
            List<ReckoningText.Line> steps) {}

    /** Prices a shopper's basket by a book, each line with its reckoning. */
    public static BasketView of(Shopper shopper, BookInForce book) {
        return of(shopper, price(shopper, book), book);
    }

    /** Shows a basket that {@link #price} has priced. */
    public static BasketView of(Shopper shopper, List<LineResult> results, BookInForce book) {
        int minor = book.shop().minorDigits();
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < results.size(); i++) {
            Shopper.Picked picked = shopper.picked().get(i);
            lines.add(
                    results.get(i) instanceof PricedLine line
                            ? priced(picked, line, minor)
                            : refused(picked, (RefusedLine) results.get(i)));
        }
        Money total = BasketTotal.of(results, book.shop().rules().rounding());
        return new BasketView(
                List.copyOf(lines),
                total == null || lines.isEmpty() ? null : Show.money(total.value(), minor),
                book.shop().currency(),
                refusal(lines, total));
    }

    /** The bare results, a line each. */
    public static List<LineResult> price(Shopper shopper, BookInForce book) {
        return book.book().explain(shopper.orderLines(), shopper.customer(), shopper.at());
    }

    private static @Nullable String refusal(List<Line> lines, @Nullable Money total) {
        if (lines.isEmpty()) {
            return "Your basket is empty.";
        }
        if (lines.stream().anyMatch(line -> line.refusal() != null)) {
            return "Something in the basket cannot be ordered; take it out first.";
        }
        return total == null ? "This comes to more than can be ordered at once." : null;
    }

    private static Line priced(Shopper.Picked picked, PricedLine line, int minor) {
        int decimals = line.pricePerPiece().value().scale();
        return new Line(
                picked.sku(),
                picked.name(),
                picked.quantity(),
                null,
                Show.money(line.shownPerPiece().value(), decimals),
                line.isReduced() ? Show.money(line.shelfPrice(), decimals) : null,
                Show.money(line.total().value(), minor),
                NextBreakText.of(line),
                ReckoningText.of(line.reckoning()));
    }

    private static Line refused(Shopper.Picked picked, RefusedLine refused) {
        String why = refused.place().equals(Place.SKU) ? "This is no longer sold." : refused.message() + ".";
        return new Line(picked.sku(), picked.name(), picked.quantity(), why, "", null, "", null, List.of());
    }
}
