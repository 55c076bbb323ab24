package dev.steelyard.web.store.signing;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.JWSAlgorithm;
import com.nimbusds.jose.jwk.Curve;
import com.nimbusds.jose.jwk.ECKey;
import com.nimbusds.jose.jwk.JWK;
import com.nimbusds.jose.jwk.JWKSet;
import com.nimbusds.jose.jwk.KeyUse;
import com.nimbusds.jose.jwk.gen.ECKeyGenerator;
import dev.steelyard.web.base.database.UtcColumns;
import java.text.ParseException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Keys of ES256 (RFC 7518). The newest signs; after {@link #SIGNS} a new one is made. Those before stay known as long as
 * anything they signed may hold, so that turning over breaks nothing. Held in memory; another node's new key is looked for
 * where a signature names one that is not known.
 */
@Component
public class SigningKeys {

    private static final Duration SIGNS = Duration.ofDays(30);

    /** The longest that anything signed holds. */
    public static final Duration LONGEST = Duration.ofDays(30);

    private static final Duration KNOWN = SIGNS.plus(LONGEST).plusDays(1);

    private final JdbcTemplate sql;
    private final Clock clock;
    private volatile @Nullable List<Kept> held;

    SigningKeys(JdbcTemplate sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    private record Kept(ECKey key, Instant madeAt) {}

    /** The key that signs now; made where there is none, or it is old. */
    ECKey signing() {
        List<Kept> keys = held == null ? load() : held();
        return keys.isEmpty() || keys.get(0).madeAt().plus(SIGNS).isBefore(clock.instant())
                ? turnOver()
                : keys.get(0).key();
    }

    /** Makes a new key that signs from now on. */
    public synchronized ECKey turnOver() {
        try {
            ECKey made = new ECKeyGenerator(Curve.P_256)
                    .keyUse(KeyUse.SIGNATURE)
                    .algorithm(JWSAlgorithm.ES256)
                    .keyID(UUID.randomUUID().toString())
                    .generate();
            sql.update(
                    "insert into signing_key (id, jwk, made_at) values (?, ?, ?)",
                    made.getKeyID(),
                    made.toJSONString(),
                    UtcColumns.utc(clock.instant()));
            load();
            return made;
        } catch (JOSEException cannot) {
            throw new IllegalStateException("every Java has P-256", cannot);
        }
    }

    /** The key of an id; none where it is not ours, or too old for anything it signed to hold. */
    Optional<ECKey> find(@Nullable String id) {
        Optional<ECKey> known = find(held(), id);
        return known.isPresent() ? known : find(load(), id);
    }

    private static Optional<ECKey> find(List<Kept> keys, @Nullable String id) {
        return keys.stream()
                .map(Kept::key)
                .filter(key -> key.getKeyID().equals(id))
                .findFirst();
    }

    /** What anybody may know of the keys (RFC 7517), so that stores check signatures by themselves. */
    public String published() {
        return new JWKSet(load().stream().map(Kept::key).map(JWK.class::cast).toList()).toString();
    }

    private List<Kept> held() {
        List<Kept> now = held;
        return now == null ? load() : now;
    }

    private synchronized List<Kept> load() {
        List<Kept> now = sql.query(
                "select jwk, made_at from signing_key where made_at > ? order by made_at desc, id",
                (row, n) -> new Kept(read(row.getString(1)), UtcColumns.in(row, 2)),
                UtcColumns.utc(clock.instant().minus(KNOWN)));
        held = List.copyOf(now);
        return now;
    }

    private static ECKey read(String jwk) {
        try {
            return ECKey.parse(jwk);
        } catch (ParseException unreadable) {
            throw new IllegalStateException("a signing key is kept that cannot be read", unreadable);
        }
    }
}
