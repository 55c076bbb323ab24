package dev.steelyard.core.ladder;

import org.jspecify.annotations.Nullable;

/**
 * Two breaks of which nobody could say which counts.
 *
 * @param first index of the earlier one in the list given
 * @param second index of the later one
 * @param message what is wrong, in words
 */
public record BreakClash(int first, int second, String message) {

    static BreakClash between(int first, int second, Break one) {
        String who = who(one.group());
        return new BreakClash(
                first,
                second,
                one.validity().dated()
                        ? "from " + one.from().toPlainString() + who
                                + " stands twice on the same days; let one end where the other begins"
                        : "from " + one.from().toPlainString() + who
                                + " stands twice; keep one, or give one of them dates");
    }

    private static String who(@Nullable String group) {
        return group == null ? "" : " for " + group;
    }
}
