package dev.steelyard.web.store.door;

import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.store.keys.StoreKey;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;

/**
 * How often a key may ask, on this node: a server key as a whole, a page key at each address it is used from, so that one
 * shopper does not use up what others need. Stated in answers by the RateLimit fields
 * (<a href="https://datatracker.ietf.org/doc/draft-ietf-httpapi-ratelimit-headers/">draft-ietf-httpapi-ratelimit-headers</a>).
 */
@Component
class Rates {

    private static final int MOST_KEPT = 50_000;
    private static final Duration SECOND = Duration.ofSeconds(1);

    // there are only so many keys; addresses there are any number of
    private final Map<Whose, Bucket> ofServers = new ConcurrentHashMap<>();
    private final Map<Whose, Bucket> ofPages = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Whose, Bucket> eldest) {
            return size() > MOST_KEPT;
        }
    });

    /** The limits are part of it, so that a changed key begins anew. */
    private record Whose(long key, String address, int perSecond, int burst) {}

    /** @throws ProblemFound where there are too many calls */
    void take(StoreKey key, HttpServletRequest request, HttpServletResponse response) {
        Whose whose = new Whose(key.id(), key.isPage() ? request.getRemoteAddr() : "", key.perSecond(), key.burst());
        ConsumptionProbe probe = (key.isPage() ? ofPages : ofServers)
                .computeIfAbsent(whose, Rates::bucket)
                .tryConsumeAndReturnRemaining(1);
        response.setHeader("RateLimit-Policy", "\"key\";q=" + key.burst() + ";w=" + window(key));
        if (probe.isConsumed()) {
            response.setHeader("RateLimit", "\"key\";r=" + probe.getRemainingTokens());
            return;
        }
        long wait = Math.max(1, TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()));
        response.setHeader("RateLimit", "\"key\";r=0;t=" + wait);
        response.setHeader(HttpHeaders.RETRY_AFTER, "" + wait);
        throw new ProblemFound(
                Problem.TOO_OFTEN,
                "The " + key.called() + " may make " + key.burst() + " calls at once and " + key.perSecond()
                        + " a second; try again in " + wait + " s");
    }

    /** Seconds in which a key that has used all up has all again. */
    private static long window(StoreKey key) {
        return Math.max(1, (key.burst() + key.perSecond() - 1L) / key.perSecond());
    }

    private static Bucket bucket(Whose whose) {
        return Bucket.builder()
                .addLimit(Bandwidth.builder()
                        .capacity(whose.burst())
                        .refillGreedy(whose.perSecond(), SECOND)
                        .build())
                .build();
    }
}
