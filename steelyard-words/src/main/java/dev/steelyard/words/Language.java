package dev.steelyard.words;

import com.ibm.icu.util.ULocale;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Locale.LanguageRange;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The languages that shoppers read; owners read English. */
public enum Language {
    ENGLISH("en", "English", ULocale.UK),
    GERMAN("de", "Deutsch", ULocale.GERMANY),
    FRENCH("fr", "Français", ULocale.FRANCE),
    DUTCH("nl", "Nederlands", new ULocale("nl", "NL"));

    private final String code;
    private final String title;
    private final ULocale locale;

    Language(String code, String title, ULocale locale) {
        this.code = code;
        this.title = title;
        this.locale = locale;
    }

    /** As in files and {@code lang} attributes (BCP 47). */
    public String code() {
        return code;
    }

    /** What it calls itself. */
    public String title() {
        return title;
    }

    ULocale locale() {
        return locale;
    }

    /** The language of a code; none for any other text. */
    public static Optional<Language> of(String code) {
        return Arrays.stream(values())
                .filter(language -> language.code.equals(code))
                .findFirst();
    }

    /**
     * The language that most people of a country speak, by its ISO 3166-1 code (CLDR's likely subtags); English where it is
     * none of ours.
     */
    public static Language spokenIn(String country) {
        return of(ULocale.addLikelySubtags(new ULocale("und_" + country)).getLanguage())
                .orElse(ENGLISH);
    }

    /**
     * The language of some that a reader wants most (RFC 9110, 12.5.4; looked up as RFC 4647, 3.4 says).
     *
     * @param header an {@code Accept-Language}; none, or one that cannot be read, for no wish
     * @param ours at least one; the first where none of them is wanted
     */
    public static Language wanted(@Nullable String header, List<Language> ours) {
        Language first = ours.get(0);
        if (header == null || header.isBlank() || ours.size() == 1) {
            return first;
        }
        try {
            List<Locale> locales = ours.stream()
                    .map(language -> Locale.forLanguageTag(language.code))
                    .toList();
            Locale found = Locale.lookup(LanguageRange.parse(header), locales);
            return found == null ? first : of(found.getLanguage()).orElse(first);
        } catch (IllegalArgumentException unreadable) {
            return first; // a wish that is none
        }
    }
}
