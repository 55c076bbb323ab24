package dev.steelyard.core.finding;

import dev.steelyard.core.ladder.BreakKey;
import org.jspecify.annotations.Nullable;

/**
 * Something wrong or odd in the prices of some goods.
 *
 * @param message one sentence with the figures that show it
 * @param place the break it is about; none where it is the shelf price
 * @param mend what one click would do about it; none where only the owner can tell
 */
public record Finding(Code code, String message, @Nullable BreakKey place, @Nullable Mend mend) {

    /** What is found, each with how grave it is. */
    public enum Code {
        /** A larger order costs less in total than a smaller one. */
        CLIFF("cliff", Severity.WARNS),
        /** A unit price that goes up with quantity. */
        RISES("rises", Severity.WARNS),
        /** A break that changes nothing. */
        NO_OP("no-op", Severity.NOTE),
        /** A price under the unit cost, or under the shop's smallest margin. */
        BELOW_COST("below-cost", Severity.WARNS),
        /** A group pays more than everyone. */
        GROUP_DEARER("group-dearer", Severity.WARNS);

        private final String text;
        private final Severity severity;

        Code(String text, Severity severity) {
            this.text = text;
            this.severity = severity;
        }

        /** The code as written in files and on pages. */
        public String text() {
            return text;
        }

        public Severity severity() {
            return severity;
        }
    }

    /** How grave a finding is. */
    public enum Severity {
        WARNS,
        NOTE
    }
}
