package dev.steelyard.web.book;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.NavigableSet;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The moments at which prices of a book change by themselves, and the goods whose prices do. */
public final class Transitions {

    private static final int MOST_DAYS = 400;

    private final BookInForce book;

    public Transitions(BookInForce book) {
        this.book = book;
    }

    /** Those after one moment up to another, the first first: midnights among them, where dated rows begin and end. */
    public NavigableSet<ZonedDateTime> between(ZonedDateTime after, ZonedDateTime until) {
        List<Times> times = times();
        NavigableSet<ZonedDateTime> moments = new TreeSet<>();
        LocalDate first = after.toLocalDate();
        LocalDate last = until.toLocalDate();
        if (first.isBefore(last.minusDays(MOST_DAYS))) {
            first = last.minusDays(MOST_DAYS);
        }
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
            moments.add(day.atStartOfDay(after.getZone()));
            for (Times one : times) {
                if (one.opens() != null) {
                    moments.add(day.atTime(one.opens()).atZone(after.getZone()));
                }
                if (one.closes() != null) {
                    moments.add(day.atTime(one.closes()).atZone(after.getZone()));
                }
            }
        }
        for (Times one : times) {
            add(one.from(), moments);
            add(one.until(), moments);
        }
        return new TreeSet<>(moments.subSet(after, false, until, true));
    }

    /** Those of cards and deals that do not always count. */
    private List<Times> times() {
        return Stream.concat(
                        book.cards().stream()
                                .map(card -> card.card().card().covers().times()),
                        book.deals().stream()
                                .map(deal -> deal.deal().conditions().times()))
                .filter(Times::isForATime)
                .toList();
    }

    private static void add(@Nullable ZonedDateTime moment, Set<ZonedDateTime> to) {
        if (moment != null) {
            to.add(moment);
        }
    }

    /** The products whose price may change by itself: those that cards and deals for a time and cards with
     * dated breaks cover, and those with dated rows. */
    public Set<Product> products() {
        return products(Times::isForATime, Validity::dated, true);
    }

    /** Those of which something began or ended after one moment, at or before another. */
    Set<Product> turned(ZonedDateTime after, ZonedDateTime upTo) {
        LocalDate day = after.toLocalDate();
        LocalDate last = upTo.toLocalDate();
        return products(one -> one.turns(after, upTo), one -> one.turns(day, last), day.isBefore(last));
    }

    /** @param dated whether rows and breaks with days are among them */
    private Set<Product> products(Predicate<Times> times, Predicate<Validity> days, boolean dated) {
        Set<Product> products = new HashSet<>();
        book.cards().stream()
                .map(card -> card.card().card())
                .filter(card -> times.test(card.covers().times())
                        || dated && card.validities().anyMatch(days))
                .forEach(card -> book.directory().covered(card.covers()).forEach(products::add));
        book.deals().stream()
                .map(deal -> deal.deal())
                .filter(deal -> times.test(deal.conditions().times()))
                .forEach(deal -> book.directory().items(deal.acted()).forEach(item -> products.add(item.product())));
        if (dated) {
            book.goods().stream()
                    .filter(product -> ownRows(product)
                            .flatMap(rows -> rows.breaks().stream())
                            .map(Break::validity)
                            .anyMatch(days))
                    .forEach(products::add);
        }
        return products;
    }

    private static Stream<PriceRows> ownRows(Product product) {
        return Stream.concat(
                Stream.ofNullable(product.ownRows()),
                product.variants().stream().map(Variant::ownRows).filter(Objects::nonNull));
    }
}
