package dev.steelyard.core.formula.ast;

/** Why a formula that is right has no value for some input. */
public enum Failure {
    /** Something is divided by zero, also by MOD, CEILING and FLOOR, and by zero to the power of zero or less. */
    DIVIDES_BY_ZERO("this divides by zero"),
    /** The square root of a number below zero. */
    ROOT_OF_NEGATIVE("there is no square root of a number below 0"),
    /** A value beyond what is computed with, or a result of 10^12 or more. */
    TOO_LARGE("this becomes too large"),
    /** An exponent that is no whole number from −99 to 99. */
    EXPONENT("an exponent is a whole number from -99 to 99"),
    /** A number of digits that is no whole number from −30 to 30. */
    DIGITS("the number of digits is a whole number from -30 to 30"),
    /** A value that these goods do not have, such as a shelf price. */
    MISSING("these goods have no value for this");

    private final String words;

    Failure(String words) {
        this.words = words;
    }

    /** What is wrong, in plain words. */
    public String words() {
        return words;
    }
}
