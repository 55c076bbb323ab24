package dev.steelyard.core.card;

/** Something the shopper is asked. */
public sealed interface Ask permits Measurement, Choice {

    /** The word formulas, files and answers use for it. */
    String name();

    /** What the shopper reads. */
    String label();
}
