package dev.steelyard.web.testing;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.security.InvalidKeyException;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import javax.crypto.spec.SecretKeySpec;

/** Makes the codes of a second factor, as an authenticator program does from the letters on the page. */
public final class MadeCodes {

    private static final String BASE32 = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";

    private final byte[] secret;

    /** @param letters as the page shows them, in groups */
    public MadeCodes(String letters) {
        String bare = letters.replace(" ", "");
        this.secret = new byte[bare.length() * 5 / 8];
        for (int bit = 0; bit < secret.length * 8; bit++) {
            int letter = BASE32.indexOf(bare.charAt(bit / 5));
            secret[bit / 8] |= (byte) ((letter >> (4 - bit % 5) & 1) << (7 - bit % 8));
        }
    }

    /** The code of now, or of some time before or after. */
    public String code(Duration off) {
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        try {
            return codes.generateOneTimePasswordString(
                    new SecretKeySpec(secret, codes.getAlgorithm()),
                    Instant.now().plus(off),
                    Locale.ROOT);
        } catch (InvalidKeyException never) {
            throw new IllegalStateException(never);
        }
    }
}
