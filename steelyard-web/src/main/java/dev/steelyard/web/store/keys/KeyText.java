package dev.steelyard.web.store.keys;

import java.math.BigInteger;
import java.security.SecureRandom;

/** Makes what nobody can guess: 32 random bytes in base 62 (digits, capitals, small letters). */
public final class KeyText {

    private static final int BYTES = 32;
    private static final int LENGTH = 43;
    private static final String DIGITS = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";
    private static final BigInteger BASE = BigInteger.valueOf(DIGITS.length());

    private KeyText() {}

    /** Always of the same length. */
    public static String random(String prefix) {
        byte[] bytes = new byte[BYTES];
        new SecureRandom().nextBytes(bytes);
        BigInteger number = new BigInteger(1, bytes);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            BigInteger[] next = number.divideAndRemainder(BASE);
            text.append(DIGITS.charAt(next[1].intValue()));
            number = next[0];
        }
        return prefix + text.reverse();
    }
}
