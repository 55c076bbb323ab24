package dev.steelyard.core.said;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What a fact is told with. Figures are exact; how many digits are shown is for those who show them. */
public sealed interface Part {

    /** Where there is nothing to put in. */
    Part NONE = new None();

    /** Whether it is money, or has money in it. */
    default boolean tellsMoney() {
        return false;
    }

    /** Nothing. */
    record None() implements Part {
        @Override
        public String toString() {
            return "";
        }
    }

    /** How many of something there are. */
    record Count(long value) implements Part {
        @Override
        public String toString() {
            return Long.toString(value);
        }
    }

    /** A bare number or a percentage. */
    record Number(BigDecimal value) implements Part {
        @Override
        public String toString() {
            return Decimals.plain(value, 0);
        }
    }

    /**
     * Money in the shop's currency.
     *
     * @param decimals shown, at least
     */
    record Money(BigDecimal value, int decimals) implements Part {
        @Override
        public boolean tellsMoney() {
            return true;
        }

        @Override
        public String toString() {
            return Decimals.plain(value, decimals);
        }
    }

    /** An amount in a unit. */
    record Amount(BigDecimal value, Unit unit) implements Part {
        @Override
        public String toString() {
            String digits = Decimals.plain(value, 0);
            return unit.symbol().isEmpty() ? digits : digits + " " + unit.symbol();
        }
    }

    /** A unit by itself. */
    record UnitOf(Unit unit) implements Part {
        @Override
        public String toString() {
            return unit.code();
        }
    }

    /** What numbers of a kind measure. */
    record KindOf(Dimension dimension) implements Part {
        @Override
        public String toString() {
            return dimension.words();
        }
    }

    /** What an owner wrote. */
    record Name(Wording wording) implements Part {
        @Override
        public String toString() {
            return wording.own();
        }
    }

    /**
     * Something that owners know by its name, and shoppers by words of its own: a deal.
     *
     * @param name for owners
     */
    record Called(String name, Wording words) implements Part {
        @Override
        public String toString() {
            return name;
        }
    }

    /** As somebody typed it, or a code: the same in all languages. */
    record Typed(String text) implements Part {
        @Override
        public String toString() {
            return text;
        }
    }

    /**
     * A formula with a line's numbers put in, written as formulas are.
     *
     * @param plain whether it is but numbers, units and signs, which shoppers can read
     */
    record Worked(String text, boolean plain) implements Part {
        @Override
        public String toString() {
            return text;
        }
    }

    /** A day in the shop's time zone. */
    record Day(LocalDate day) implements Part {
        @Override
        public String toString() {
            return day.toString();
        }
    }

    /** A country, by its ISO 3166-1 code. */
    record Country(String code) implements Part {
        @Override
        public String toString() {
            return code;
        }
    }

    /** A way to pay, by the word that deals name it by. */
    record PaidBy(String label) implements Part {
        @Override
        public String toString() {
            return label;
        }
    }

    /** A fact within a fact. */
    record Of(Fact fact) implements Part {
        @Override
        public boolean tellsMoney() {
            return fact.tellsMoney();
        }

        @Override
        public String toString() {
            return fact.toString();
        }
    }

    /** Some of these, in order. */
    record All(Join join, List<Part> parts) implements Part {
        public All {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean tellsMoney() {
            return parts.stream().anyMatch(Part::tellsMoney);
        }

        @Override
        public String toString() {
            return parts.stream().map(Part::toString).collect(Collectors.joining(join.between()));
        }
    }

    /** How some parts go together. */
    enum Join {
        AND(" and "),
        OR(" or "),
        /** One after the other. */
        LIST(", "),
        /** Sentences that could stand alone. */
        APART("; "),
        /** Added up. */
        PLUS(" + ");

        private final String between;

        Join(String between) {
            this.between = between;
        }

        String between() {
            return between;
        }
    }

    /** @param label none for nothing */
    static Part paidBy(@Nullable String label) {
        return label == null ? NONE : new PaidBy(label);
    }

    static Part count(long value) {
        return new Count(value);
    }

    static Part number(BigDecimal value) {
        return new Number(value);
    }

    /** Money that is exact so far: shown with two decimals at least. */
    static Part money(BigDecimal value) {
        return new Money(value, 2);
    }

    /** Money that was rounded. */
    static Part money(dev.steelyard.core.number.Money money) {
        return new Money(money.value(), money.value().scale());
    }

    static Part amount(BigDecimal value, Unit unit) {
        return new Amount(value, unit);
    }

    /** What is written, or nothing. */
    static Part name(@Nullable String name) {
        return name == null || name.isEmpty() ? NONE : new Name(Wording.of(name));
    }

    /** What is written, or nothing. */
    static Part name(Wording wording) {
        return wording.isEmpty() ? NONE : new Name(wording);
    }

    static Part typed(@Nullable String text) {
        return text == null ? NONE : new Typed(text);
    }

    static Part day(@Nullable LocalDate day) {
        return day == null ? NONE : new Day(day);
    }

    static Part of(Code code, Part... parts) {
        return new Of(Fact.of(code, parts));
    }

    static Part of(@Nullable Fact fact) {
        return fact == null ? NONE : new Of(fact);
    }

    static Part all(Join join, List<? extends Part> parts) {
        return parts.isEmpty() ? NONE : new All(join, List.copyOf(parts));
    }
}
