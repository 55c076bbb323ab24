package dev.steelyard.web.sold.replay;

import dev.steelyard.core.replay.Assumption;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.replay.ReplayRun.State;
import jakarta.annotation.PreDestroy;
import java.io.Serial;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Holds orders against prices that are not live: in the background, one after the other on this node, or at once. */
@Service
public class Replays {

    private static final Logger log = LoggerFactory.getLogger(Replays.class);
    private static final long EVERY_NANOS = 500_000_000L;

    private final ReplayWork work;
    private final ReplayRuns runs;
    private final Books books;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "replays");
        thread.setDaemon(true);
        return thread;
    });

    Replays(ReplayWork work, ReplayRuns runs, Books books) {
        this.books = books;
        this.work = work;
        this.runs = runs;
    }

    /**
     * What a replay is of.
     *
     * @param kind as whoever asks calls it
     * @param number which version of the subject
     * @param typed what was typed, by field
     */
    public record About(String kind, long subject, long number, Map<String, String> typed, String by) {}

    /** Which orders, under which assumption, and over which percentage a dearer order is counted apart. */
    public record Terms(Which which, Assumption assumption, @Nullable BigDecimal bound) {}

    /**
     * Begins one in the background.
     *
     * @return by which it is found
     */
    public long begin(About about, Terms terms, List<Tried> tried) {
        BookInForce book = books.inForce(); // what counts now, as when the drafts were read
        List<Long> orders = work.orders(terms.which(), tried);
        long id = runs.begin(about.kind(), about.subject(), about.number(), about.typed(), orders.size(), about.by());
        worker.submit(() -> run(id, book, orders, terms, tried));
        return id;
    }

    private void run(long id, BookInForce book, List<Long> orders, Terms terms, List<Tried> tried) {
        try {
            List<ReplayResult> results =
                    work.run(book, orders, tried, terms.assumption(), terms.bound(), new Telling(id));
            runs.done(id, orders.size(), results);
        } catch (NotWanted cancelled) {
            log.debug("Replay {} was cancelled", id);
        } catch (RuntimeException | Error failed) {
            log.error("Replay {} failed", id, failed);
            runs.ended(id, State.FAILED, "It failed here, which is our fault: " + failed);
        }
    }

    /** Says how far it is twice a second, and stops where somebody cancelled it. */
    private final class Telling implements IntConsumer {

        private final long id;
        private long told;

        Telling(long id) {
            this.id = id;
        }

        @Override
        public void accept(int done) {
            long now = System.nanoTime();
            if (told == 0 || now - told > EVERY_NANOS) {
                told = now;
                if (!runs.told(id, done)) {
                    throw new NotWanted();
                }
            }
        }
    }

    /** Somebody cancelled it. */
    private static final class NotWanted extends RuntimeException {

        @Serial
        private static final long serialVersionUID = 1L;

        NotWanted() {
            super("cancelled", null, false, false);
        }
    }

    /**
     * At once, while whoever asks waits.
     *
     * @param most orders, beyond which nothing is said
     * @return none where there are more
     */
    public Optional<ReplayResult> atOnce(Tried tried, Terms terms, int most) {
        List<Long> orders = work.orders(terms.which(), List.of(tried));
        return orders.size() > most
                ? Optional.empty()
                : Optional.of(
                        work.run(books.inForce(), orders, List.of(tried), terms.assumption(), terms.bound(), done -> {})
                                .get(0));
    }

    public void cancel(long id) {
        runs.ended(id, State.CANCELLED, "");
    }

    /** One of what it is of. @throws NotThere where it is not kept, or is of something else */
    public ReplayRun get(String kind, long subject, long id) {
        return runs.find(id)
                .filter(one -> one.kind().equals(kind) && one.subject() == subject)
                .orElseThrow(() -> new NotThere("This replay is no longer kept."));
    }

    /** Those of a draft, the latest first, without what came of them. */
    public List<ReplayRun> of(String kind, long subject) {
        return runs.of(kind, subject);
    }

    @PreDestroy
    void end() {
        worker.shutdownNow();
    }
}
