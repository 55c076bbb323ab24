package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.sold.replay.Tried;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Works out for whom a version of a card changes what they pay, before it is live. */
@Component
class Reaches {

    private static final int MOST_PRODUCTS = 5_000;
    private static final int MOST_BREAKS = 6;

    /** What has a price on one side only changes most. */
    private static final Comparator<Reach.Row> BY_SHARE =
            Comparator.comparing(row -> row.share() == null ? Double.MAX_VALUE : Math.abs(row.share()));

    private final Drafts drafts;
    private final Books books;
    private final Shops shops;

    Reaches(Drafts drafts, Books books, Shops shops) {
        this.drafts = drafts;
        this.books = books;
        this.shops = shops;
    }

    /** None where the version cannot be read. */
    @Nullable
    Reach of(long cardId, Side side) {
        PreparedCard prepared = side.prepared();
        if (prepared == null) {
            return null;
        }
        BookInForce book = books.inForce();
        Set<Product> ofLive = new LinkedHashSet<>();
        book.cards().stream().filter(live -> live.id() == cardId).forEach(live -> book.directory()
                .covered(live.card().card().covers())
                .forEach(ofLive::add));
        Set<Product> all = new LinkedHashSet<>();
        book.directory().covered(side.card().covers()).forEach(all::add);
        all.addAll(ofLive);
        List<Product> looked = all.stream().limit(MOST_PRODUCTS).toList();
        ZonedDateTime now = shops.now();
        Covers covers = side.card().covers();
        ZonedDateTime from = covers.times().from();
        ZonedDateTime at = from != null && from.isAfter(now) ? from : now;
        PreparedCard version = prepared.as(CardState.LIVE, covers);
        PriceBook then = PriceBook.of(side.subject().shop().rules(), order(cardId, version, book), looked);
        List<Reach.Row> rows = new ArrayList<>();
        int losing = 0;
        for (Product product : looked) {
            for (Item item : product.items()) {
                PreparedCard nowBy = Objects.requireNonNull(book.book().cardFor(item.sku(), Customer.EVERYONE, now));
                PreparedCard thenBy = Objects.requireNonNull(then.cardFor(item.sku(), Customer.EVERYONE, at));
                CardInForce live = book.version(nowBy);
                if (thenBy == version && live != null && live.id() != cardId) {
                    losing++;
                }
                quantities(item, nowBy, thenBy).stream()
                        .map(pieces -> row(
                                item,
                                pieces,
                                priced(book.book(), nowBy, item, pieces, now, side.subject()),
                                priced(then, thenBy, item, pieces, at, side.subject()),
                                side.subject().shop().minorDigits()))
                        .filter(Reach.Row::changes)
                        .max(BY_SHARE)
                        .ifPresent(rows::add);
            }
        }
        rows.sort(BY_SHARE.reversed());
        long left = ofLive.stream().filter(product -> !covers.covers(product)).count();
        return new Reach(List.copyOf(rows), losing, (int) left, all.size() > looked.size());
    }

    /** What orders would be priced by; none where the version cannot be read. */
    Optional<Tried> tried(long cardId, Side side, String label) {
        PreparedCard prepared = side.prepared();
        if (prepared == null) {
            return Optional.empty();
        }
        BookInForce book = books.inForce();
        PreparedCard version = prepared.as(CardState.LIVE, side.card().covers());
        Set<String> products = new HashSet<>();
        book.directory()
                .covered(side.card().covers())
                .forEach(one -> products.add(one.sku().value()));
        book.cards().stream().filter(live -> live.id() == cardId).forEach(live -> book.directory()
                .covered(live.card().card().covers())
                .forEach(one -> products.add(one.sku().value())));
        return Optional.of(new Tried(label, book.withCards(order(cardId, version, book)), products));
    }

    /** The fewest pieces that can be ordered, and the first breaks of both cards. */
    private static Set<Long> quantities(Item item, PreparedCard now, PreparedCard then) {
        Set<Long> quantities = new TreeSet<>();
        for (PreparedCard card : List.of(now, then)) {
            OrderQuantity orders = card.card().quantity();
            orders.smallest().ifPresent(quantities::add);
            PreparedLadder ladder = card.ladderFor(item);
            if (ladder != null && !ladder.countsAmount()) {
                ladder.breaks().all().stream()
                        .mapToLong(Break::pieces)
                        .distinct()
                        .limit(MOST_BREAKS)
                        .forEach(from -> orders.from(from).ifPresent(quantities::add));
            }
        }
        return quantities;
    }

    /** The live cards in their order, with the version in place of what is live of its card. */
    private List<PreparedCard> order(long cardId, PreparedCard version, BookInForce book) {
        List<Long> ids = drafts.ids(DraftKind.CARD);
        List<PreparedCard> order = new ArrayList<>();
        boolean put = false;
        for (CardInForce live : book.cards()) {
            if (!put && ids.indexOf(live.id()) >= ids.indexOf(cardId)) {
                order.add(version);
                put = true;
            }
            if (live.id() != cardId) {
                order.add(live.card());
            }
        }
        if (!put) {
            order.add(version);
        }
        return order;
    }

    /** @param total none where it has no price */
    private record Priced(String by, @Nullable BigDecimal total) {}

    /** An order with what its card asks for answered as the trial begins. */
    private static Priced priced(
            PriceBook book, PreparedCard card, Item item, long pieces, ZonedDateTime at, Subject subject) {
        TrialText text = new TrialText(Map.of(TrialText.SKU, item.sku().value(), TrialText.QUANTITY, "" + pieces))
                .filledFor(card.card(), subject);
        OrderLine line = new OrderLine(item.sku(), pieces, text.answers().answers(card.card()));
        BigDecimal total = book.price(List.of(line), Customer.EVERYONE, at).get(0) instanceof PricedLine priced
                ? priced.total().value()
                : null;
        return new Priced(card.card().name(), total);
    }

    private static Reach.Row row(Item item, long pieces, Priced was, Priced is, int minor) {
        BigDecimal before = was.total();
        BigDecimal after = is.total();
        boolean both = before != null && after != null;
        return new Reach.Row(
                item.sku().value(),
                item.name(),
                Quantity.words(pieces),
                before == null ? "" : Show.money(before, minor),
                was.by(),
                after == null ? "" : Show.money(after, minor),
                is.by(),
                both ? Comparison.difference(before, after, minor) : "",
                both && before.signum() != 0
                        ? after.subtract(before)
                                .divide(before, MathContext.DECIMAL32)
                                .doubleValue()
                        : null);
    }
}
