package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Times;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.live.CardStates;
import dev.steelyard.web.editing.live.Standings;
import dev.steelyard.web.shop.Shops;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How deals stand, in the words of lists and titles. */
@Component
public class DealStandings {

    private final Releases releases;
    private final Books books;
    private final Shops shops;

    DealStandings(Releases releases, Books books, Shops shops) {
        this.releases = releases;
        this.books = books;
        this.shops = shops;
    }

    /** The time zone in which its days begin and end. */
    ZoneId zone() {
        return shops.current().zone();
    }

    /** @param draft the number of the version that is the draft */
    Standings.View of(long id, long draft) {
        return of(releases.of(id), id, draft);
    }

    /** The same for a standing that is known. */
    public Standings.View of(Standing standing, long id, long draft) {
        return Standings.View.of(state(standing, id), standing, draft);
    }

    CardState state(Standing standing, long id) {
        return CardStates.of(standing, times(id, standing.liveNumber()), shops.now());
    }

    private @Nullable Times times(long id, long number) {
        return books.inForce().deals().stream()
                .filter(deal -> deal.id() == id && deal.number() == number)
                .map(deal -> deal.deal().conditions().times())
                .findFirst()
                .orElse(null);
    }
}
