package dev.steelyard.format;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.NumberSays;
import dev.steelyard.format.Document.Expected;
import dev.steelyard.format.Document.Line;
import dev.steelyard.format.Document.Order;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Prices the orders of a document. */
public final class Trials {

    private Trials() {}

    /**
     * Prices one order with its reckoning.
     *
     * @param now counts where the order says no time
     */
    public static LineResult price(Document document, Order order, ZonedDateTime now) {
        return price(document, book(document), order, now, Wanted.ALWAYS);
    }

    /** The same with the document's book, made once for all of its orders, for as long as it is wanted. */
    public static LineResult price(Document document, PriceBook book, Order order, ZonedDateTime now, Wanted wanted) {
        List<OrderLine> lines = new ArrayList<>();
        for (Line line : order.before()) {
            lines.add(line(document, line));
        }
        lines.add(line(document, order.line()));
        ZonedDateTime at = order.at() == null ? now : order.at();
        LineResult result = book.explain(lines, order.customer(), at, wanted).get(lines.size() - 1);
        RefusedLine quantity = badQuantity(order.line().quantity());
        boolean unknown =
                result instanceof RefusedLine refused && refused.place().equals(Place.SKU);
        return quantity == null || unknown ? result : quantity;
    }

    /** The document's card above the shelf price, for its goods. The card counts whatever state it is in. */
    public static PriceBook book(Document document) {
        RateCard card = document.card().card();
        PreparedCard counted = card.state() == CardState.LIVE
                ? document.card()
                : PreparedCard.prepare(
                                card.toBuilder().state(CardState.LIVE).build(),
                                document.shop().currency().getCurrencyCode())
                        .orThrow();
        return PriceBook.of(document.shop(), List.of(counted), List.of(document.product()));
    }

    private static OrderLine line(Document document, Line line) {
        Sku sku = line.sku() == null ? document.product().sku() : new Sku(line.sku());
        long quantity = Quantity.allowed(line.quantity()) ? line.quantity().longValueExact() : 0;
        return new OrderLine(sku, quantity, line.answers());
    }

    /** A number that is no whole one is refused as it was given. */
    static @Nullable RefusedLine badQuantity(BigDecimal quantity) {
        if (Quantity.allowed(quantity)) {
            return null;
        }
        DecimalText.Fault fault = Quantity.read(quantity.toPlainString()).fault();
        return new RefusedLine(Place.QUANTITY, NumberSays.quantity(Objects.requireNonNull(fault)));
    }

    /** Whether an order came to what was expected; none where nothing was said or it did, else what differs. */
    public static @Nullable String mismatch(Order order, LineResult result) {
        Expected expected = order.expected();
        if (expected == null) {
            return null;
        }
        if (result instanceof RefusedLine refused) {
            String place = refused.place().code();
            return place.equals(expected.refused())
                    ? null
                    : "expected " + words(expected) + ", but it is refused (" + place + "): "
                            + Words.owners().say(refused.what());
        }
        PricedLine line = (PricedLine) result;
        boolean same = expected.refused() == null
                && equal(expected.line(), line.total().value())
                && equal(expected.unit(), line.shownPerPiece().value())
                && (expected.billable() == null
                        || line.billable() != null
                                && equal(
                                        expected.billable(),
                                        line.billable().value().setScale(6, RoundingMode.HALF_UP)));
        return same
                ? null
                : "expected " + words(expected) + ", but it comes to " + line.total() + " (" + line.shownPerPiece()
                        + " each" + (line.billable() == null ? "" : ", " + line.billable()) + ")";
    }

    private static String words(Expected expected) {
        if (expected.refused() != null) {
            return "a refusal (" + expected.refused() + ")";
        }
        List<String> words = new ArrayList<>();
        if (expected.line() != null) {
            words.add(expected.line().toPlainString());
        }
        if (expected.unit() != null) {
            words.add(expected.unit().toPlainString() + " each");
        }
        if (expected.billable() != null) {
            words.add("billable " + expected.billable().toPlainString());
        }
        return String.join(", ", words);
    }

    private static boolean equal(@Nullable BigDecimal expected, BigDecimal found) {
        return expected == null || expected.compareTo(found) == 0;
    }
}
