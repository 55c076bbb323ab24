package dev.steelyard.core.card;

import org.jspecify.annotations.Nullable;

/** A stock keeping unit, the code by which goods are ordered: 1 to {@value #LONGEST} characters, compared exactly. */
public record Sku(String value) {

    public static final int LONGEST = 64;

    /** What no address of a page can hold, escaped or not. */
    private static final String NOT_IN_ADDRESSES = "/\\%;";

    public Sku {
        String fault = unusable(value);
        if (fault != null) {
            throw new IllegalArgumentException(fault);
        }
    }

    /** Why a text cannot become a SKU, in plain words; none where it can. Every way in asks this. */
    public static @Nullable String fault(String text) {
        String unusable = unusable(text);
        boolean noAddress = text.chars().anyMatch(sign -> NOT_IN_ADDRESSES.indexOf(sign) >= 0)
                || text.chars().allMatch(sign -> sign == '.');
        return unusable == null && noAddress
                ? "“" + text + "” cannot be a SKU: it stands in addresses, so it has no / \\ % ; and is not dots alone"
                : unusable;
    }

    private static @Nullable String unusable(String text) {
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
