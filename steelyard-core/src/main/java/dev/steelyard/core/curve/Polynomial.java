package dev.steelyard.core.curve;

import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.List;

/**
 * A polynomial by its forward differences at equally spaced points (Newton's form), which for a spacing that is a power
 * of ten are exact decimals. Immutable.
 */
public final class Polynomial {

    private final BigDecimal start;
    private final BigDecimal spacing;
    private final BigDecimal[] differences;

    private Polynomial(BigDecimal start, BigDecimal spacing, BigDecimal[] differences) {
        this.start = start;
        this.spacing = spacing;
        this.differences = differences;
    }

    /** The polynomial through values at start, start + spacing, and so on; its degree is one less than their number. */
    static Polynomial through(BigDecimal start, BigDecimal spacing, List<BigDecimal> values) {
        BigDecimal[] row = values.toArray(BigDecimal[]::new);
        for (int order = 1; order < row.length; order++) {
            for (int i = row.length - 1; i >= order; i--) {
                row[i] = row[i].subtract(row[i - 1], Decimals.EXACT);
            }
        }
        return new Polynomial(start, spacing, row);
    }

    /** Its value, exact to 34 digits. */
    public BigDecimal at(BigDecimal x) {
        BigDecimal steps = x.subtract(start).divide(spacing, Decimals.EXACT);
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal choose = BigDecimal.ONE;
        for (int i = 0; i < differences.length; i++) {
            sum = sum.add(differences[i].multiply(choose, Decimals.EXACT), Decimals.EXACT);
            choose = choose.multiply(steps.subtract(BigDecimal.valueOf(i)), Decimals.EXACT)
                    .divide(BigDecimal.valueOf(i + 1L), Decimals.EXACT);
        }
        return sum;
    }

    /** The highest power of the variable that it may have. */
    public int degree() {
        return differences.length - 1;
    }
}
