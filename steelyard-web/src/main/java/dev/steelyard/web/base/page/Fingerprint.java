package dev.steelyard.web.base.page;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** What bytes are known again by: SHA-256 (FIPS 180-4), as 64 hexadecimal digits. */
public final class Fingerprint {

    private Fingerprint() {}

    public static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException("every Java has SHA-256", never);
        }
    }

    public static String of(MessageDigest digest) {
        return HexFormat.of().formatHex(digest.digest());
    }

    public static String of(byte[] bytes) {
        return HexFormat.of().formatHex(digest().digest(bytes));
    }

    public static String of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }
}
