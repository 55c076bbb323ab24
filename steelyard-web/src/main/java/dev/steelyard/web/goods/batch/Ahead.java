package dev.steelyard.web.goods.batch;

import jakarta.annotation.PreDestroy;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Works ahead on the next parts of a sheet while what was made of the last is written; a few parts, so that none pile up. */
@Component
public class Ahead {

    private static final int HANDS =
            Math.max(1, Math.min(4, Runtime.getRuntime().availableProcessors()));
    private static final int PARTS = HANDS + 1;

    private final ExecutorService hands = Executors.newFixedThreadPool(HANDS, task -> {
        Thread thread = new Thread(task, "sheet-checks");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * Makes something of each part and gives it to a sink, in their order; what a part throws is thrown here.
     *
     * @param work on one part; may be done on several at once
     * @param sink called by the caller's thread
     */
    public <P, R> void forEach(List<P> parts, Function<P, R> work, Consumer<R> sink) {
        if (parts.size() == 1) { // nothing to be ahead of
            sink.accept(work.apply(parts.get(0)));
            return;
        }
        Deque<Future<R>> coming = new ArrayDeque<>();
        try {
            for (P part : parts) {
                coming.add(hands.submit(() -> work.apply(part)));
                if (coming.size() > PARTS) {
                    sink.accept(come(coming.remove()));
                }
            }
            while (!coming.isEmpty()) {
                sink.accept(come(coming.remove()));
            }
        } finally {
            coming.forEach(one -> one.cancel(true));
        }
    }

    private static <R> R come(Future<R> one) {
        try {
            return one.get();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof RuntimeException ours) {
                throw ours;
            }
            throw new IllegalStateException(failed.getCause());
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped while a sheet was checked", stopping);
        }
    }

    @PreDestroy
    void end() {
        hands.shutdownNow();
    }
}
