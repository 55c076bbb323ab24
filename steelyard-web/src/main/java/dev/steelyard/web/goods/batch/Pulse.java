package dev.steelyard.web.goods.batch;

import dev.steelyard.web.goods.batch.Batch.Progress;
import java.util.function.Predicate;

/**
 * How far the work on one batch is, told to whoever looks a few times a second; asks at the same time whether to stop.
 * Told outside the transaction that does the work.
 */
public final class Pulse {

    private static final long EVERY_NANOS = 250_000_000L;

    private final Predicate<Progress> teller;
    private final String nothing;
    private Progress progress = new Progress(0, 0, 0, 0);
    private long told;

    /**
     * @param teller tells how far it is, and whether somebody asked to cancel
     * @param nothing says what was not done where it is cancelled
     */
    Pulse(Predicate<Progress> teller, String nothing) {
        this.teller = teller;
        this.nothing = nothing;
    }

    /**
     * Told to nobody, where the caller waits for the end anyway. Telling takes a connection beside the one that does the work; as
     * many callers at once as there are connections would wait for each other.
     */
    static Pulse unseen() {
        return new Pulse(progress -> false, "");
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
            if (teller.test(now)) {
                throw new Stopped("Cancelled. " + nothing);
            }
        }
    }
}
