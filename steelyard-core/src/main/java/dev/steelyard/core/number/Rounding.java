package dev.steelyard.core.number;

import java.math.BigDecimal;
import java.math.RoundingMode;
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

    /** R3: a line's total, half-up to the currency's minor digits. */
    public Money lineTotal(BigDecimal exact) {
        return new Money(exact.setScale(minorDigits, RoundingMode.HALF_UP));
    }

    /** The price of one piece to show for a line: its total over its pieces, rounded by R2; the total is what counts. */
    public Money shownPerPiece(Money line, long pieces) {
        return new Money(line.value().divide(BigDecimal.valueOf(pieces), unitPriceDecimals, RoundingMode.HALF_UP));
    }
}
