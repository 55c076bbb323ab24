package dev.steelyard.web.selling.counter;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Bounds wrong codes from one address, whatever basket they are tried from. */
@Component
class GuessLimit {

    private static final int MOST = 100;
    private static final int MOST_ADDRESSES = 10_000;
    private static final Duration WINDOW = Duration.ofHours(1);

    private final Clock clock;
    private final Map<String, Wrong> byAddress = new ConcurrentHashMap<>();

    GuessLimit(Clock clock) {
        this.clock = clock;
    }

    private record Wrong(int count, Instant since) {}

    /** Whether this address may try another one. */
    boolean allows(String address) {
        Wrong wrong = byAddress.get(address);
        return wrong == null || wrong.count < MOST || over(wrong);
    }

    void wrong(String address) {
        if (byAddress.size() >= MOST_ADDRESSES) {
            byAddress.values().removeIf(this::over);
        }
        byAddress.merge(
                address,
                new Wrong(1, clock.instant()),
                (was, one) -> over(was) ? one : new Wrong(was.count + 1, was.since));
    }

    private boolean over(Wrong wrong) {
        return wrong.since.plus(WINDOW).isBefore(clock.instant());
    }
}
