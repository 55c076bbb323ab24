package dev.steelyard.web.shop.people;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The name somebody signs in with. */
public final class SignInName {

    private static final Pattern NAME = Pattern.compile("[\\p{L}\\p{N}._@-]{1,60}");

    private SignInName() {}

    /** Why it cannot be one; none where it can. */
    public static @Nullable String fault(String name) {
        return NAME.matcher(name).matches() ? null : "1 to 60 letters, figures and . _ - @ only, without spaces";
    }
}
