package dev.steelyard.core.reckoning;

/** Why there is no price: where, of what kind, and what in plain words. */
public record Fault(Place place, Kind kind, String message) {

    /** A fault of what was asked for. */
    public Fault(Place place, String message) {
        this(place, Kind.ANSWER, message);
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
