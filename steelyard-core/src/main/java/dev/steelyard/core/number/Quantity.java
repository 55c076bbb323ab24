package dev.steelyard.core.number;

import dev.steelyard.core.number.DecimalText.Why;
import java.math.BigDecimal;

/** How many pieces may be ordered at once: whole numbers from {@value #LEAST} to {@value #MOST}. */
public final class Quantity {

    public static final int LEAST = 1;
    public static final int MOST = 1_000_000;

    private Quantity() {}

    /** Whether so many pieces may be ordered. */
    public static boolean allowed(long pieces) {
        return pieces >= LEAST && pieces <= MOST;
    }

    /** Whether a number is a whole one of pieces that may be ordered. */
    public static boolean allowed(BigDecimal value) {
        return value.stripTrailingZeros().scale() <= 0
                && value.compareTo(BigDecimal.valueOf(LEAST)) >= 0
                && value.compareTo(BigDecimal.valueOf(MOST)) <= 0;
    }

    /** “1 piece”, “12 pieces”. */
    public static String words(long pieces) {
        return words(String.valueOf(pieces));
    }

    /** “1 piece”, “12 pieces”, of a number that is written already. */
    public static String words(String pieces) {
        return pieces + (pieces.equals("1") ? " piece" : " pieces");
    }

    /** “1 piece costs”, “12 pieces cost”, of a number that is written already. */
    public static String costing(String pieces) {
        return words(pieces) + (pieces.equals("1") ? " costs" : " cost");
    }

    /** Reads a typed quantity; the fault says what was given and what is allowed. */
    public static DecimalText.Reading read(String text) {
        DecimalText.Reading reading = DecimalText.read(text);
        BigDecimal value = reading.value();
        if (value == null) {
            return reading;
        }
        if (value.stripTrailingZeros().scale() > 0) {
            return DecimalText.fault(Why.NOT_WHOLE, value.toPlainString());
        }
        if (value.compareTo(BigDecimal.valueOf(LEAST)) < 0) {
            return DecimalText.fault(Why.TOO_FEW, value.toPlainString());
        }
        if (value.compareTo(BigDecimal.valueOf(MOST)) > 0) {
            return DecimalText.fault(Why.TOO_MANY, value.toPlainString());
        }
        return reading;
    }
}
