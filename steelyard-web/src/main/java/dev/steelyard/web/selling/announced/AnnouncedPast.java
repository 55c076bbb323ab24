package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.Announced;
import dev.steelyard.core.announced.AnnouncedPrices;
import dev.steelyard.core.announced.LowestPrice;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.book.Transitions;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.goods.past.PastShelfPrices;
import dev.steelyard.web.selling.announced.AnnouncedSpans.New;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Fills days of before anything was kept: as far back as nothing of an item has changed by itself, by the versions of cards and
 * deals that counted then; before that from the history of its shelf price, where it is sold at that now. What history does
 * not tell is left open.
 */
@Component
class AnnouncedPast {

    private static final int DAYS = 2 * LowestPrice.DAYS;
    private static final int TOGETHER = 5_000;

    private final PastShelfPrices past;
    private final LastChanges changes;
    private final Books books;
    private final AnnouncedSpans spans;

    AnnouncedPast(PastShelfPrices past, LastChanges changes, Books books, AnnouncedSpans spans) {
        this.past = past;
        this.changes = changes;
        this.books = books;
        this.spans = spans;
    }

    /**
     * Fills the days until a moment.
     *
     * @param open takes what is announced at its end, as {@link AnnouncedSpans#written} has it
     */
    void fill(BookInForce book, ZonedDateTime now, Map<String, String> open) {
        Instant first = now.minusDays(DAYS).toInstant();
        Instant shop = changes.shop();
        Instant known = shop == null ? now.toInstant() : later(first, shop);
        Map<Long, Instant> products = changes.products();
        Set<Long> repriced =
                past.changed(book.sold()).stream().map(SoldProduct::id).collect(Collectors.toSet());
        BookInForce then = books.since(book, known);
        Filling filling = new Filling(then, known.atZone(now.getZone()), now);
        List<New> all = new ArrayList<>();
        for (SoldProduct product : book.sold()) {
            Instant start = later(known, products.getOrDefault(product.id(), known));
            for (Item item : product.product().items()) {
                New last = filling.item(item, start, all);
                if (last != null) {
                    open.put(last.sku(), AnnouncedSpans.written(last.announced()));
                    if (repriced.contains(product.id())) {
                        shelf(product.id(), item, last.announced(), start, first, all);
                    }
                }
            }
            if (all.size() >= TOGETHER) {
                spans.begin(all);
                all.clear();
            }
        }
        spans.begin(all);
    }

    private static Instant later(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }

    /** Where one piece costs the shelf price and nothing for a time is in it, it is taken to have been so before. */
    private void shelf(long product, Item item, Announced announced, Instant until, Instant first, List<New> to) {
        if (announced.per() != null
                || announced.forATime()
                || item.shelfPrice() == null
                || item.shelfPrice().compareTo(announced.price()) != 0) {
            return;
        }
        Instant end = until;
        for (PastShelfPrices.Step step : past.of(product, item.variant())) {
            Instant from = later(first, step.since());
            if (from.isBefore(end)) {
                to.add(new New(item.sku().value(), new Announced(step.price(), null, false), from, end));
                end = from;
            }
        }
    }

    /** Works out what was announced from moment to moment. */
    private static final class Filling {

        private final AnnouncedPrices prices;
        private final ZonedDateTime now;
        private final NavigableSet<ZonedDateTime> moments;
        private final Set<Product> changing;

        Filling(BookInForce then, ZonedDateTime first, ZonedDateTime now) {
            Transitions transitions = new Transitions(then);
            this.prices = OwnersTimes.prices(then);
            this.now = now;
            this.moments = transitions.between(first, now);
            this.changing = transitions.products();
        }

        /** The price at the end; none where there is none. */
        @Nullable
        New item(Item item, Instant start, List<New> to) {
            ZonedDateTime begins = start.atZone(now.getZone());
            New open = begun(item, begins);
            if (changing.contains(item.product())) {
                for (ZonedDateTime moment : moments.tailSet(begins, false)) {
                    New next = begun(item, moment);
                    if (!written(open).equals(written(next))) {
                        end(open, moment, to);
                        open = next;
                    }
                }
            }
            if (open != null && begins.isBefore(now)) {
                to.add(open);
                return open;
            }
            return null;
        }

        private static String written(@Nullable New one) {
            return AnnouncedSpans.written(one == null ? null : one.announced());
        }

        private @Nullable New begun(Item item, ZonedDateTime at) {
            return prices.of(item, at)
                    .map(price -> new New(item.sku().value(), price, at.toInstant(), null))
                    .orElse(null);
        }

        private static void end(@Nullable New one, ZonedDateTime at, List<New> to) {
            if (one != null) {
                to.add(new New(one.sku(), one.announced(), one.from(), at.toInstant()));
            }
        }
    }
}
