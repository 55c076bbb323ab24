package dev.steelyard.core.card;

import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An ask for a number with a unit. Limits include their ends; all numbers are in its own unit.
 *
 * @param unit the unit it is typed in
 * @param otherUnits units of the same kind that the shopper may pick as well
 * @param least smallest; none for no limit
 * @param most largest; none for no limit
 * @param step counted from the smallest, from 0 if none; in its own unit, also for what is typed in one it does not offer
 * @param start what stands there at first
 * @param whole whether only whole numbers may be typed: of its own unit, or of the offered one it is typed in
 * @param help text beside the field
 * @param tooSmall own words for below the smallest
 * @param tooLarge own words for above the largest
 * @param shownWhen a condition over asks above it, on which it is asked; none for always
 * @param notAsked the value that counts where it is not asked, whatever its limits and step; there where {@code shownWhen}
 *     is
 */
public record Measurement(
        String name,
        Wording label,
        Type type,
        Unit unit,
        List<OtherUnit> otherUnits,
        @Nullable BigDecimal least,
        @Nullable BigDecimal most,
        @Nullable BigDecimal step,
        @Nullable BigDecimal start,
        boolean whole,
        Wording help,
        Wording tooSmall,
        Wording tooLarge,
        @Nullable String shownWhen,
        @Nullable BigDecimal notAsked)
        implements Ask {

    public Measurement {
        otherUnits = List.copyOf(otherUnits);
    }

    /** One that is always asked, its words in the shop's own language alone. */
    public Measurement(
            String name,
            String label,
            Type type,
            Unit unit,
            List<OtherUnit> otherUnits,
            @Nullable BigDecimal least,
            @Nullable BigDecimal most,
            @Nullable BigDecimal step,
            @Nullable BigDecimal start,
            boolean whole,
            @Nullable String help,
            @Nullable String tooSmall,
            @Nullable String tooLarge) {
        this(
                name,
                Wording.of(label),
                type,
                unit,
                otherUnits,
                least,
                most,
                step,
                start,
                whole,
                written(help),
                written(tooSmall),
                written(tooLarge),
                null,
                null);
    }

    private static Wording written(@Nullable String text) {
        return text == null ? Wording.NONE : Wording.of(text);
    }

    /** A measurement with limits and a step and nothing else. */
    public static Measurement of(String name, Unit unit, String least, String most, String step) {
        return new Measurement(
                name,
                name,
                Type.of(unit),
                unit,
                List.of(),
                new BigDecimal(least),
                new BigDecimal(most),
                new BigDecimal(step),
                null,
                false,
                null,
                null,
                null);
    }

    /** What can be typed: “0.5 to 200 m, in steps of 0.5 m”. */
    public Fact allowed() {
        Part steps = step == null ? Part.NONE : Part.amount(step, unit);
        Part wholly = whole ? Part.of(Refusal.WHOLE_NUMBERS) : Part.NONE;
        if (least == null && most == null) {
            return Fact.of(Refusal.ANY_NUMBER, new Part.UnitOf(unit), steps, wholly);
        }
        return Fact.of(
                Refusal.BETWEEN,
                least == null ? Part.NONE : most == null ? Part.amount(least, unit) : Part.number(least),
                most == null ? Part.NONE : Part.amount(most, unit),
                steps,
                wholly);
    }

    /** The same for any value within its limits. */
    public Measurement withoutStep() {
        return new Measurement(
                name,
                label,
                type,
                unit,
                otherUnits,
                least,
                most,
                null,
                start,
                false,
                help,
                tooSmall,
                tooLarge,
                shownWhen,
                notAsked);
    }

    /** What kind of thing is measured. */
    public enum Type {
        LENGTH("length", Dimension.LENGTH),
        AREA("area", Dimension.AREA),
        VOLUME("volume", Dimension.VOLUME),
        WEIGHT("weight", Dimension.WEIGHT),
        COUNT("count", Dimension.PLAIN),
        NUMBER("number", Dimension.PLAIN);

        private final String code;
        private final Dimension dimension;

        Type(String code, Dimension dimension) {
            this.code = code;
            this.dimension = dimension;
        }

        /** The word in files. */
        public String code() {
            return code;
        }

        public Dimension dimension() {
            return dimension;
        }

        static Type of(Unit unit) {
            return Arrays.stream(values())
                    .filter(type -> type.dimension.equals(unit.dimension()))
                    .findFirst()
                    .orElse(NUMBER);
        }
    }
}
