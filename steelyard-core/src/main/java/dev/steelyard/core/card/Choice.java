package dev.steelyard.core.card;

import dev.steelyard.core.said.Wording;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An ask for one of several options. One that is not shown, or left open, is the empty text in formulas and has no
 * charge.
 *
 * @param start the option picked at first; none for none
 * @param required whether one must be picked where it is shown
 * @param shownWhen a condition over asks above it; none for always
 */
public record Choice(
        String name,
        Wording label,
        List<Option> options,
        @Nullable String start,
        Look look,
        boolean required,
        @Nullable String shownWhen)
        implements Ask {

    public Choice {
        options = List.copyOf(options);
    }

    /** Called in the shop's own language alone. */
    public Choice(
            String name,
            String label,
            List<Option> options,
            @Nullable String start,
            Look look,
            boolean required,
            @Nullable String shownWhen) {
        this(name, Wording.of(label), options, start, look, required, shownWhen);
    }

    /** A required list that is always shown. */
    public static Choice of(String name, Option... options) {
        return new Choice(name, Wording.of(name), List.of(options), null, Look.LIST, true, null);
    }

    /** The names of its options, in order. */
    public List<String> optionNames() {
        return options.stream().map(Option::name).toList();
    }

    /** How it is shown. */
    public enum Look {
        LIST,
        /** Cards with pictures. */
        CARDS,
        /** A tick box: two options, the second is the ticked one. */
        TICK
    }

    /**
     * One of the options.
     *
     * @param name the word in formulas and answers
     * @param label what the shopper reads; none for the name
     * @param picture the address of one of the shop’s own pictures; none for none
     */
    public record Option(String name, Wording label, @Nullable String picture, Charge charge) {

        private static final Pattern PICTURE =
                Pattern.compile("/pictures/[0-9a-f]{64}\\.png|/assets(/[A-Za-z0-9_-]+)+\\.(svg|png|webp|jpg)");

        /** Whether a text names a picture of the shop's own: an address that can lead nowhere else. */
        public static boolean isPicture(String file) {
            return PICTURE.matcher(file).matches();
        }

        /** Why a text is none. */
        public static String notAPicture(String file) {
            return "a picture is one of the shop’s own, as /pictures/….png or /assets/….svg, not “" + file + "”";
        }

        /** Its label, or else its name. */
        public Wording called() {
            return label.or(name);
        }

        /** An option that is called by its name and has no picture. */
        public static Option of(String name, Charge charge) {
            return new Option(name, Wording.NONE, null, charge);
        }
    }
}
