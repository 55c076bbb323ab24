package dev.steelyard.neighbour;

import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;

/** The store's own few texts; the panel brings its own. */
final class StoreTexts {

    static final List<String> LANGUAGES = List.of("en", "de", "fr", "nl");

    private final ResourceBundle texts;

    StoreTexts(String language) {
        this.texts = ResourceBundle.getBundle("neighbour.texts", Locale.forLanguageTag(language));
    }

    public String get(String name) {
        return texts.getString(name);
    }
}
