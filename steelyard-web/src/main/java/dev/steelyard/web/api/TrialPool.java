package dev.steelyard.web.api;

import dev.steelyard.core.reckoning.NoLongerWanted;
import dev.steelyard.core.reckoning.Wanted;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Where strangers' documents are priced: a few threads of their own, so that shoppers keep the rest, and a short queue.
 * Work gives way while shoppers wait, ends at its deadline, and soon after whoever asked has gone.
 */
@Component
class TrialPool implements DisposableBean {

    private static final long LOOK_EVERY_MILLIS = 200;

    private final ThreadPoolExecutor threads;
    private final TrialLimits limits;
    private final Shoppers shoppers;
    private final Clock clock;

    TrialPool(TrialLimits limits, Shoppers shoppers, Clock clock) {
        this.shoppers = shoppers;
        this.limits = limits;
        this.clock = clock;
        this.threads = new ThreadPoolExecutor(
                limits.threads(),
                limits.threads(),
                0,
                TimeUnit.SECONDS,
                new ArrayBlockingQueue<>(limits.waiting()),
                work -> {
                    Thread thread = new Thread(work, "trials");
                    thread.setDaemon(true);
                    return thread;
                });
    }

    /** Work under way: what it asks whether it is still wanted, and when it is not any more. */
    private final class Work implements Wanted {
        private final Instant until = clock.instant().plus(limits.time());
        private final AtomicBoolean gone = new AtomicBoolean();

        @Override
        public boolean still() {
            shoppers.giveWay();
            return !gone.get() && clock.instant().isBefore(until);
        }
    }

    /** @throws ProblemFound where so many are waiting that another would only wait in vain */
    void room() {
        if (threads.getQueue().remainingCapacity() == 0) {
            throw busy();
        }
    }

    /**
     * Does some work and waits for it.
     *
     * @param gone whether whoever asked has gone; asked now and then while it is waited for
     * @throws ProblemFound where it takes too long, or too many are waiting
     */
    <T> T run(Function<Wanted, T> job, BooleanSupplier gone) throws IOException {
        Work work = new Work();
        Future<T> answer;
        try {
            answer = threads.submit(() -> {
                work.check(); // it may have waited too long
                return job.apply(work);
            });
        } catch (RejectedExecutionException full) {
            throw busy();
        }
        while (true) {
            try {
                return answer.get(LOOK_EVERY_MILLIS, TimeUnit.MILLISECONDS);
            } catch (TimeoutException notYet) {
                if (gone.getAsBoolean()) {
                    work.gone.set(true);
                    throw new IOException("whoever asked for a trial has gone");
                }
            } catch (ExecutionException failed) {
                throw unwrapped(failed);
            } catch (InterruptedException stopping) {
                work.gone.set(true);
                Thread.currentThread().interrupt();
                throw new IllegalStateException("stopped while a trial was priced", stopping);
            }
        }
    }

    private RuntimeException unwrapped(ExecutionException failed) {
        if (failed.getCause() instanceof NoLongerWanted) {
            return new ProblemFound(
                    Problem.TOO_LONG,
                    "A request is given " + limits.time().toSeconds() + " seconds, waiting included; they were over");
        }
        return failed.getCause() instanceof RuntimeException own ? own : new IllegalStateException(failed.getCause());
    }

    private static ProblemFound busy() {
        return new ProblemFound(Problem.BUSY, "Other trials are being priced; try again in a moment");
    }

    /** How much is being worked at or waits. */
    int underWay() {
        return threads.getActiveCount() + threads.getQueue().size();
    }

    @Override
    public void destroy() {
        threads.shutdownNow();
    }
}
