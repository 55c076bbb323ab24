package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.selling.payment.Signatures;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The keys of checkouts: {@value #RANDOM} random bytes and as much of their signature, so that one somebody made up is
 * known without being stored.
 */
@Component
class CheckoutKeys {

    private static final int RANDOM = 9;
    private static final int HALF = 2 * RANDOM;

    private final Signatures signatures;
    private final SecureRandom random = new SecureRandom();

    CheckoutKeys(Signatures signatures) {
        this.signatures = signatures;
    }

    String make() {
        byte[] bytes = new byte[RANDOM];
        random.nextBytes(bytes);
        String half = HexFormat.of().formatHex(bytes);
        return half + proof(half);
    }

    /** Whether a key was made here. */
    boolean isOurs(@Nullable String key) {
        return key != null
                && key.matches("[0-9a-f]{36}")
                && MessageDigest.isEqual(
                        proof(key.substring(0, HALF)).getBytes(StandardCharsets.US_ASCII),
                        key.substring(HALF).getBytes(StandardCharsets.US_ASCII));
    }

    private String proof(String half) {
        return signatures.of("checkout", half).substring(0, HALF);
    }
}
