package dev.steelyard.web.shop.people;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

/** What somebody may do. Whoever is signed in may look. */
public enum Right {
    LOOK("look", "read everything but people"),
    DRAFT("draft", "make and change drafts, preview sheets, keep check weights"),
    LIVE("put live", "put cards, deals, prices and sheets live, pause, go back, change goods and codes"),
    KEEP("keep the shop", "settings and people");

    private final String words;
    private final String help;

    Right(String words, String help) {
        this.words = words;
        this.help = help;
    }

    public String words() {
        return words;
    }

    public String help() {
        return help;
    }

    /** Those that are given to people one by one. */
    public static Set<Right> given() {
        return EnumSet.complementOf(EnumSet.of(LOOK));
    }

    /** Reads what {@link #write} wrote. */
    static Set<Right> read(String text) {
        Set<Right> rights = EnumSet.of(LOOK);
        Arrays.stream(text.split(","))
                .filter(one -> !one.isEmpty())
                .map(Right::valueOf)
                .forEach(rights::add);
        return rights;
    }

    static String write(Set<Right> rights) {
        return given().stream().filter(rights::contains).map(Right::name).collect(Collectors.joining(","));
    }

    /** “look, draft”; what there is a word for goes by it. */
    static String words(Set<Right> rights) {
        return rights.containsAll(given())
                ? "owner: everything"
                : Arrays.stream(values())
                        .filter(right -> right == LOOK || rights.contains(right))
                        .map(Right::words)
                        .collect(Collectors.joining(", "));
    }
}
