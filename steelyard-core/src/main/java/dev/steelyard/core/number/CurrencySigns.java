package dev.steelyard.core.number;

import java.util.Currency;
import java.util.Locale;
import java.util.Set;

/** How people write currencies: by their code or by a sign. */
public final class CurrencySigns {

    private static final Set<String> DOLLARS = Set.of("USD", "CAD", "AUD", "NZD", "SGD", "HKD");

    private static final Set<String> YEN = Set.of("JPY", "CNY");
    private static final String FULL_WIDTH_YEN = "\uffe5";

    private CurrencySigns() {}

    /**
     * Whether a code or sign means a currency; one that several have means each of them.
     *
     * @param currency the code by ISO 4217
     */
    public static boolean mean(String written, String currency) {
        return written.equals(currency)
                || written.equals(Currency.getInstance(currency).getSymbol(Locale.US))
                || written.equals("$") && DOLLARS.contains(currency)
                || (written.equals("\u00a5") || written.equals(FULL_WIDTH_YEN)) && YEN.contains(currency);
    }
}
