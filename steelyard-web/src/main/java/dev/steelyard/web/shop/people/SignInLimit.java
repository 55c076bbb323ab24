package dev.steelyard.web.shop.people;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.TimeMeter;
import java.time.Clock;
import java.time.Duration;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Slows guessing down: after {@value #FREE} wrong passwords for one name, or from one address, one more try each
 * {@link #EACH}. Whoever signs in rightly is forgiven. Kept in memory, for the names and addresses seen last.
 */
@Component
public class SignInLimit {

    static final int FREE = 5;
    static final Duration EACH = Duration.ofSeconds(20);
    private static final int MOST_KEPT = 20_000;

    private final TimeMeter time;
    private final Map<String, Bucket> buckets = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Bucket> eldest) {
            return size() > MOST_KEPT;
        }
    });

    SignInLimit(Clock clock) {
        this.time = new TimeMeter() {
            @Override
            public long currentTimeNanos() {
                return Duration.ofMillis(clock.millis()).toNanos();
            }

            @Override
            public boolean isWallClockBased() {
                return true;
            }
        };
    }

    /** How long a name is to wait at an address before its next try; zero for not at all. */
    Duration pause(String name, String address) {
        Duration ofName = pause(ofName(name));
        Duration ofAddress = pause(ofAddress(address));
        return ofName.compareTo(ofAddress) > 0 ? ofName : ofAddress;
    }

    private Duration pause(String key) {
        Bucket bucket = buckets.get(key);
        return bucket == null
                ? Duration.ZERO
                : Duration.ofNanos(bucket.estimateAbilityToConsume(1).getNanosToWaitForRefill());
    }

    void wrong(String name, String address) {
        take(ofName(name));
        take(ofAddress(address));
    }

    private void take(String key) {
        buckets.computeIfAbsent(key, any -> Bucket.builder()
                        .addLimit(Bandwidth.builder()
                                .capacity(FREE)
                                .refillGreedy(1, EACH)
                                .build())
                        .withCustomTimePrecision(time)
                        .build())
                .tryConsume(1);
    }

    void right(String name, String address) {
        buckets.remove(ofName(name));
        buckets.remove(ofAddress(address));
    }

    /** Begins anew for everybody. */
    public void forget() {
        buckets.clear();
    }

    private static String ofName(String name) {
        return "name " + name;
    }

    private static String ofAddress(String address) {
        return "address " + address;
    }
}
