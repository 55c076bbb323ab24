package dev.steelyard.core.curve;

/** What a curve goes along. */
public sealed interface Variable {

    /** How many pieces are ordered. */
    record Pieces() implements Variable {}

    /** The amount of one piece before waste and rounding, in the rate's unit; for cards whose case has a rate. */
    record Amount() implements Variable {}

    /** One measurement, in its own unit. */
    record Measured(String name) implements Variable {}
}
