package dev.steelyard.web.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.pricing.BasketTotal;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.page.ReckoningText;
import dev.steelyard.web.page.Show;
import dev.steelyard.web.shown.AnswerWords;
import dev.steelyard.web.shown.NextText;
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
     * @param id of the basket's line
     * @param answers “Length 523 cm”, one for each
     * @param variants “2 × cotton, 1 × polyester”; empty where one goes for all
     * @param refusal why it has no price; none where it has one
     * @param shelf the shelf price where it is higher than the price paid; none else
     * @param version of the card that prices it; none for the shelf price
     */
    public record Line(
            long id,
            String sku,
            String name,
            int quantity,
            List<String> answers,
            String variants,
            @Nullable String refusal,
            String perPiece,
            @Nullable String shelf,
            String total,
            @Nullable String next,
            @Nullable CardInForce version,
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
                            ? priced(picked, line, shopper, book)
                            : refused(picked, (RefusedLine) results.get(i), shopper, book));
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
        return book.book().explain(shopper.orderLines(book), shopper.customer(), shopper.at());
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

    private static Line priced(Shopper.Picked picked, PricedLine line, Shopper shopper, BookInForce book) {
        int decimals = line.shownPerPiece().value().scale();
        int minor = book.shop().minorDigits();
        Offer offer = Offer.of(picked.sku(), shopper.customer(), shopper.at(), book);
        Asked asked = new Asked(
                line.item(), picked.quantity(), picked.line(shopper, book).answers(), shopper.group(), shopper.day());
        return new Line(
                picked.id(),
                picked.sku(),
                picked.variants().isEmpty()
                        ? line.item().name()
                        : line.item().product().name(),
                picked.quantity(),
                answers(picked, offer),
                variants(picked, book),
                null,
                Show.money(line.shownPerPiece().value(), decimals),
                line.isReduced() ? Show.money(line.shelfPrice(), decimals) : null,
                Show.money(line.total().value(), minor),
                offer == null
                        ? null
                        : NextText.of(line, offer.card(), asked, book.shop().rules(), minor),
                offer == null ? null : book.version(offer.card()),
                ReckoningText.of(line.reckoning()));
    }

    private static Line refused(Shopper.Picked picked, RefusedLine refused, Shopper shopper, BookInForce book) {
        String why = refused.place().equals(Place.SKU) ? "This is no longer sold." : refused.message() + ".";
        Offer offer = Offer.of(picked.sku(), shopper.customer(), shopper.at(), book);
        return new Line(
                picked.id(),
                picked.sku(),
                picked.name(),
                picked.quantity(),
                answers(picked, offer),
                variants(picked, book),
                Character.toUpperCase(why.charAt(0)) + why.substring(1),
                "",
                null,
                "",
                null,
                null,
                List.of());
    }

    /** The answers in words, as the card that prices the line asks for them. */
    static List<String> answers(Shopper.Picked picked, @Nullable Offer offer) {
        return offer == null
                ? List.of()
                : AnswerWords.of(
                        offer.card().card(),
                        picked.answers().answers(offer.card().card()));
    }

    /** The variants of a lot's pieces, counted. */
    public static String variants(Shopper.Picked picked, BookInForce book) {
        List<String> pieces = Typed.forPieces(picked.variants(), picked.quantity()).stream()
                .map(sku -> {
                    Item item = book.book().item(new Sku(sku));
                    return item == null || item.variant() == null
                            ? sku
                            : item.variant().name();
                })
                .toList();
        return AnswerWords.counted(pieces);
    }
}
