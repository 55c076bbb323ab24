package dev.steelyard.core.deal;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import java.util.List;

/**
 * A basket after its deals.
 *
 * @param left of each line, in order; never below 0
 * @param used in the order in which they were applied
 * @param unused why each other one was not; empty where nobody asked
 * @param next what would unlock more, of used deals and of others; empty where nobody asked
 */
public record Dealt(List<Money> left, List<Used> used, List<Unused> unused, List<Next> next) {

    /** No lines and no deals. */
    public static final Dealt NOTHING = new Dealt(List.of(), List.of(), List.of(), List.of());

    public Dealt {
        left = List.copyOf(left);
        used = List.copyOf(used);
        unused = List.copyOf(unused);
        next = List.copyOf(next);
    }

    /**
     * A deal that changed the total.
     *
     * @param shares what it took off each line; below 0 where it added
     * @param saved their sum
     * @param detail the figures it went by; none where nobody asked
     */
    public record Used(Deal deal, List<Money> shares, Money saved, Part detail) {
        public Used {
            shares = List.copyOf(shares);
        }
    }

    /**
     * A deal that changed nothing.
     *
     * @param detail why, with figures
     */
    public record Unused(Deal deal, Why why, Fact detail) {}

    /** Why a deal was not used. */
    public enum Why {
        PAUSED,
        CUSTOMER,
        COUNTRY,
        NOT_YET,
        NO_LONGER,
        /** Another day of the week or time of day. */
        NOT_NOW,
        /** Its code was not given. */
        CODE,
        /** Another payment method is picked, or none. */
        PAYMENT,
        /** The basket does not contain what it must. */
        CONTAINS,
        /** None of its goods is in the basket. */
        NO_GOODS,
        /** There is not enough of its goods. */
        TOO_LITTLE,
        /** Others give more. */
        ANOTHER_GIVES_MORE,
        /** It would take nothing off. */
        TAKES_NOTHING
    }
}
