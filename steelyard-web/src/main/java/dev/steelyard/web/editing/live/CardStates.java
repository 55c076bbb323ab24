package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Times;
import dev.steelyard.web.editing.draft.Standing;
import java.time.ZonedDateTime;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Where a card stands for its owner. */
public final class CardStates {

    private CardStates() {}

    /**
     * The state of a card or deal.
     *
     * @param live when the version counts that is live, as the book has it; none where it has none
     * @param now in the shop's time zone
     */
    public static CardState of(Standing standing, @Nullable Times live, ZonedDateTime now) {
        if (standing.paused()) {
            return CardState.PAUSED;
        }
        if (standing.live() == null) {
            return standing.coming().isEmpty() ? CardState.DRAFT : CardState.SCHEDULED;
        }
        if (live == null) {
            return CardState.LIVE; // put live a moment ago elsewhere; the next book has it
        }
        ZonedDateTime from = live.from();
        ZonedDateTime until = live.until();
        if (until != null && !now.isBefore(until)) {
            return CardState.ENDED;
        }
        return from != null && now.isBefore(from) ? CardState.SCHEDULED : CardState.LIVE;
    }

    /** The word for people. */
    public static String word(CardState state) {
        return state.name().toLowerCase(Locale.ROOT);
    }
}
