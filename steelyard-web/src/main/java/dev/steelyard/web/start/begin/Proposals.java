package dev.steelyard.web.start.begin;

import dev.steelyard.web.base.page.ShippedText;
import dev.steelyard.words.Language;
import java.text.DecimalFormatSymbols;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;

/** What is proposed to a shop of a country; all of it can be changed. */
final class Proposals {

    /** The day the rates were written down. */
    static final String WRITTEN_DOWN = "30 November 2026";

    private static final Properties ZONES = ShippedText.pairs("begin/zones.properties");
    private static final Properties RATES = ShippedText.pairs("begin/rates.properties");

    /** Where people are used to prices to which tax is added. */
    private static final Set<String> WITHOUT_TAX = Set.of("US", "CA");

    private Proposals() {}

    /** What the fields of a shop of a country begin with. */
    static Map<String, String> of(String country) {
        String[] rates = RATES.getProperty(country, ",").split(",", -1);
        return Map.of(
                "currency",
                currency(country),
                "zone",
                ZONES.getProperty(country, "UTC"),
                "numbers",
                numbers(country),
                "language",
                Language.spokenIn(country).code(),
                "included",
                WITHOUT_TAX.contains(country) ? "no" : "yes",
                "standard",
                rates[0],
                "reduced",
                rates[1]);
    }

    /** Whether rates of a country ship. */
    static boolean hasRates(String country) {
        return RATES.containsKey(country);
    }

    /** With a comma where most of the country's languages write it so (CLDR, as the JDK has it). */
    private static String numbers(String country) {
        List<Locale> spoken = Arrays.stream(Locale.getAvailableLocales())
                .filter(locale -> locale.getCountry().equals(country)
                        && !locale.getLanguage().isEmpty())
                .toList();
        long commas = spoken.stream()
                .filter(locale -> DecimalFormatSymbols.getInstance(locale).getDecimalSeparator() == ',')
                .count();
        return commas * 2 > spoken.size() ? "comma" : "point";
    }

    private static String currency(String country) {
        Currency currency = Currency.getInstance(new Locale("", country));
        return currency == null ? "EUR" : currency.getCurrencyCode();
    }
}
