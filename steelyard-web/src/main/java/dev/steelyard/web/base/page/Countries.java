package dev.steelyard.web.base.page;

import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** Countries by their ISO 3166 codes, with their names in English. */
public final class Countries {

    private static final Map<String, String> NAMES = names();

    private static final Map<Language, Map<String, String>> BY_LANGUAGE = new ConcurrentHashMap<>();

    private Countries() {}

    /** All of them by name. */
    public static Map<String, String> all() {
        return NAMES;
    }

    /** All of them by the name that a language has for them. */
    public static Map<String, String> in(Words words) {
        return words.language() == Language.ENGLISH
                ? NAMES
                : BY_LANGUAGE.computeIfAbsent(words.language(), any -> names(words));
    }

    private static Map<String, String> names(Words words) {
        Map<String, String> names = new LinkedHashMap<>();
        Arrays.stream(Locale.getISOCountries())
                .sorted(Comparator.comparing(words::country, words.order()))
                .forEach(code -> names.put(code, words.country(code)));
        return Collections.unmodifiableMap(names);
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
