package dev.steelyard.core.pricing;

/** No price: the first fault, where it is and what it is in plain words. */
public record RefusedLine(Place place, String message) implements LineResult {

    /** Where a fault is, in the order in which they are looked for. */
    public enum Place {
        /** The SKU is of nothing that is sold. */
        SKU,
        /** The number of pieces. */
        QUANTITY,
        /** The price of one piece. */
        PIECE
    }
}
