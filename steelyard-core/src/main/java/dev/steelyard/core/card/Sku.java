package dev.steelyard.core.card;

import dev.steelyard.core.number.Pasted;
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
        return unusable == null && !standsInAddresses(text)
                ? "“" + text + "” cannot be a SKU: it stands in addresses, so it has no / \\ % ; and is not dots alone"
                : unusable;
    }

    /** The same of goods that are only now to be called so: what nobody sees would tell two apart that look alike. */
    public static @Nullable String faultOfNew(String text) {
        String fault = fault(text);
        return fault == null && text.chars().anyMatch(sign -> Pasted.isHidden((char) sign))
                ? "“" + text + "” has a sign in it that nobody sees, such as a space that does not break; type it anew"
                : fault;
    }

    private static boolean standsInAddresses(String text) {
        boolean dotsAlone = true;
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            if (NOT_IN_ADDRESSES.indexOf(sign) >= 0) {
                return false;
            }
            dotsAlone &= sign == '.';
        }
        return !dotsAlone;
    }

    private static @Nullable String unusable(String text) {
        if (text.isBlank() || text.length() > LONGEST || hasSpacesAround(text)) {
            return "a SKU has 1 to " + LONGEST + " characters and no spaces around it: “"
                    + text.substring(0, Math.min(text.length(), LONGEST)) + "”";
        }
        for (int i = 0; i < text.length(); i++) {
            if (Character.isISOControl(text.charAt(i))) {
                return "a SKU has no control characters";
            }
        }
        return null;
    }

    private static boolean hasSpacesAround(String text) {
        return Character.isWhitespace(text.codePointAt(0))
                || Character.isWhitespace(text.codePointBefore(text.length()));
    }

    @Override
    public String toString() {
        return value;
    }
}
