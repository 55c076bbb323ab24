package dev.steelyard.core.ladder;

/** Over which lines of a basket a ladder counts. */
public enum Over {
    /** This line only. */
    LINE,
    /** All lines of the product, whichever variant and answers. */
    PRODUCT,
    /** All lines that the card prices. */
    CARD
}
