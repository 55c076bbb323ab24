package dev.steelyard.web.api;

import static org.awaitility.Awaitility.await;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** A pool in which one trial is priced and eight wait, until it is let go. */
final class FullPool implements AutoCloseable {

    private static final int FULL = 9;

    private final TrialPool pool;
    private final CountDownLatch free = new CountDownLatch(1);
    private final ExecutorService strangers = Executors.newFixedThreadPool(FULL);

    FullPool(TrialPool pool) {
        this.pool = pool;
        for (int i = 0; i < FULL; i++) {
            strangers.submit(() -> pool.run(wanted -> held(), () -> false));
        }
        await().until(() -> pool.underWay() == FULL);
    }

    private String held() {
        try {
            free.await();
            return "";
        } catch (InterruptedException stopping) {
            throw new IllegalStateException(stopping);
        }
    }

    /** Lets all of them go, and waits until they have. */
    @Override
    public void close() {
        free.countDown();
        strangers.shutdown();
        await().until(() -> pool.underWay() == 0);
    }
}
