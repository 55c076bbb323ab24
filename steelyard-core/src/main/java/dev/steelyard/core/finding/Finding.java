package dev.steelyard.core.finding;

import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Something wrong or odd in the prices of some goods or in a card.
 *
 * @param what it is, with the figures that show it
 * @param group whose prices it is about; none for everyone's
 * @param since the day from which it is so; none for today
 * @param place the price row it is about; none where it is the shelf price, or a card's
 * @param at the part of the card it is about, as a JSON Pointer (RFC 6901); empty for the whole card or for own rows
 * @param mend what one click would do about it; none where only the owner can tell
 * @param found how it was found
 */
public record Finding(
        Code code,
        Fact what,
        @Nullable String group,
        @Nullable LocalDate since,
        @Nullable BreakKey place,
        String at,
        @Nullable Mend mend,
        Found found) {

    /** About a product's own rows, by analysis. */
    static Finding ofRows(Code code, Fact what, @Nullable String group, @Nullable BreakKey place, @Nullable Mend mend) {
        return new Finding(code, what, group, null, place, "", mend, Found.BY_ANALYSIS);
    }

    /** About a part of a card, by analysis. */
    static Finding analysed(Code code, String at, Fact what, @Nullable Mend mend) {
        return new Finding(code, what, null, null, null, at, mend, Found.BY_ANALYSIS);
    }

    /** About a part of a card, by search. */
    static Finding searched(Code code, String at, Fact what, @Nullable Mend mend) {
        return new Finding(code, what, null, null, null, at, mend, Found.BY_SEARCH);
    }

    /** The same from a day on. */
    Finding since(@Nullable LocalDate day) {
        return new Finding(code, what, group, day, place, at, mend, found);
    }

    /** All of it: from which day, whose, what. */
    public Fact said() {
        return Fact.of(FindingSays.FOUND, Part.day(since), Part.name(group), Part.of(what));
    }

    /** How it was found. */
    public enum Found {
        /** From the card as it is written: nothing of the kind is left out. */
        BY_ANALYSIS,
        /** By trying many allowed inputs: there may be more of the kind. */
        BY_SEARCH
    }

    /** What is found, each with how grave it is. */
    public enum Code {
        /** A larger order costs less in total than a smaller one. */
        CLIFF("cliff", Severity.WARNS),
        /** A unit price that goes up with quantity. */
        RISES("rises", Severity.WARNS),
        /** A break that changes nothing. */
        NO_OP("no-op", Severity.NOTE),
        /** A break, case or option that no order reaches. */
        NEVER_REACHED("never-reached", Severity.WARNS),
        /** A price under the unit cost, or under the shop's smallest margin. */
        BELOW_COST("below-cost", Severity.WARNS),
        /** An allowed input whose price is below 0. */
        NEGATIVE("negative", Severity.STOPS),
        /** An allowed input that costs nothing. */
        ZERO("zero", Severity.WARNS),
        /** Over 100 times the shelf price or, without one, the median of the searched prices. */
        TOO_DEAR("too-dear", Severity.WARNS),
        /** An allowed input that divides by zero or fails. */
        DIVISION("division", Severity.STOPS),
        /** An allowed input without a price. */
        NO_PRICE("no-price", Severity.WARNS),
        /** A cell dearer than the next larger size. */
        GRID_ORDER("grid-order", Severity.WARNS),
        /** A pack that costs more per unit than a smaller pack or the own amount. */
        PACK_DEARER("pack-dearer", Severity.WARNS),
        /** Units are not checked. */
        PLAIN_UNITS("plain-units", Severity.NOTE),
        /** Plain mode: numbers that would fit another unit of the kind. */
        UNIT_JUMP("unit-jump", Severity.WARNS),
        /** Cards that cover the same goods, customers and time. */
        OVERLAP("overlap", Severity.NOTE),
        /** A card that can never win. */
        SHADOWED("shadowed", Severity.WARNS),
        /** No product matches. */
        COVERS_NOTHING("covers-nothing", Severity.WARNS),
        /** A group pays more than everyone. */
        GROUP_DEARER("group-dearer", Severity.WARNS),
        /** Shopper limits wider than the grid or the last lot. */
        LIMITS("limits", Severity.WARNS),
        /** A kept trial whose price has changed. */
        CHECK_WEIGHT("check-weight", Severity.WARNS),
        /** A card that covers everything. */
        COVERS_EVERYTHING("covers-everything", Severity.WARNS),
        /** A value that was put in as a sample and nobody has touched. */
        SAMPLE("sample", Severity.STOPS),
        /** A price that looks like a percentage. */
        PERCENT_AS_PRICE("percent-as-price", Severity.WARNS),
        /** A percentage that looks like a price. */
        PRICE_AS_PERCENT("price-as-percent", Severity.WARNS),
        /**
         * Spending a little more costs less. Every percentage or amount over all that is spent does so, and whoever is near
         * is told what is missing; so it is only noted.
         */
        SPEND_CLIFF("spend-cliff", Severity.NOTE),
        /** A deal whose time is over. */
        EXPIRED("expired", Severity.WARNS),
        /** A code that is easy to guess. */
        WEAK_CODE("weak-code", Severity.WARNS),
        /** Another deal always takes off at least as much. */
        BEATEN("beaten", Severity.WARNS);

        private final String text;
        private final Severity severity;

        Code(String text, Severity severity) {
            this.text = text;
            this.severity = severity;
        }

        /** The code as written in files. */
        public String text() {
            return text;
        }

        public Severity severity() {
            return severity;
        }
    }

    /** How grave a finding is, the gravest first. */
    public enum Severity {
        /** A card with it cannot go live. */
        STOPS,
        WARNS,
        NOTE
    }
}
