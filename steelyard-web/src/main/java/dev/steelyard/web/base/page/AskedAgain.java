package dev.steelyard.web.base.page;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * Answers to what many ask the same within a minute: kept from the second time on, until the minute is over or what they are
 * made of is another. Nothing that a price goes by changes within a minute but the book itself.
 *
 * @param <Q> all of a question that its answer goes by
 */
public final class AskedAgain<Q, A> {

    private static final int MOST_ASKED = 10_000;

    private final int most;
    private volatile @Nullable Round<Q, A> round;

    /** @param most answers are kept at a time */
    public AskedAgain(int most) {
        this.most = most;
    }

    /**
     * Those of now.
     *
     * @param book that prices come from: the very same
     * @param state whatever else they are made of, compared by what it equals
     */
    public Round<Q, A> round(Object book, Object state, Instant now) {
        Instant minute = now.truncatedTo(ChronoUnit.MINUTES);
        Round<Q, A> last = round;
        if (last == null || last.book != book || !last.minute.equals(minute) || !last.state.equals(state)) {
            last = new Round<>(book, state, minute, most);
            round = last;
        }
        return last;
    }

    /** Answers of a minute. */
    public static final class Round<Q, A> {

        private final Object book;
        private final Object state;
        private final Instant minute;
        private final int most;
        private final Map<Q, A> kept = new ConcurrentHashMap<>();

        /** What was asked once, by its hash: where two have the same, one is kept at once. */
        private final Set<Integer> once = ConcurrentHashMap.newKeySet();

        private Round(Object book, Object state, Instant minute, int most) {
            this.book = book;
            this.state = state;
            this.minute = minute;
            this.most = most;
        }

        public @Nullable A kept(Q question) {
            return kept.get(question);
        }

        /** Whether it was asked before and there is room to keep its answer; remembers that it was. */
        public boolean again(Q question) {
            if (once.size() >= MOST_ASKED) {
                once.clear();
            }
            return !once.add(question.hashCode()) && kept.size() < most;
        }

        public void keep(Q question, A answer) {
            kept.put(question, answer);
        }
    }
}
