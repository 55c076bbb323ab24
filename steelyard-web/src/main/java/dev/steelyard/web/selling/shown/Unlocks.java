package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Next;
import dev.steelyard.core.deal.Next.Need;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
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
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Finds changes of a basket that unlock a deal or its next row. Each is tried before it is offered: the changed basket is
 * priced, and only where the deal then gives more is there a button.
 */
public final class Unlocks {

    private static final int MOST_HINTS = 3;
    private static final int MOST_LINES = 100;
    private static final int MOST_TRIED = 4;
    private static final int MOST_PRICED = 500;

    /** Of all goods that would do, those with the lowest shelf price are priced; made to measure ones have none. */
    private static final Comparator<Item> BY_SHELF_PRICE =
            Comparator.comparing(Item::shelfPrice, Comparator.nullsLast(Comparator.naturalOrder()));

    private static final BigDecimal NEAR = new BigDecimal("0.4");
    private static final int NEAR_PIECES = 3;

    private final List<OrderLine> lines;
    private final IntPredicate mayRaise;
    private final Occasion occasion;
    private final PricedBasket now;
    private final BookInForce book;
    private final Words words;
    // the same goods stand behind several hints
    private final Map<Sku, Optional<BigDecimal>> prices = new HashMap<>();

    private Unlocks(
            List<OrderLine> lines,
            IntPredicate mayRaise,
            Occasion occasion,
            PricedBasket now,
            BookInForce book,
            Words words) {
        this.lines = lines;
        this.mayRaise = mayRaise;
        this.occasion = occasion;
        this.now = now;
        this.book = book;
        this.words = words;
    }

    /**
     * What would unlock a deal, with the change that does it.
     *
     * @param words “Add 12.40 of Rope for 5 % off”
     * @param button what the change is: “Add 1 × Deck brush”
     * @param line the place of the line whose quantity is to be changed; none where something is to be put in
     * @param sku of what is to be put in; none where a quantity is to be changed
     * @param quantity the line's new quantity, or of what is put in
     * @param pays how much less, or more, is paid for it: “and you pay 2.10 more in all”
     * @param toPay what is paid then
     */
    public record Unlock(
            Next next,
            String words,
            String button,
            @Nullable Integer line,
            @Nullable String sku,
            int quantity,
            String pays,
            Money toPay) {}

    /** A changed basket. */
    private record Change(
            String button, @Nullable Integer line, @Nullable String sku, int quantity, List<OrderLine> basket) {}

    /**
     * The nearest few.
     *
     * @param mayRaise whether the pieces of the line at a place may be made more
     */
    public static List<Unlock> of(
            List<OrderLine> lines,
            IntPredicate mayRaise,
            Occasion occasion,
            PricedBasket now,
            BookInForce book,
            Words words) {
        if (!now.sellable() || lines.isEmpty() || lines.size() > MOST_LINES) {
            return List.of();
        }
        Unlocks unlocks = new Unlocks(lines, mayRaise, occasion, now, book, words);
        return now.dealt().next().stream()
                .filter(unlocks::near)
                .limit(MOST_HINTS)
                .map(unlocks::unlock)
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

    private Optional<Unlock> unlock(Next next) {
        BigDecimal before = saved(now, next.deal());
        Change best = null;
        PricedBasket bestPriced = null;
        for (Change change : changes(next)) {
            PricedBasket then = book.book().explainBasket(change.basket, occasion);
            boolean unlocks = then.sellable() && saved(then, next.deal()).compareTo(before) > 0 && isWorthIt(then);
            if (unlocks && (bestPriced == null || then.toPay().compareTo(bestPriced.toPay()) < 0)) {
                best = change;
                bestPriced = then;
            }
        }
        if (best == null || bestPriced == null) {
            return Optional.empty();
        }
        return Optional.of(new Unlock(
                next,
                DealText.next(next, book.book(), book::category, book.shop().minorDigits(), words),
                best.button,
                best.line,
                best.sku,
                best.quantity,
                paid(bestPriced),
                bestPriced.toPay()));
    }

    private String paid(PricedBasket then) {
        BigDecimal more = then.toPay().value().subtract(now.toPay().value());
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
                .filter(place -> next.goods().has(line(place).item()) && mayRaise.test(place))
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
        OrderLine picked = lines.get(place);
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
        List<OrderLine> others = new ArrayList<>(lines);
        others.set(place, new OrderLine(picked.sku(), quantity, picked.answers()));
        return Optional.of(new Change(
                words.text(
                        "unlock.raise",
                        "count",
                        quantity - picked.quantity(),
                        "name",
                        words.in(line.item().told())),
                place,
                null,
                quantity,
                others));
    }

    /** The cheapest of some goods about which nothing is asked and which are not in the basket yet. */
    private Optional<Item> cheapest(GoodsSet goods) {
        Item best = null;
        BigDecimal least = null;
        Set<Sku> there = lines.stream().map(OrderLine::sku).collect(Collectors.toSet());
        for (Item item : book.directory()
                .items(goods)
                .filter(one -> !there.contains(one.sku()))
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
        Offer offer = Offer.of(item.sku().value(), occasion.customer(), occasion.at(), book);
        return offer == null ? OrderQuantity.ANY : book.shop().rules().orders(offer.card());
    }

    /** Of a piece of what is ordered at least; none for goods about which something is asked, and where they have no price. */
    private @Nullable BigDecimal reckonOne(Item item) {
        Offer offer = Offer.of(item.sku().value(), occasion.customer(), occasion.at(), book);
        boolean plain = offer != null && offer.card().card().asks().isEmpty() && !offer.variantForEachPiece();
        long fewest = orders(item).smallest().orElse(1);
        return plain
                        && book.book()
                                        .price(
                                                List.of(new OrderLine(item.sku(), fewest)),
                                                occasion.customer(),
                                                occasion.at())
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
        List<OrderLine> others = new ArrayList<>(lines);
        others.add(new OrderLine(item.sku(), quantity));
        return Optional.of(new Change(
                words.text("unlock.add", "count", quantity, "name", words.in(item.told())),
                null,
                item.sku().value(),
                quantity,
                others));
    }
}
