package dev.steelyard.core.unit;

/**
 * What a number measures, as powers of money, length and weight: an area is length to the second, a rate per square
 * metre money by length to the minus second. A plain number, and a count, is all zeros.
 */
public record Dimension(int money, int length, int weight) {

    public static final Dimension PLAIN = new Dimension(0, 0, 0);
    public static final Dimension MONEY = new Dimension(1, 0, 0);
    public static final Dimension LENGTH = new Dimension(0, 1, 0);
    public static final Dimension AREA = new Dimension(0, 2, 0);
    public static final Dimension VOLUME = new Dimension(0, 3, 0);
    public static final Dimension WEIGHT = new Dimension(0, 0, 1);

    /** The dimension of a product. */
    public Dimension times(Dimension other) {
        return new Dimension(money + other.money, length + other.length, weight + other.weight);
    }

    /** The dimension of a quotient. */
    public Dimension per(Dimension other) {
        return times(other.power(-1));
    }

    /** The dimension of a whole power. */
    public Dimension power(int exponent) {
        return new Dimension(money * exponent, length * exponent, weight * exponent);
    }

    /** Whether every power is even, so that a square root has a dimension. */
    public boolean isSquare() {
        return money % 2 == 0 && length % 2 == 0 && weight % 2 == 0;
    }

    /** The dimension of a square root; only for {@link #isSquare}. */
    public Dimension root() {
        if (!isSquare()) {
            throw new IllegalArgumentException(this + " has no square root");
        }
        return new Dimension(money / 2, length / 2, weight / 2);
    }

    /** What the shop's people call it: “an area”, “money per m²”, “a length times money”. */
    public String words() {
        return DimensionWords.of(this);
    }
}
