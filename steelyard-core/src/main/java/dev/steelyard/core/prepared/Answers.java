package dev.steelyard.core.prepared;

import dev.steelyard.core.number.Pasted;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What the shopper answered.
 *
 * @param byName an answer for each ask's name
 * @param pack the name of the pack picked; none for none
 */
public record Answers(Map<String, Answer> byName, @Nullable String pack) {

    private static final Pattern WITH_UNIT = Pattern.compile("([-+]?[0-9][0-9.,]*)[\\s\\p{Z}]*(\\p{L}\\S*)");

    public static final Answers NONE = new Answers(Map.of(), null);

    public Answers {
        byName = Map.copyOf(byName);
    }

    /** These answers and no pack. */
    public static Answers of(Map<String, Answer> byName) {
        return new Answers(byName, null);
    }

    /** An answer as typed or as a number; a choice's is the name of its option. */
    public sealed interface Answer {

        /** The words of it, outer spaces aside. */
        String text();

        /** As typed, in a unit's code as written in files; none for the ask's own unit. */
        record Typed(String text, @Nullable String unit) implements Answer {
            public Typed {
                text = Pasted.stripped(text);
            }
        }

        /** A number, in a unit; none for the ask's own unit. */
        record Number(BigDecimal value, @Nullable Unit unit) implements Answer {
            @Override
            public String text() {
                return value.toPlainString();
            }
        }

        /**
         * As people type or paste it: {@code 5.2 m} is 5.2 in metres, whatever unit is picked beside the field. What
         * stands behind the number counts only if it is a unit's code or symbol; else the text stays as it is, and is
         * refused as no number.
         *
         * @param picked the code of the unit picked beside the field; none for the ask's own
         */
        static Answer pasted(String text, @Nullable String picked) {
            Matcher parts = WITH_UNIT.matcher(Pasted.stripped(text));
            return parts.matches()
                    ? Unit.written(parts.group(2))
                            .<Answer>map(unit -> new Typed(parts.group(1), unit.code()))
                            .orElseGet(() -> new Typed(text, picked))
                    : new Typed(text, picked);
        }

        /** As typed, in the ask's own unit. */
        static Answer of(String text) {
            return new Typed(text, null);
        }
    }
}
