package dev.steelyard.web.start.begin;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The code that lets one begin: printed where Steelyard is started, good until the shop is set up or the next start. */
@Component
public class BeginCode {

    /** Without letters and figures that look alike. */
    private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final int LENGTH = 12;
    private static final int PART = 4;
    private static final int MOST_WRONG = 20;

    private @Nullable String code;
    private int wrong;

    /** Makes a new one; the one before is void. */
    public synchronized String make() {
        SecureRandom random = new SecureRandom();
        StringBuilder made = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            if (i > 0 && i % PART == 0) {
                made.append('-');
            }
            made.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        code = made.toString();
        wrong = 0;
        return code;
    }

    /** Whether it is the code; after too many that are not, none is. */
    synchronized boolean opens(String typed) {
        if (code == null || isGuessedAt()) {
            return false;
        }
        boolean opens = MessageDigest.isEqual(
                code.getBytes(StandardCharsets.UTF_8), typed.strip().getBytes(StandardCharsets.UTF_8));
        if (!opens) {
            wrong++;
        }
        return opens;
    }

    synchronized boolean isGuessedAt() {
        return wrong >= MOST_WRONG;
    }

    /** It was used. */
    synchronized void use() {
        code = null;
    }
}
