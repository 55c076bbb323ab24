package dev.steelyard.web.goods.batch;

import dev.steelyard.web.goods.batch.Batch.Progress;

/**
 * How far the work on one batch is, told to whoever looks a few times a second; asks at the same time whether to stop.
 * Told outside the transaction that does the work.
 */
public final class Pulse {

    private static final long EVERY_NANOS = 250_000_000L;

    private final long batch;
    private final Batches batches;
    private final String nothing;
    private Progress progress = new Progress(0, 0, 0, 0);
    private long told;

    /** @param nothing says what was not done where it is cancelled */
    Pulse(long batch, Batches batches, String nothing) {
        this.batch = batch;
        this.batches = batches;
        this.nothing = nothing;
    }

    public void read(int rows) {
        tell(new Progress(rows, progress.checked(), 0, 0));
    }

    public void total(int rows) {
        told = 0;
        tell(new Progress(rows, 0, 0, rows));
    }

    public void checked(int more) {
        tell(new Progress(progress.read(), progress.checked() + more, 0, progress.total()));
    }

    public void written(int rows, int total) {
        tell(new Progress(progress.read(), progress.checked(), rows, total));
    }

    /** @throws Stopped where somebody asked to cancel */
    private void tell(Progress now) {
        progress = now;
        long time = System.nanoTime();
        if (told == 0 || time - told > EVERY_NANOS) {
            told = time;
            if (batches.progress(batch, now)) {
                throw new Stopped("Cancelled. " + nothing);
            }
        }
    }
}
