package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Next;
import dev.steelyard.core.deal.Next.Need;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.web.selling.shown.TypedAnswers;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import org.jspecify.annotations.Nullable;

/**
 * Finds changes of a basket that unlock a deal or its next row. Each is tried before it is offered: the changed basket is
 * priced, and only where the deal then gives more is there a button.
 */
final class Unlocks {

    private static final int MOST_HINTS = 3;
    private static final int MOST_LINES = 100;
    private static final int MOST_TRIED = 4;
    private static final int MOST_PRICED = 500;

    /** Of all goods that would do, those with the lowest shelf price are priced; made to measure ones have none. */
    private static final Comparator<Item> BY_SHELF_PRICE =
            Comparator.comparing(Item::shelfPrice, Comparator.nullsLast(Comparator.naturalOrder()));

    private static final BigDecimal NEAR = new BigDecimal("0.4");
    private static final int NEAR_PIECES = 3;

    private final Shopper shopper;
    private final PricedBasket now;
    private final BookInForce book;
    // the same goods stand behind several hints
    private final Map<Sku, Optional<BigDecimal>> prices = new HashMap<>();

    private Unlocks(Shopper shopper, PricedBasket now, BookInForce book) {
        this.shopper = shopper;
        this.now = now;
        this.book = book;
    }

    /** A changed basket. */
    private record Change(String button, @Nullable Long line, @Nullable String sku, int quantity, Shopper shopper) {}

    /** The nearest few. */
    static List<Hint> of(Shopper shopper, PricedBasket now, BookInForce book) {
        if (!now.sellable() || shopper.picked().isEmpty() || shopper.picked().size() > MOST_LINES) {
            return List.of();
        }
        Unlocks unlocks = new Unlocks(shopper, now, book);
        return now.dealt().next().stream()
                .filter(unlocks::near)
                .limit(MOST_HINTS)
                .map(unlocks::hint)
                .flatMap(Optional::stream)
                .toList();
    }

    private boolean near(Next next) {
        if (next.need() != Need.SPEND || next.row() == null) {
            return next.much().compareTo(BigDecimal.valueOf(NEAR_PIECES)) <= 0
                    || next.row() != null
                            && next.much().compareTo(next.row().from().multiply(NEAR)) <= 0;
        }
        return next.much().compareTo(next.row().from().multiply(NEAR)) <= 0;
    }

    private Optional<Hint> hint(Next next) {
        BigDecimal before = saved(now, next.deal());
        Change best = null;
        PricedBasket bestPriced = null;
        for (Change change : changes(next)) {
            PricedBasket then = PricedPicks.of(change.shopper, book).basket();
            boolean unlocks = then.sellable() && saved(then, next.deal()).compareTo(before) > 0 && isWorthIt(then);
            if (unlocks && (bestPriced == null || then.toPay().compareTo(bestPriced.toPay()) < 0)) {
                best = change;
                bestPriced = then;
            }
        }
        String words =
                DealText.next(next, book.book(), book::category, book.shop().minorDigits(), shopper.words());
        if (best == null || bestPriced == null) {
            return Optional.empty();
        }
        return Optional.of(new Hint(words, best.button, best.line, best.sku, best.quantity, paid(bestPriced)));
    }

    private String paid(PricedBasket then) {
        BigDecimal more = then.toPay().value().subtract(now.toPay().value());
        Words words = shopper.words();
        String much = words.number(more.abs(), book.shop().minorDigits());
        return more.signum() > 0
                ? words.text("unlock.pay-more", "money", much)
                : more.signum() < 0 ? words.text("unlock.pay-less", "money", much) : words.text("unlock.pay-same");
    }

    /** A hint is worth it for the shop too: all its deals give no more of the basket than the owner's bound. */
    private boolean isWorthIt(PricedBasket then) {
        BigDecimal given = then.before().value().subtract(then.total().value());
        BigDecimal most =
                then.before().value().multiply(book.shop().bounds().hintGives()).movePointLeft(2);
        return given.compareTo(most) <= 0;
    }

    private static BigDecimal saved(PricedBasket basket, Deal deal) {
        return basket.dealt().used().stream()
                .filter(used -> used.deal() == deal)
                .map(used -> used.saved().value())
                .findFirst()
                .orElse(BigDecimal.ZERO);
    }

    private List<Change> changes(Next next) {
        List<Change> changes = new ArrayList<>();
        if (next.need() != Need.PRODUCTS && next.need() != Need.SKUS) {
            raised(next, changes);
        }
        if (changes.isEmpty() && (next.need() == Need.SPEND || next.much().compareTo(BigDecimal.ONE) == 0)) {
            cheapest(next.goods()).flatMap(item -> added(next, item)).ifPresent(changes::add);
        }
        return changes;
    }

