package dev.steelyard.core.card;

/** A stock keeping unit, the code by which goods are ordered: 1 to {@value #LONGEST} characters, compared exactly. */
public record Sku(String value) {

    public static final int LONGEST = 64;

    public Sku {
        if (value.isBlank() || value.length() > LONGEST || !value.equals(value.strip())) {
            throw new IllegalArgumentException(
                    "a SKU has 1 to " + LONGEST + " characters and no spaces around it: “" + value + "”");
        }
        if (value.chars().anyMatch(Character::isISOControl)) {
            throw new IllegalArgumentException("a SKU has no control characters");
        }
    }

    @Override
    public String toString() {
        return value;
    }
}
