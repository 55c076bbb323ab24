package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.pricing.RefusedLine.Place;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * All that a price depends on, at one moment: goods, live cards in their order, the shop's rules. Immutable and safe to
 * share between threads; a change of prices is a new book.
 *
 * <p>Days are days in the shop's time zone. Books have no clock: the day is always given.
 */
public final class PriceBook {

    private final ShopRules rules;
    private final List<RateCard> order;
    private final Map<Sku, Item> items;

    private PriceBook(ShopRules rules, List<RateCard> order, Map<Sku, Item> items) {
        this.rules = rules;
        this.order = order;
        this.items = items;
    }

    /**
     * A book of these goods and cards, the cards in the order in which they are tried; {@link RateCard#SHELF_PRICE}
     * comes last by itself.
     *
     * @throws IllegalArgumentException where two goods have the same SKU
     */
    public static PriceBook of(ShopRules rules, List<RateCard> cards, List<Product> products) {
        Map<Sku, Item> items = new HashMap<>();
        for (Product product : products) {
            for (Item item : product.items()) {
                if (items.put(item.sku(), item) != null) {
                    throw new IllegalArgumentException("two goods have the SKU " + item.sku());
                }
            }
        }
        List<RateCard> order = new ArrayList<>(cards);
        order.add(RateCard.SHELF_PRICE);
        return new PriceBook(rules, List.copyOf(order), Map.copyOf(items));
    }

    public ShopRules rules() {
        return rules;
    }

    /** What a SKU orders; none where nothing of that SKU is sold. */
    public @Nullable Item item(Sku sku) {
        return items.get(sku);
    }

    /** Prices the lines of one basket with their reckonings; the answer has a result for each line, in order. */
    public List<LineResult> explain(List<OrderLine> lines, Customer customer, LocalDate day) {
        return price(lines, customer, day, true);
    }

    /** Prices the lines of one basket; the answer has a result for each line, in order, without reckonings. */
    public List<LineResult> price(List<OrderLine> lines, Customer customer, LocalDate day) {
        return price(lines, customer, day, false);
    }

    private List<LineResult> price(List<OrderLine> lines, Customer customer, LocalDate day, boolean explain) {
        Map<Sku, Long> piecesOfProduct = countByProduct(lines);
        List<LineResult> results = new ArrayList<>(lines.size());
        for (OrderLine line : lines) {
            RefusedLine refused = refusal(line);
            results.add(refused != null ? refused : price(line, customer, day, piecesOfProduct, explain));
        }
        return List.copyOf(results);
    }

    private LineResult price(
            OrderLine line, Customer customer, LocalDate day, Map<Sku, Long> piecesOfProduct, boolean explain) {
        Item item = itemOf(line);
        CardChoice choice = CardChoice.of(order, item.product(), customer, day);
        Ladder ladder = choice.card().ladderFor(item);
        BreaksInForce breaks = ladder == null ? null : ladder.inForce(customer.group(), day);
        long counted = ladder != null && ladder.over() == Over.PRODUCT
                ? piecesOfProduct.getOrDefault(item.product().sku(), line.quantity())
                : line.quantity();
        return new LinePricer(item, choice, breaks, rules.roundingFor(item)).price(line.quantity(), counted, explain);
    }

    /** Refused lines count nothing. */
    private Map<Sku, Long> countByProduct(List<OrderLine> lines) {
        Map<Sku, Long> pieces = new HashMap<>();
        for (OrderLine line : lines) {
            if (refusal(line) == null) {
                pieces.merge(itemOf(line).product().sku(), line.quantity(), Long::sum);
            }
        }
        return pieces;
    }

    private @Nullable RefusedLine refusal(OrderLine line) {
        Item item = items.get(line.sku());
        if (item == null) {
            return new RefusedLine(Place.SKU, "nothing with the SKU " + line.sku() + " is sold here");
        }
        if (!Quantity.allowed(line.quantity())) {
            return new RefusedLine(
                    Place.QUANTITY,
                    line.quantity() + " pieces cannot be ordered; order " + Quantity.LEAST + " to " + Quantity.MOST);
        }
        return item.shelfPrice() == null ? LinePricer.noShelfPrice(item) : null;
    }

    private Item itemOf(OrderLine line) {
        return Objects.requireNonNull(items.get(line.sku()));
    }
}
