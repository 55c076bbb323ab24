package dev.steelyard.core.ladder;

import dev.steelyard.core.said.Wording;
import java.util.Arrays;
import java.util.Optional;

/**
 * The owner's own words for a break on the shop page. The second line has a figure in it that is worked out when it is
 * shown, so that no number is typed that could go stale.
 *
 * @param title such as “Two sets”; empty for none
 * @param before what stands before the figure
 * @param figure which number is put in
 * @param after what stands behind the figure
 * @param mark a short word on it, such as “most taken”; empty for none
 */
public record BreakWords(Wording title, Wording before, Figure figure, Wording after, Wording mark) {

    public static final BreakWords NONE =
            new BreakWords(Wording.NONE, Wording.NONE, Figure.NONE, Wording.NONE, Wording.NONE);

    /** A number that a break has by itself. */
    public enum Figure {
        NONE("none"),
        /** What one piece costs. */
        EACH("price-each"),
        /** What the smallest order at this break costs. */
        TOTAL("total"),
        /** What each piece costs less than without the break. */
        SAVED_EACH("saved-each"),
        /** What the smallest order at this break costs less than without it. */
        SAVED_IN_ALL("saved-in-all"),
        /** The same as a percentage. */
        SAVED_PERCENT("saved-percent");

        private final String code;

        Figure(String code) {
            this.code = code;
        }

        /** The word in files. */
        public String code() {
            return code;
        }

        /** The figure of a word in files. */
        public static Optional<Figure> of(String code) {
            return Arrays.stream(values())
                    .filter(figure -> figure.code.equals(code))
                    .findFirst();
        }
    }
}
