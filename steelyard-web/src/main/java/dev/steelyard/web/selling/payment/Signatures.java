package dev.steelyard.web.selling.payment;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Signs what shop and payment service tell each other, and looks whether a signature is right: an HMAC with SHA-256
 * (RFC 2104) over the moment, a line end and the text, by a secret that only the two know.
 */
@Component
public class Signatures {

    /** The header with the moment of signing, in seconds since 1970. */
    public static final String TIME = "Payment-Time";

    /** The header with the signature, in hexadecimal digits. */
    public static final String HMAC = "Payment-Hmac";

    private static final Duration OLDEST = Duration.ofMinutes(5);
    private static final String ALGORITHM = "HmacSHA256";

    private final PaymentSecret secret;
    private final Clock clock;

    Signatures(PaymentSecret secret, Clock clock) {
        this.secret = secret;
        this.clock = clock;
    }

    /** A signature with its moment. */
    public record Signature(String time, String hmac) {}

    public Signature sign(String text) {
        String time = Long.toString(clock.instant().getEpochSecond());
        return new Signature(time, hmac(time, text));
    }

    /** Whether a text was signed by whoever knows the secret, not long ago. */
    public boolean isRight(@Nullable String time, @Nullable String hmac, String text) {
        if (time == null || hmac == null || !time.matches("\\d{1,12}")) {
            return false;
        }
        boolean same = MessageDigest.isEqual(
                hmac(time, text).getBytes(StandardCharsets.US_ASCII), hmac.getBytes(StandardCharsets.UTF_8));
        Duration age = Duration.between(Instant.ofEpochSecond(Long.parseLong(time)), clock.instant());
        return same && age.abs().compareTo(OLDEST) <= 0;
    }

    /** A signature without a moment, of something that goes out and comes back: 64 hexadecimal digits. */
    public String of(String what, String text) {
        return hmac(what, text);
    }

    private String hmac(String time, String text) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(HexFormat.of().parseHex(secret.current()), ALGORITHM));
            return HexFormat.of().formatHex(mac.doFinal((time + "\n" + text).getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException every) {
            throw new IllegalStateException(every); // every JDK has it
        }
    }
}
