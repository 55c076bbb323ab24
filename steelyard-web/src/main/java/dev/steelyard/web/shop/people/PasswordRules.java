package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.page.ShippedText;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a password must be: long, and none that everybody tries first. It need not have figures or signs (NIST SP 800-63B,
 * section 3.1.1.2).
 */
public final class PasswordRules {

    static final int LEAST = 12;
    private static final int MOST = 200;
    private static final int FEWEST_DIFFERENT = 5;

    private static final Set<String> COMMON = ShippedText.of("begin/common-passwords.txt")
            .lines()
            .map(String::strip)
            .filter(line -> !line.isEmpty())
            .collect(Collectors.toUnmodifiableSet());

    private PasswordRules() {}

    /**
     * Why a password cannot be taken; none where it can.
     *
     * @param names of the person, which it is not to be made of
     */
    public static @Nullable String fault(String password, String... names) {
        if (password.length() < LEAST) {
            return "A password has at least " + LEAST + " characters; this one has " + password.length();
        }
        if (password.length() > MOST) {
            return "A password has at most " + MOST + " characters; this one has " + password.length();
        }
        String plain = password.toLowerCase(Locale.ROOT);
        if (COMMON.contains(plain)) {
            return "This is one of the passwords that are tried first; take another";
        }
        if (plain.chars().distinct().count() < FEWEST_DIFFERENT) {
            return "A password has at least " + FEWEST_DIFFERENT + " different characters";
        }
        for (String name : names) {
            String rest = name.isBlank() ? plain : plain.replace(name.strip().toLowerCase(Locale.ROOT), "");
            if (rest.length() < LEAST / 2 && !rest.equals(plain)) {
                return "A password is more than a name with a few characters; take another";
            }
        }
        return null;
    }
}
