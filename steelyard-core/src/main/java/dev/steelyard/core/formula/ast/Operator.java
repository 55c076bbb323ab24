package dev.steelyard.core.formula.ast;

/** The operators between two parts, as written. */
public enum Operator {
    ADD("+"),
    SUBTRACT("-"),
    MULTIPLY("*"),
    DIVIDE("/"),
    POWER("^"),
    EQUAL("="),
    UNEQUAL("<>"),
    LESS("<"),
    LESS_OR_EQUAL("<="),
    GREATER(">"),
    GREATER_OR_EQUAL(">=");

    private final String sign;

    Operator(String sign) {
        this.sign = sign;
    }

    public String sign() {
        return sign;
    }

    /** Whether it makes a yes or no. */
    public boolean compares() {
        return compareTo(EQUAL) >= 0;
    }

    /** Whether it fits texts too. */
    public boolean fitsTexts() {
        return this == EQUAL || this == UNEQUAL;
    }
}
