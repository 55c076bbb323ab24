package dev.steelyard.core.sheet;

import dev.steelyard.core.number.Pasted;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names one stored price in a sheet, and how it stood when the sheet was taken out: {@code R32-0a1b2c3d}. The part after
 * the dash is a hash (FNV-1a, 32 bits, over characters) of the price with all that it is the price of, so that a later change in
 * the shop is noticed.
 *
 * @param id of the price row, product or variant
 * @param check eight hexadecimal digits
 */
public record RowKey(Kind kind, long id, String check) {

    private static final int FIRST_HASH = 0x811c9dc5;
    private static final int PRIME = 16_777_619;
    private static final Pattern TEXT = Pattern.compile("([RPV])([1-9]\\d{0,17})-([0-9a-f]{8})");

    /** What the id is of. */
    public enum Kind {
        ROW("R"),
        /** A product, whose shelf price it is. */
        PRODUCT("P"),
        /** A variant, whose shelf price it is. */
        VARIANT("V");

        private final String letter;

        Kind(String letter) {
            this.letter = letter;
        }

        public String letter() {
            return letter;
        }

        /** @throws IllegalArgumentException for a letter that is none of these */
        public static Kind ofLetter(String letter) {
            return Arrays.stream(values())
                    .filter(kind -> kind.letter.equals(letter))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("no kind of key: " + letter));
        }
    }

    static RowKey of(Kind kind, long id, PriceLine line) {
        return new RowKey(kind, id, check(kind, id, line));
    }

    /** None for a text that is no key. */
    public static Optional<RowKey> parse(String text) {
        Matcher parts = TEXT.matcher(Pasted.stripped(text));
        if (!parts.matches()) {
            return Optional.empty();
        }
        return Optional.of(new RowKey(Kind.ofLetter(parts.group(1)), Long.parseLong(parts.group(2)), parts.group(3)));
    }

    /** Whether the price still stands, or is again, as it was. */
    boolean fits(PriceLine line) {
        return check.equals(check(kind, id, line));
    }

    private static String check(Kind kind, long id, PriceLine line) {
        String text = kind.letter + id + "|" + line.print();
        int hash = FIRST_HASH;
        for (int i = 0; i < text.length(); i++) {
            hash = (hash ^ text.charAt(i)) * PRIME;
        }
        return HexFormat.of().toHexDigits(hash);
    }

    @Override
    public String toString() {
        return kind.letter + id + "-" + check;
    }
}
