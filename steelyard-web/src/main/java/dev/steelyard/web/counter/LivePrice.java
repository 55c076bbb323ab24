package dev.steelyard.web.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.page.NextBreakText;
import dev.steelyard.web.page.ReckoningText;
import dev.steelyard.web.page.Show;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a product page says for a variant and a quantity: the price of so many more pieces, together with those already
 * in the basket.
 *
 * @param quantityFault why the quantity cannot be taken; none where it can
 * @param refusal why there is no price whatever the quantity; none where there is one
 * @param together “together with 6 in your basket”; none where there are none that count
 */
record LivePrice(
        String sku,
        @Nullable String quantityFault,
        @Nullable String refusal,
        String pieces,
        String perPiece,
        @Nullable String shelf,
        String total,
        String currency,
        @Nullable String next,
        @Nullable String together,
        List<Tier> tiers,
        List<ReckoningText.Line> steps) {

    /**
     * One cell of the price table.
     *
     * @param range “10 to 24”
     * @param off “6.8 % off”; empty for the shelf price
     * @param reached whether it is the one that counts now
     */
    record Tier(String range, String price, String off, boolean reached) {}

    static LivePrice of(String sku, String typed, Shopper shopper, BookInForce book) {
        Item item = Skus.item(sku, book);
        if (item == null || item.shelfPrice() == null) {
            return none(sku, null, "No price yet. It cannot be bought until it has one.", book, List.of());
        }
        DecimalText.Reading reading = Quantity.read(typed);
        BigDecimal quantity = reading.value();
        if (quantity == null) {
            String fault = reading.fault() == null ? "" : reading.fault().message();
            return none(sku, fault, null, book, tiers(item, 0, shopper, book));
        }
        int pieces = quantity.intValueExact();
        LineResult result = priceWithBasket(sku, pieces, shopper, book);
        if (result instanceof RefusedLine refused) {
            return none(sku, refused.message(), null, book, tiers(item, 0, shopper, book));
        }
        return priced(sku, pieces, (PricedLine) result, shopper, book);
    }

    /** As the basket would price the line once these pieces are in it too. */
    private static LineResult priceWithBasket(String sku, int pieces, Shopper shopper, BookInForce book) {
        List<OrderLine> lines = new ArrayList<>(shopper.orderLines());
        lines.removeIf(line -> line.sku().value().equals(sku));
        lines.add(new OrderLine(new Sku(sku), (long) pieces + shopper.piecesOf(sku)));
        List<LineResult> results = book.book().explain(lines, shopper.customer(), shopper.at());
        return results.get(results.size() - 1);
    }

    private static LivePrice priced(String sku, int pieces, PricedLine line, Shopper shopper, BookInForce book) {
        Rounding rounding = book.shop().rules().roundingFor(line.item());
        int decimals = rounding.unitPriceDecimals();
        Money total = rounding.lineTotal(line.pricePerPiece().times(pieces));
        long others = line.counted() - pieces;
        return new LivePrice(
                sku,
                null,
                null,
                Show.whole(pieces) + (pieces == 1 ? " piece" : " pieces"),
                Show.money(line.pricePerPiece().value(), decimals),
                line.isReduced() ? Show.money(line.shelfPrice(), decimals) : null,
                Show.money(total.value(), book.shop().minorDigits()),
                book.shop().currency(),
                NextBreakText.of(line),
                others > 0 ? "together with " + Show.whole(others) + " in your basket" : null,
                tiers(line.item(), line.counted(), shopper, book),
                ReckoningText.of(line.reckoning()));
    }

    private static LivePrice none(
            String sku, @Nullable String fault, @Nullable String refusal, BookInForce book, List<Tier> tiers) {
        return new LivePrice(
                sku, fault, refusal, "", "", null, "", book.shop().currency(), null, null, tiers, List.of());
    }

    private static List<Tier> tiers(Item item, long counted, Shopper shopper, BookInForce book) {
        return PieceCurve.of(
                        item,
                        shopper.group(),
                        shopper.day(),
                        book.shop().rules().roundingFor(item))
                .map(curve -> curve.stretches().stream()
                        .map(stretch -> tier(stretch, Objects.requireNonNull(item.shelfPrice()), counted))
                        .toList())
                .orElse(List.of());
    }

    private static Tier tier(Stretch stretch, BigDecimal shelf, long counted) {
        BigDecimal price = stretch.perPiece().value();
        boolean cheaper = shelf.compareTo(price) > 0;
        return new Tier(
                range(stretch),
                Show.money(price, price.scale()),
                cheaper ? Show.percent(shelf.subtract(price), shelf) + " off" : "",
                counted >= stretch.from() && counted < stretch.until());
    }

    private static String range(Stretch stretch) {
        if (stretch.last() >= Quantity.MOST) {
            return stretch.from() == 1 ? "any number" : Show.whole(stretch.from()) + " and more";
        }
        return stretch.from() == stretch.last()
                ? Show.whole(stretch.from())
                : Show.whole(stretch.from()) + " to " + Show.whole(stretch.last());
    }
}
