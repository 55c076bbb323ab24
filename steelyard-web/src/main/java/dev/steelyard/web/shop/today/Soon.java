package dev.steelyard.web.shop.today;

import dev.steelyard.core.card.Times;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.DealInForce;
import dev.steelyard.web.editing.draft.Planned;
import java.time.LocalDate;
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
    private static final String ROWS = "/history?subject=prices";

    /**
     * The next ones, soonest first.
     *
     * @param ownPrices those of products that are planned
     * @param rows of products, those with dates
     */
    static List<Soon> of(BookInForce book, List<Planned> ownPrices, List<DatedRows.Dated> rows, ZonedDateTime now) {
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
        for (DatedRows.Dated dated : rows) {
            String words = "from " + dated.row().from().toPlainString()
                    + (dated.row().group() == null ? "" : " for " + dated.row().group());
            LocalDate from = dated.row().validity().from();
            LocalDate until = dated.row().validity().until();
            add(all, start(from, now), now, words + " begins", dated.name(), ROWS);
            add(all, start(until, now), now, words + " ends", dated.name(), ROWS);
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

    private static @Nullable ZonedDateTime start(@Nullable LocalDate day, ZonedDateTime now) {
        return day == null ? null : day.atStartOfDay(now.getZone());
    }

    private static void add(
            List<Soon> to, @Nullable ZonedDateTime at, ZonedDateTime now, String what, String name, String link) {
        if (at != null && at.isAfter(now)) {
            to.add(new Soon(at, Show.day(at.toLocalDate()), what, name, link));
        }
    }
}
