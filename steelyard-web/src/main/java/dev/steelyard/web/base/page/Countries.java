package dev.steelyard.web.base.page;

import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Countries by their ISO 3166 codes, with their names in English. */
public final class Countries {

    private static final Map<String, String> NAMES = names();

    private Countries() {}

    /** All of them by name. */
    public static Map<String, String> all() {
        return NAMES;
    }

    /** The code itself; none for anything else. */
    public static @Nullable String code(String text) {
        return NAMES.containsKey(text) ? text : null;
    }

    private static Map<String, String> names() {
        Map<String, String> names = new LinkedHashMap<>();
        Arrays.stream(Locale.getISOCountries())
                .map(code -> new Locale("", code))
                .sorted(Comparator.comparing(country -> country.getDisplayCountry(Locale.UK)))
                .forEach(country -> names.put(country.getCountry(), country.getDisplayCountry(Locale.UK)));
        return Collections.unmodifiableMap(names);
    }
}
