package dev.steelyard.web.base.database;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/**
 * How long it is waited before a database that ended is started again: not at all, then 1, 2, 4 … seconds, at most
 * {@link #LONGEST}. After a quiet time it is not waited again.
 */
final class Restarts {

    static final Duration LONGEST = Duration.ofSeconds(32);
    static final Duration QUIET = Duration.ofMinutes(5);

    private final Clock clock;
    private Duration next = Duration.ZERO;
    private Instant last = Instant.MIN;

    Restarts(Clock clock) {
        this.clock = clock;
    }

    /** The pause before the next start; called once for each time it ended. */
    synchronized Duration nextPause() {
        Instant now = clock.instant();
        if (last.isBefore(now.minus(QUIET))) {
            next = Duration.ZERO;
        }
        last = now;
        Duration pause = next;
        Duration doubled = next.isZero() ? Duration.ofSeconds(1) : next.multipliedBy(2);
        next = doubled.compareTo(LONGEST) > 0 ? LONGEST : doubled;
        return pause;
    }
}
