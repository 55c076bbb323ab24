package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.AnnouncedPrices;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.DealInForce;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
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
                        book.cards().stream()
                                .filter(other -> other.id() == version.id() && other != version)
                                .map(other -> other.card().card().covers().times())
                                .toList());
    }

    @Override
    public Times of(Deal deal) {
        DealInForce version = book.version(deal);
        Times own = deal.conditions().times();
        return version == null
                ? own
                : without(
                        own,
                        book.deals().stream()
                                .filter(other -> other.id() == version.id() && other != version)
                                .map(other -> other.deal().conditions().times())
                                .toList());
    }

    /** Without the moments at which other versions of the same take turns with it. */
    private static Times without(Times own, List<Times> others) {
        return new Times(
                bound(own.from(), others, Times::until),
                bound(own.until(), others, Times::from),
                own.days(),
                own.opens(),
                own.closes());
    }

    private static @Nullable ZonedDateTime bound(
            @Nullable ZonedDateTime moment, List<Times> others, Function<Times, @Nullable ZonedDateTime> turn) {
        return moment == null || others.stream().anyMatch(other -> Objects.equals(turn.apply(other), moment))
                ? null
                : moment;
    }
}
