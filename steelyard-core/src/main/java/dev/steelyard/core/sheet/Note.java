package dev.steelyard.core.sheet;

import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.said.Fact;
import org.jspecify.annotations.Nullable;

/**
 * Something odd about what a row would do. It keeps nothing from being done.
 *
 * @param words what it is; empty where a finding says it
 * @param finding what a finding says; none where words do
 */
public record Note(Code code, String words, @Nullable Fact finding) {

    /** In words. */
    public Note(Code code, String words) {
        this(code, words, null);
    }

    static Note of(Code code, Finding finding) {
        return new Note(code, "", finding.said());
    }

    /** What is odd. */
    public enum Code {
        /** A larger order would cost less in total than a smaller one. */
        CLIFF("Cliff"),
        BELOW_COST("Cost and margin"),
        /** Another finding that the prices would have. */
        ODD("Worth a look"),
        /** It looks as if a percentage had been typed where a price is meant. */
        PERCENTAGE("Looks like a percentage"),
        /** The price would be ten times as high or more, or a tenth or less. */
        TENFOLD("Ten times or a tenth"),
        /** The price would change by more than the shop's figure. */
        LARGE_CHANGE("Large change"),
        /** “To” ends before the next “from” begins. */
        GAP("Gap"),
        /** “To” reaches into the next “from”. */
        OVERLAP("Overlap"),
        /** Within its range a row of everyone, or another one, is what is charged. */
        CUT("Another row counts"),
        /** It was changed in the shop since the sheet was taken out, and not in the sheet. */
        CHANGED_SINCE("Changed since");

        private final String title;

        Code(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }
}
