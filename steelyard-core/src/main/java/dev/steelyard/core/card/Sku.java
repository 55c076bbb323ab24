package dev.steelyard.core.card;

import org.jspecify.annotations.Nullable;

/** A stock keeping unit, the code by which goods are ordered: 1 to {@value #LONGEST} characters, compared exactly. */
public record Sku(String value) {

    public static final int LONGEST = 64;

    public Sku {
        String fault = fault(value);
        if (fault != null) {
            throw new IllegalArgumentException(fault);
        }
    }

    /** Why a text is no SKU, in plain words; none where it is one. */
    public static @Nullable String fault(String text) {
        if (text.isBlank() || text.length() > LONGEST || !text.equals(text.strip())) {
            return "a SKU has 1 to " + LONGEST + " characters and no spaces around it: “"
                    + text.substring(0, Math.min(text.length(), LONGEST)) + "”";
        }
        return text.chars().anyMatch(Character::isISOControl) ? "a SKU has no control characters" : null;
    }

    @Override
    public String toString() {
        return value;
    }
}
