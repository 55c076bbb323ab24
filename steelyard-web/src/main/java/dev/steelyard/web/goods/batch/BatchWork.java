package dev.steelyard.web.goods.batch;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.book.Books;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** Works on batches in the background, one after the other on this node, and looks after those that were left. */
@Service
public class BatchWork {

    private static final Logger log = LoggerFactory.getLogger(BatchWork.class);

    private final Batches batches;
    private final List<BatchJob> jobs;
    private final SheetBound bound;
    private final Books books;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "batches");
        thread.setDaemon(true);
        return thread;
    });
    private final Set<Long> ours = ConcurrentHashMap.newKeySet();

    BatchWork(Batches batches, List<BatchJob> jobs, SheetBound bound, Books books) {
        this.batches = batches;
        this.jobs = jobs;
        this.bound = bound;
        this.books = books;
    }

    /** Work that may fail in words. */
    public interface Work {
        void run(Pulse pulse) throws UnreadableTable, IOException;
    }

    private BatchJob job(long batch) {
        return job(batches.find(batch).orElseThrow().origin());
    }

    private BatchJob job(Batch.Origin origin) {
        return jobs.stream().filter(one -> one.does(origin)).findFirst().orElseThrow();
    }

    /** Reads and checks a file. */
    public void read(long batch, Path file, ColumnPlan plan) {
        read(batch, pulse -> job(batch).read(batch, file, plan, pulse));
    }

    /** Reads and checks rows from wherever they come. */
    public void read(long batch, Work work) {
        inBackground(batch, BatchState.READING, BatchState.FAILED, pulse -> {
            work.run(pulse);
            ready(batch);
        });
    }

    /** Checks what is ready once more. @return whether it was ready */
    public boolean checkAgain(long id) {
        boolean begun = batches.go(id, BatchState.READY, BatchState.READING, "");
        if (begun) {
            inBackground(id, BatchState.READING, BatchState.READY, pulse -> {
                job(id).again(batches.find(id).orElseThrow(), pulse);
                ready(id);
            });
        }
        return begun;
    }

    private void ready(long batch) {
        String twin = batches.appliedTwin(batch)
                .map(other -> "This very file was applied before, by " + other.appliedBy() + ".")
                .orElse("");
        batches.go(batch, BatchState.READING, BatchState.READY, twin);
    }

    /** Why the shop's bound on dearer orders does not let it be applied; none where it does. */
    @Nullable
    String stop(Batch batch) {
        return bound.stop(batch, job(batch.origin()));
    }

    /** Applies what is ready. @return whether it was ready */
    public boolean apply(long id, String by) {
        boolean begun = batches.go(id, BatchState.READY, BatchState.APPLYING, "");
        if (begun) {
            inBackground(id, BatchState.APPLYING, BatchState.READY, pulse -> {
                job(id).apply(batches.find(id).orElseThrow(), by, pulse);
                books.refresh();
            });
        }
        return begun;
    }

    /** Takes back what was applied. @return whether it was applied */
    public boolean undo(long id, String by) {
        boolean begun = batches.go(id, BatchState.APPLIED, BatchState.UNDOING, "");
        if (begun) {
            inBackground(id, BatchState.UNDOING, BatchState.APPLIED, pulse -> {
                job(id).undo(batches.find(id).orElseThrow(), by, pulse);
                books.refresh();
            });
        }
        return begun;
    }

    /**
     * Does a batch of rows that a program sent, from its rows to its end, while the caller waits.
     *
     * @param rows of which each can be read
     * @param allOrNothing whether one refused row lets nothing be done
     * @param waits whether somebody else is to apply it
     * @param became what the rows are afterwards
     */
    public Requested atOnce(
            long id, Work rows, boolean allOrNothing, boolean waits, String by, Supplier<List<RequestedRow>> became) {
        try {
            Ended ended = toItsEnd(id, rows, allOrNothing, waits, by);
            return new Requested(id, became.get(), ended.stopped(), ended.over());
        } catch (UnreadableTable unreadable) {
            throw new IllegalArgumentException(unreadable);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }

    /** @param stopped why it was not applied @param over why the shop's bound does not let it be; each empty where that is not so */
    private record Ended(String stopped, String over) {}

    private Ended toItsEnd(long id, Work rows, boolean allOrNothing, boolean waits, String by)
            throws UnreadableTable, IOException {
        Pulse pulse = Pulse.unseen();
        ours.add(id);
        try {
            rows.run(pulse);
            ready(id);
            Batch read = batches.find(id).orElseThrow();
            if (allOrNothing && read.totals().refused() > 0 || read.totals().writing() == 0) {
                batches.go(id, BatchState.READY, BatchState.CANCELLED, "Nothing was to be done, or not all could be.");
                return new Ended("", "");
            }
            if (waits) {
                return new Ended("", "");
            }
            String over = stop(read);
            if (over != null) {
                batches.go(id, BatchState.READY, BatchState.CANCELLED, over + ".");
                return new Ended("", over);
            }
            batches.go(id, BatchState.READY, BatchState.APPLYING, "");
            job(id).apply(read, by, pulse);
            books.refresh();
            return new Ended("", "");
        } catch (Stopped stopped) {
            batches.go(id, BatchState.APPLYING, BatchState.CANCELLED, stopped.getMessage());
            return new Ended(String.valueOf(stopped.getMessage()), "");
        } finally {
            ours.remove(id);
        }
    }

    /** Whether this node has not ended with it; what is applied is then not yet in its prices. */
    private boolean isWorkingOn(long id) {
        return ours.contains(id);
    }

    /** Whether it is being worked on; what is applied is only shown as done once shoppers see it. */
    public boolean isRunning(Batch batch) {
        return batch.state().isRunning() || isWorkingOn(batch.id());
    }

    private void inBackground(long batch, BatchState during, BatchState back, Work work) {
        ours.add(batch);
        worker.submit(() -> {
            try {
                work.run(new Pulse(progress -> batches.progress(batch, progress), nothing(during)));
            } catch (Stopped stopped) {
                goBack(batch, during, back == BatchState.FAILED ? BatchState.CANCELLED : back, stopped.getMessage());
            } catch (UnreadableTable unreadable) {
                goBack(batch, during, back, unreadable.getMessage());
            } catch (IOException | UncheckedIOException failed) {
                log.error("Batch {} failed", batch, failed);
                goBack(
                        batch,
                        during,
                        back,
                        "The file could not be read: " + failed.getMessage() + ". Nothing was applied.");
            } catch (DataAccessException | TransactionException failed) {
                log.error("Batch {} failed", batch, failed);
                goBack(batch, during, back, "The database could not do it: " + cause(failed) + ". " + nothing(during));
            } catch (RuntimeException | Error failed) {
                log.error("Batch {} failed", batch, failed);
                goBack(batch, during, back, "It failed here, which is our fault: " + failed + ". " + nothing(during));
            } finally {
                ours.remove(batch);
            }
        });
    }

    private static String nothing(BatchState during) {
        return during == BatchState.UNDOING ? "Nothing was undone." : "Nothing was applied.";
    }

    private static String cause(Throwable failed) {
        Throwable deepest = Optional.ofNullable(failed.getCause()).orElse(failed);
        return String.valueOf(deepest.getMessage());
    }

    /** Where the database is away, whoever looks after batches that were left does this later. */
    private void goBack(long batch, BatchState from, BatchState to, String why) {
        try {
            if (to == BatchState.FAILED || to == BatchState.CANCELLED) {
                job(batch).forget(batch);
            }
            batches.go(batch, from, to, why);
        } catch (DataAccessException | TransactionException away) {
            log.warn("Batch {} could not be set back to {}: {}", batch, to, away.getMessage());
        }
    }

    @Scheduled(fixedDelayString = "2s")
    void lookAfter() {
        try {
            ours.forEach(batches::beat);
            batches.giveUpLeft();
        } catch (DataAccessException | TransactionException away) {
            log.warn("Batches could not be looked after: {}", away.getMessage());
        }
    }

    @PreDestroy
    void end() {
        worker.shutdownNow();
    }
}
