package dev.steelyard.core.number;

import java.math.BigDecimal;

/**
 * A sum of money that has passed a {@link Rounding} point: its scale is the number of decimals it is shown with. Exact
 * working numbers are plain {@link BigDecimal}s; only {@code Rounding} crosses from one to the other.
 *
 * <p>Immutable. The currency is the shop's, the same for all of its prices.
 */
public final class Money implements Comparable<Money> {

    private final BigDecimal value;

    Money(BigDecimal rounded) {
        this.value = rounded;
    }

    /** The sum, its scale the decimals shown. */
    public BigDecimal value() {
        return value;
    }

    /** So many pieces at this price, exact: both are so short that the product is too. */
    public BigDecimal times(long pieces) {
        return value.multiply(BigDecimal.valueOf(pieces));
    }

    @Override
    public int compareTo(Money other) {
        return value.compareTo(other.value);
    }

    /** Equal by amount: 7.4 and 7.40 are the same money. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Money money && value.compareTo(money.value) == 0;
    }

    @Override
    public int hashCode() {
        return value.stripTrailingZeros().hashCode();
    }

    /** Plain digits with a decimal point, free of locale: {@code 1362.50}. */
    @Override
    public String toString() {
        return value.toPlainString();
    }
}
