package dev.steelyard.web.base.page;

import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** Currencies that money can be in, by their ISO 4217 codes, with their names in English. */
public final class Currencies {

    private static final Map<String, String> NAMES = names();

    private Currencies() {}

    public static Map<String, String> all() {
        return NAMES;
    }

    private static Map<String, String> names() {
        Map<String, String> names = new LinkedHashMap<>();
        Currency.getAvailableCurrencies().stream()
                .filter(one -> one.getDefaultFractionDigits() >= 0)
                .map(Currency::getCurrencyCode)
                .filter(code -> !code.startsWith("X") || code.matches("XAF|XOF|XCD|XPF"))
                .sorted()
                .forEach(code -> names.put(code, Currency.getInstance(code).getDisplayName(Locale.UK)));
        return names;
    }
}
