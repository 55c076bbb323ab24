package dev.steelyard.format.table;

import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Numbers on their way to and from spreadsheet programs, which keep 15 digits. */
final class Figures {

    private static final MathContext KEPT = new MathContext(15, RoundingMode.HALF_EVEN);

    private Figures() {}

    static String plain(BigDecimal value, int decimals) {
        return Decimals.plain(value, decimals);
    }

    /** Whether a spreadsheet program would keep every digit. */
    static boolean fits(BigDecimal value) {
        return value.round(KEPT).compareTo(value) == 0;
    }

    /** 6.9000000000000004, as binary numbers are written, is 6.9. */
    static BigDecimal read(String digits) {
        return Decimals.normal(new BigDecimal(digits.strip()).round(KEPT));
    }
}
