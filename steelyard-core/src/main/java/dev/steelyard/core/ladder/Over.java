package dev.steelyard.core.ladder;

/** Over which lines of a basket the pieces of a ladder are counted. */
public enum Over {
    /** This line only. */
    LINE,
    /** All lines of the product, whichever variant. */
    PRODUCT
}
