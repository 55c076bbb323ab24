package dev.steelyard.web.shop;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.TypedNumbers;
import java.math.BigDecimal;
import java.util.Objects;

/** A rate of tax as typed, in percent. */
public final class TypedRate {

    private static final BigDecimal MOST = BigDecimal.valueOf(100);
    private static final int MOST_DECIMALS = 3;
    private static final int SHOWN = 40;

    private TypedRate() {}

    /** Why it is none; empty where it is one. */
    public static String fault(String typed) {
        DecimalText.Reading reading = TypedNumbers.read(typed);
        if (reading.fault() != null) {
            return reading.fault().message();
        }
        BigDecimal rate = reading.value();
        String shown = typed.length() <= SHOWN ? typed : typed.substring(0, SHOWN) + "…";
        if (rate == null || rate.signum() < 0 || rate.compareTo(MOST) > 0) {
            return "A rate goes from 0 to 100 percent, not " + shown;
        }
        return Decimals.normal(rate).scale() > MOST_DECIMALS
                ? "A rate has at most " + MOST_DECIMALS + " decimals, not " + shown
                : "";
    }

    /** One that was found to be a rate. */
    public static BigDecimal read(String typed) {
        return Objects.requireNonNull(TypedNumbers.read(typed).value());
    }
}
