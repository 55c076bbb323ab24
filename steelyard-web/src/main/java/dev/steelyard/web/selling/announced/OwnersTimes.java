package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.AnnouncedPrices;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.DealInForce;
import java.time.ZonedDateTime;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** When cards and deals of a book count by their owner's words: where one version follows another, neither is for a time. */
final class OwnersTimes implements AnnouncedPrices.OwnTimes {

    private final BookInForce book;

    /** What a book announces. */
    static AnnouncedPrices prices(BookInForce book) {
        return new AnnouncedPrices(
                book.book(), new OwnersTimes(book), book.shop().homeCountry());
    }

    private OwnersTimes(BookInForce book) {
        this.book = book;
    }

    @Override
    public Times of(PreparedCard card) {
        CardInForce version = book.version(card);
        Times own = card.card().covers().times();
        return version == null
                ? own
                : without(
                        own,
                        moment -> others(version).anyMatch(other -> Objects.equals(other.from(), moment)),
                        moment -> others(version).anyMatch(other -> Objects.equals(other.until(), moment)));
    }

    private Stream<Times> others(CardInForce version) {
        return book.cards().stream()
                .filter(other -> other.id() == version.id() && other != version)
                .map(other -> other.card().card().covers().times());
    }

    @Override
    public Times of(Deal deal) {
        DealInForce version = book.version(deal);
        Times own = deal.conditions().times();
        return version == null
                ? own
                : without(
                        own,
                        moment -> others(version).anyMatch(other -> Objects.equals(other.from(), moment)),
                        moment -> others(version).anyMatch(other -> Objects.equals(other.until(), moment)));
    }

    private Stream<Times> others(DealInForce version) {
        return book.deals().stream()
                .filter(other -> other.id() == version.id() && other != version)
                .map(other -> other.deal().conditions().times());
    }

    private static Times without(Times own, Predicate<ZonedDateTime> another, Predicate<ZonedDateTime> earlier) {
        return new Times(
                bound(own.from(), earlier), bound(own.until(), another), own.days(), own.opens(), own.closes());
    }

    private static @Nullable ZonedDateTime bound(@Nullable ZonedDateTime moment, Predicate<ZonedDateTime> version) {
        return moment == null || version.test(moment) ? null : moment;
    }
}
