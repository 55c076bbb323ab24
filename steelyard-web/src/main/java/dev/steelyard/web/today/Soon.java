package dev.steelyard.web.today;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.page.Show;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something whose price begins or ends.
 *
 * @param when “1 March 2027”
 * @param what “begins” or “ends”
 * @param name of the card or product
 * @param link to it
 */
record Soon(LocalDateTime at, String when, String what, String name, String link) {

    private static final int MOST = 8;

    /** The next ones, soonest first. */
    static List<Soon> of(BookInForce book, LocalDateTime now) {
        List<Soon> all = new ArrayList<>();
        for (CardInForce live : book.cards()) {
            Times times = live.card().card().covers().times();
            String link = "/cards/" + live.id() + "/live";
            add(
                    all,
                    times.from(),
                    now,
                    "version " + live.number() + " begins",
                    live.card().card().name(),
                    link);
            boolean followed = book.cards().stream()
                    .anyMatch(other -> other.id() == live.id()
                            && times.until() != null
                            && times.until()
                                    .equals(other.card().card().covers().times().from()));
            if (!followed) {
                add(all, times.until(), now, "ends", live.card().card().name(), link);
            }
        }
        for (Product product : book.goods()) {
            rows(product).stream().filter(row -> row.validity().dated()).forEach(row -> {
                String words =
                        "from " + row.from().toPlainString() + (row.group() == null ? "" : " for " + row.group());
                var from = row.validity().from();
                var until = row.validity().until();
                String link = "/history?subject=prices";
                add(all, from == null ? null : from.atStartOfDay(), now, words + " begins", product.name(), link);
                add(all, until == null ? null : until.atStartOfDay(), now, words + " ends", product.name(), link);
            });
        }
        return all.stream().sorted(Comparator.comparing(Soon::at)).limit(MOST).toList();
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
            List<Soon> to, @Nullable LocalDateTime at, LocalDateTime now, String what, String name, String link) {
        if (at != null && at.isAfter(now)) {
            to.add(new Soon(at, Show.day(at.toLocalDate()), what, name, link));
        }
    }
}
