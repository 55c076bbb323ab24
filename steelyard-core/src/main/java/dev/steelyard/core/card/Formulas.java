package dev.steelyard.core.card;

/** How the formulas of a card are read. */
public enum Formulas {
    /** Numbers have units, and kinds are checked. */
    WITH_UNITS,
    /** Everything is a bare number, measurements in the unit they are typed in; for formulas brought along. */
    PLAIN
}
