package dev.steelyard.core.reckoning;

import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;

/** Why there is no price: where, of what kind, and what. */
public record Fault(Place place, Kind kind, Fact what) {

    /** A fault of what was asked for. */
    public Fault(Place place, Fact what) {
        this(place, Kind.ANSWER, what);
    }

    /** The same of a code and its parts. */
    public static Fault of(Place place, Refusal code, Part... parts) {
        return new Fault(place, Fact.of(code, parts));
    }

    /** Of what kind a fault is, for those who look for faults of cards. */
    public enum Kind {
        /** What was asked for is not sold, or not so. */
        ANSWER,
        /** The card has no price for it. */
        NO_PRICE,
        /** It is beyond the price grid or the last lot. */
        BEYOND,
        /** The price comes to less than 0. */
        NEGATIVE,
        /** The price comes to more than is computed with. */
        TOO_LARGE,
        /** A formula has no value. */
        FAILED
    }
}
