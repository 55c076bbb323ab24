package dev.steelyard.web.store.keys;

import java.util.Locale;

/** Whom a key is for. */
public enum KeyKind {
    SERVER("the store’s own programs; secret"),
    PAGE("pages in shoppers’ browsers; public, good for live prices only");

    private final String words;

    KeyKind(String words) {
        this.words = words;
    }

    /** The word in forms and in the key itself. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String words() {
        return words;
    }

    /** What every key of this kind begins with, so that one that has got about is known for what it is. */
    String prefix() {
        return "steelyard_" + code() + "_";
    }
}
