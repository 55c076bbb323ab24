package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.CardState;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.shop.Shops;
import org.springframework.stereotype.Component;

/** How drafts stand, in the words of lists and titles. */
@Component
public class Standings {

    private final Releases releases;
    private final Books books;
    private final Shops shops;

    Standings(Releases releases, Books books, Shops shops) {
        this.releases = releases;
        this.books = books;
        this.shops = shops;
    }

    /**
     * How one stands.
     *
     * @param state draft, live, scheduled, paused, ended
     * @param words the same, with whether a draft waits
     * @param compare what the way to putting it live is called
     * @param waits whether a draft differs from what is live or planned
     */
    public record View(String state, String words, String compare, boolean waits) {

        /** @param draft the number of the version that is the draft */
        public static View of(CardState now, Standing standing, long draft) {
            String state = CardStates.word(now);
            boolean never = standing.lastPlanned() == 0;
            boolean waits = !never && !standing.counts(draft);
            return new View(
                    state,
                    waits ? state + ", a draft waits" : state,
                    never ? "Put live …" : waits ? "Compare and put live …" : "Draft and live …",
                    waits);
        }
    }

    /** @param draft the number of the version that is the draft */
    public View of(long id, long draft) {
        return of(releases.of(id), id, draft);
    }

    /** The same for a standing that is known. */
    public View of(Standing standing, long id, long draft) {
        return View.of(state(standing, id), standing, draft);
    }

    /** The state of one. */
    public CardState state(Standing standing, long id) {
        return CardStates.of(
                standing, books.inForce().times(id, standing.liveNumber()).orElse(null), shops.now());
    }
}