    /** More pieces of lines that are there, of those that cost least for it. */
    private void raised(Next next, List<Change> to) {
        now.places().stream()
                .filter(place -> next.goods().has(line(place).item())
                        && shopper.picked().get(place).variants().isEmpty())
                .sorted(Comparator.comparing(
                        place -> line(place).shownPerPiece().value().multiply(pieces(next, line(place)))))
                .limit(MOST_TRIED)
                .forEach(place -> raise(next, place).ifPresent(to::add));
    }

    private PricedLine line(int place) {
        return (PricedLine) now.lines().get(place);
    }

    private static BigDecimal pieces(Next next, PricedLine line) {
        if (next.need() != Need.SPEND) {
            return next.much();
        }
        BigDecimal each = line.shownPerPiece().value();
        return each.signum() == 0 ? BigDecimal.ZERO : next.much().divide(each, 0, RoundingMode.CEILING);
    }

    private Optional<Change> raise(Next next, int place) {
        PricedLine line = line(place);
        Shopper.Picked picked = shopper.picked().get(place);
        BigDecimal more = pieces(next, line);
        BigDecimal wanted = more.add(BigDecimal.valueOf(picked.quantity()));
        if (more.signum() == 0 || !Quantity.allowed(wanted)) {
            return Optional.empty();
        }
        OptionalLong ordered = orders(line.item()).from(wanted.longValueExact());
        if (ordered.isEmpty()) {
            return Optional.empty();
        }
        int quantity = Math.toIntExact(ordered.getAsLong());
        List<Shopper.Picked> others = new ArrayList<>(shopper.picked());
        others.set(place, picked.of(quantity));
        return Optional.of(new Change(
                shopper.words()
                        .text(
                                "unlock.raise",
                                "count",
                                quantity - picked.quantity(),
                                "name",
                                shopper.words().in(line.item().told())),
                picked.id(),
                null,
                quantity,
                shopper.with(others)));
    }

    /** The cheapest of some goods about which nothing is asked and which are not in the basket yet. */
    private Optional<Item> cheapest(GoodsSet goods) {
        Item best = null;
        BigDecimal least = null;
        List<String> there = shopper.picked().stream().map(Shopper.Picked::sku).toList();
        for (Item item : book.directory()
                .items(goods)
                .filter(one -> !there.contains(one.sku().value()))
                .sorted(BY_SHELF_PRICE)
                .limit(MOST_PRICED)
                .toList()) {
            BigDecimal price = priceOfOne(item);
            if (price != null && (least == null || price.compareTo(least) < 0)) {
                best = item;
                least = price;
            }
        }
        return Optional.ofNullable(best);
    }

    private @Nullable BigDecimal priceOfOne(Item item) {
        return prices.computeIfAbsent(item.sku(), any -> Optional.ofNullable(reckonOne(item)))
                .orElse(null);
    }

    private OrderQuantity orders(Item item) {
        Offer offer = Offer.of(item.sku().value(), shopper.customer(), shopper.at(), book);
        return offer == null ? OrderQuantity.ANY : book.shop().rules().orders(offer.card());
    }

    /** Of a piece of what is ordered at least; none for goods about which something is asked, and where they have no price. */
    private @Nullable BigDecimal reckonOne(Item item) {
        Offer offer = Offer.of(item.sku().value(), shopper.customer(), shopper.at(), book);
        boolean plain = offer != null && offer.card().card().asks().isEmpty() && !offer.variantForEachPiece();
        long fewest = orders(item).smallest().orElse(1);
        return plain
                        && book.book()
                                        .price(
                                                List.of(new OrderLine(item.sku(), fewest)),
                                                shopper.customer(),
                                                shopper.at())
                                        .get(0)
                                instanceof PricedLine line
                ? line.total().value().divide(BigDecimal.valueOf(fewest), Decimals.EXACT)
                : null;
    }

    private Optional<Change> added(Next next, Item item) {
        BigDecimal one = Objects.requireNonNull(priceOfOne(item));
        BigDecimal pieces = next.need() != Need.SPEND
                ? BigDecimal.ONE
                : one.signum() == 0 ? BigDecimal.ZERO : next.much().divide(one, 0, RoundingMode.CEILING);
        if (!Quantity.allowed(pieces)) {
            return Optional.empty();
        }
        OptionalLong ordered = orders(item).from(pieces.longValueExact());
        if (ordered.isEmpty()) {
            return Optional.empty();
        }
        int quantity = Math.toIntExact(ordered.getAsLong());
        List<Shopper.Picked> others = new ArrayList<>(shopper.picked());
        others.add(new Shopper.Picked(
                0, item.sku().value(), item.name(), quantity, new TypedAnswers(Map.of(), ""), List.of(), null));
        return Optional.of(new Change(
                shopper.words()
                        .text(
                                "unlock.add",
                                "count",
                                quantity,
                                "name",
                                shopper.words().in(item.told())),
                null,
                item.sku().value(),
                quantity,
                shopper.with(others)));
    }
}
