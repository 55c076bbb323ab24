package dev.steelyard.web.selling.announced;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.web.book.BookInForce;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The moments at which prices of a book change by themselves, and the goods whose prices do. */
final class Transitions {

    private static final int MOST_DAYS = 400;

    private final BookInForce book;
    private final List<Times> times;

    Transitions(BookInForce book) {
        this.book = book;
        this.times = Stream.concat(
                        book.cards().stream()
                                .map(card -> card.card().card().covers().times()),
                        book.deals().stream()
                                .map(deal -> deal.deal().conditions().times()))
                .filter(Times::isForATime)
                .toList();
    }

    /** Those after one moment up to another, the first first: midnights among them, where dated rows begin and end. */
    NavigableSet<ZonedDateTime> between(ZonedDateTime after, ZonedDateTime until) {
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

    private static void add(@Nullable ZonedDateTime moment, Set<ZonedDateTime> to) {
        if (moment != null) {
            to.add(moment);
        }
    }

    /** The products whose price may change by itself: those that cards and deals for a time and cards with
     * dated breaks cover, and those with dated rows. */
    Set<Product> products() {
        Set<Product> products = new HashSet<>();
        book.cards().stream()
                .map(card -> card.card().card())
                .filter(card -> card.covers().times().isForATime() || card.hasDatedBreaks())
                .forEach(card -> book.directory().covered(card.covers()).forEach(products::add));
        book.deals().stream()
                .map(deal -> deal.deal())
                .filter(deal -> deal.conditions().times().isForATime())
                .forEach(deal -> book.directory().items(deal.acted()).forEach(item -> products.add(item.product())));
        book.goods().stream().filter(Transitions::isDated).forEach(products::add);
        return products;
    }

    private static boolean isDated(Product product) {
        return isDated(product.ownRows())
                || product.variants().stream().anyMatch(variant -> isDated(variant.ownRows()));
    }

    private static boolean isDated(@Nullable PriceRows rows) {
        return rows != null && rows.breaks().stream().map(Break::validity).anyMatch(validity -> validity.dated());
    }
}
