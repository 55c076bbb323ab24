package dev.steelyard.web.shop.people;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import dev.steelyard.web.base.page.Fingerprint;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A second thing that says who one is: a code of six figures that changes every 30 seconds (RFC 6238, SHA-1, as authenticator
 * programs make it). One that is a step early or late is taken; each only once. Ten codes on paper take its place, each once.
 */
@Service
class SecondFactor {

    private static final Duration STEP = Duration.ofSeconds(30);
    private static final int SECRET_BYTES = 20;
    private static final int RECOVERY_CODES = 10;
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int HALF = 5;

    private final JdbcTemplate sql;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator(STEP);

    SecondFactor(JdbcTemplate sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    byte[] newSecret() {
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        return secret;
    }

    /** Whether a code is that of a secret now. */
    boolean fits(byte[] secret, String typed) {
        return step(secret, typed, 0) > 0;
    }

    /** The step whose code was typed, if it is later than one; 0 for none. */
    private long step(byte[] secret, String typed, long after) {
        String code = typed.replaceAll("\\s", "");
        Instant now = clock.instant();
        for (int off = -1; off <= 1; off++) {
            Instant at = now.plus(STEP.multipliedBy(off));
            long step = at.getEpochSecond() / STEP.toSeconds();
            if (step > after && code.equals(code(secret, at))) {
                return step;
            }
        }
        return 0;
    }

    private String code(byte[] secret, Instant at) {
        try {
            return codes.generateOneTimePasswordString(
                    new SecretKeySpec(secret, codes.getAlgorithm()), at, Locale.ROOT);
        } catch (InvalidKeyException never) {
            throw new IllegalStateException(never);
        }
    }

    @Transactional(readOnly = true)
    public boolean isOn(long staff) {
        return secret(staff) != null;
    }

    private byte @Nullable [] secret(long staff) {
        return sql
                .query(
                        "select factor_secret from staff where id = ? and factor_secret is not null",
                        (row, n) -> row.getBytes(1),
                        staff)
                .stream()
                .findFirst()
                .orElse(null);
    }

    /** Turns it on. @return the codes on paper, which are shown once */
    @Transactional
    public List<String> turnOn(long staff, byte[] secret) {
        sql.update("update staff set factor_secret = ?, factor_step = 0 where id = ?", secret, staff);
        sql.update("delete from recovery_code where staff_id = ?", staff);
        List<String> made = new ArrayList<>();
        for (int i = 0; i < RECOVERY_CODES; i++) {
            String code = letters() + "-" + letters();
            made.add(code);
            sql.update("insert into recovery_code (staff_id, hash) values (?, ?)", staff, Fingerprint.of(code));
        }
        return made;
    }

    private String letters() {
        StringBuilder letters = new StringBuilder();
        for (int i = 0; i < HALF; i++) {
            letters.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return letters.toString();
    }

    @Transactional
    public void turnOff(long staff) {
        sql.update("update staff set factor_secret = null where id = ?", staff);
        sql.update("delete from recovery_code where staff_id = ?", staff);
    }

    /** Takes a code, or one on paper: it opens once. @return whether it opens */
    @Transactional
    public boolean opens(long staff, String typed) {
        sql.query("select id from staff where id = ? for update", row -> {}, staff);
        byte[] secret = secret(staff);
        if (secret == null) {
            return false;
        }
        Long last = sql.queryForObject("select factor_step from staff where id = ?", Long.class, staff);
        long step = step(secret, typed, last == null ? 0 : last);
        if (step > 0) {
            sql.update("update staff set factor_step = ? where id = ?", step, staff);
            return true;
        }
        return sql.update(
                        "update recovery_code set used_at = utc_timestamp(6) where staff_id = ? and hash = ? and used_at is null",
                        staff,
                        Fingerprint.of(typed.strip().toLowerCase(Locale.ROOT)))
                == 1;
    }

    /** How many codes on paper are left. */
    @Transactional(readOnly = true)
    public int codesLeft(long staff) {
        Integer left = sql.queryForObject(
                "select count(*) from recovery_code where staff_id = ? and used_at is null", Integer.class, staff);
        return left == null ? 0 : left;
    }
}
