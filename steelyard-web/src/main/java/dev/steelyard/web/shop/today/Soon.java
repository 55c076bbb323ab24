package dev.steelyard.web.shop.today;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.DealInForce;
import dev.steelyard.web.editing.draft.Planned;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Something whose price begins or ends.
 *
 * @param when “1 March 2027”
 * @param what “begins” or “ends”
 * @param name of the card, deal or product
 * @param link to it
 */
record Soon(ZonedDateTime at, String when, String what, String name, String link) {

    private static final int MOST = 8;

    /**
     * The next ones, soonest first.
     *
     * @param ownPrices those of products that are planned
     */
    static List<Soon> of(BookInForce book, List<Planned> ownPrices, ZonedDateTime now) {
        List<Soon> all = new ArrayList<>();
        ownPrices.forEach(planned -> add(
                all,
                planned.starts().atZone(now.getZone()),
                now,
                "own prices, version " + planned.version() + ", begin",
                planned.name(),
                "/goods/" + planned.id() + "/live"));
        for (CardInForce live : book.cards()) {
            add(
                    all,
                    now,
                    live.card().card().covers().times(),
                    live.version(),
                    live.card().card().name(),
                    "/cards/" + live.id() + "/live",
                    until -> book.cards().stream()
                            .anyMatch(other -> other.id() == live.id()
                                    && until.equals(
                                            other.card().card().covers().times().from())));
        }
        for (DealInForce live : book.deals()) {
            add(
                    all,
                    now,
                    live.deal().conditions().times(),
                    live.version(),
                    live.deal().name(),
                    "/deals/" + live.id() + "/live",
                    until -> book.deals().stream()
                            .anyMatch(other -> other.id() == live.id()
                                    && until.equals(
                                            other.deal().conditions().times().from())));
        }
        for (Product product : book.goods()) {
            rows(product).stream().filter(row -> row.validity().dated()).forEach(row -> {
                String words =
                        "from " + row.from().toPlainString() + (row.group() == null ? "" : " for " + row.group());
                var from = row.validity().from();
                var until = row.validity().until();
                String link = "/history?subject=prices";
                add(
                        all,
                        from == null ? null : from.atStartOfDay(now.getZone()),
                        now,
                        words + " begins",
                        product.name(),
                        link);
                add(
                        all,
                        until == null ? null : until.atStartOfDay(now.getZone()),
                        now,
                        words + " ends",
                        product.name(),
                        link);
            });
        }
        return all.stream().sorted(Comparator.comparing(Soon::at)).limit(MOST).toList();
    }

    /** @param followed whether another version of the same takes its place at a moment */
    private static void add(
            List<Soon> to,
            ZonedDateTime now,
            Times times,
            long version,
            String name,
            String link,
            Predicate<ZonedDateTime> followed) {
        add(to, times.from(), now, "version " + version + " begins", name, link);
        if (times.until() != null && !followed.test(times.until())) {
            add(to, times.until(), now, "ends", name, link);
        }
    }

    private static List<Break> rows(Product product) {
        List<Break> rows = new ArrayList<>(breaks(product.ownRows()));
        product.items().stream()
                .map(Item::variant)
                .filter(variant -> variant != null)
                .forEach(variant -> rows.addAll(breaks(variant.ownRows())));
        return rows;
    }

    private static List<Break> breaks(@Nullable PriceRows rows) {
        return rows == null ? List.of() : rows.breaks();
    }

    private static void add(
            List<Soon> to, @Nullable ZonedDateTime at, ZonedDateTime now, String what, String name, String link) {
        if (at != null && at.isAfter(now)) {
            to.add(new Soon(at, Show.day(at.toLocalDate()), what, name, link));
        }
    }
}
