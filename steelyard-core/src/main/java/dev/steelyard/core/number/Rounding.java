package dev.steelyard.core.number;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Currency;

/**
 * The points at which money is rounded, and the only way to {@link Money}. Half-up means half away from zero.
 *
 * <pre>{@code
 * Rounding euro = Rounding.of(Currency.getInstance("EUR"));
 * euro.pricePerPiece(new BigDecimal("6.625")); // 6.63
 * }</pre>
 *
 * @param minorDigits the currency's minor digits by ISO 4217: 2 for EUR, 0 for JPY
 * @param unitPriceDecimals decimals of the price of one piece, 0 to {@value #MOST_UNIT_PRICE_DECIMALS}
 */
public record Rounding(int minorDigits, int unitPriceDecimals) {

    public static final int MOST_UNIT_PRICE_DECIMALS = 6;

    public Rounding {
        if (minorDigits < 0) {
            throw new IllegalArgumentException("minor digits must be 0 or more, not " + minorDigits);
        }
        if (unitPriceDecimals < 0 || unitPriceDecimals > MOST_UNIT_PRICE_DECIMALS) {
            throw new IllegalArgumentException("unit price decimals go from 0 to 6, not " + unitPriceDecimals);
        }
    }

    /** The currency's own digits for both. A unit such as gold (XAU) has none and is refused. */
    public static Rounding of(Currency currency) {
        int digits = currency.getDefaultFractionDigits();
        return new Rounding(digits, digits);
    }

    /** The same with other decimals for the price of one piece. */
    public Rounding withUnitPriceDecimals(int decimals) {
        return new Rounding(minorDigits, decimals);
    }

    /** R2: the price of one piece, half-up to the unit price decimals. */
    public Money pricePerPiece(BigDecimal exact) {
        return new Money(exact.setScale(unitPriceDecimals, RoundingMode.HALF_UP));
    }

    /**
     * The nearest price that is some whole number of steps above the least one, half-up: 7.696 with steps of 1 from 0.95
     * is 7.95. A price below the least one is the least one; one below 0 stays, rounded by R2.
     */
    public BigDecimal toEnding(BigDecimal exact, BigDecimal every, BigDecimal least) {
        if (exact.signum() < 0) {
            return pricePerPiece(exact).value();
        }
        BigDecimal steps = exact.subtract(least, Decimals.EXACT).divide(every, 0, RoundingMode.HALF_UP);
        return steps.max(BigDecimal.ZERO).multiply(every).add(least);
    }

    /** R3: a line's total, half-up to the currency's minor digits. */
    public Money lineTotal(BigDecimal exact) {
        return new Money(exact.setScale(minorDigits, RoundingMode.HALF_UP));
    }

    /**
     * R4: what exact reductions come to, in minor units. Their sum is rounded half-up; each gets its own rounded down
     * (toward −∞), and the units left over go one each to the largest remainders, ties to the earlier one, so that the
     * shares add up to the rounded sum. 3.333, 3.333 and 3.334 are 333, 333 and 334.
     */
    public long[] shares(Quotient[] exact) {
        long[] shares = new long[exact.length];
        Quotient[] remainders = new Quotient[exact.length];
        Quotient sum = Quotient.ZERO;
        long given = 0;
        for (int i = 0; i < exact.length; i++) {
            sum = sum.plus(exact[i]);
            BigDecimal whole = exact[i].rounded(minorDigits, RoundingMode.FLOOR);
            shares[i] = whole.movePointRight(minorDigits).longValueExact();
            remainders[i] = exact[i].minus(Quotient.of(whole));
            given += shares[i];
        }
        long left = sum.rounded(minorDigits, RoundingMode.HALF_UP)
                        .movePointRight(minorDigits)
                        .longValueExact()
                - given;
        if (left > 0) {
            Integer[] largestFirst = new Integer[exact.length];
            Arrays.setAll(largestFirst, i -> i);
            Arrays.sort(largestFirst, (one, other) -> remainders[other].compareTo(remainders[one])); // stable
            for (int i = 0; i < left; i++) {
                shares[largestFirst[i]]++;
            }
        }
        return shares;
    }

    /** A quotient as it is shown, to the currency's minor digits, half-up. */
    public Money shown(Quotient exact) {
        return new Money(exact.rounded(minorDigits, RoundingMode.HALF_UP));
    }

    /** R5: tax, half-up to the currency's minor digits. */
    public Money tax(BigDecimal exact) {
        return lineTotal(exact);
    }

    /** A line's total in minor units: 12.50 is 1250 where there are two minor digits. */
    public long minorUnits(Money rounded) {
        return rounded.value().movePointRight(minorDigits).longValueExact();
    }

    /** So many minor units: 1250 is 12.50 where there are two minor digits. */
    public Money ofMinorUnits(long units) {
        return new Money(BigDecimal.valueOf(units, minorDigits));
    }

    /** The price of one piece to show for a line: its total over its pieces, rounded by R2; the total is what counts. */
    public Money shownPerPiece(Money line, long pieces) {
        return new Money(line.value().divide(BigDecimal.valueOf(pieces), unitPriceDecimals, RoundingMode.HALF_UP));
    }
}
