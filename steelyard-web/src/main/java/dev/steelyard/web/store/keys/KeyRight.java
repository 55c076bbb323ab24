package dev.steelyard.web.store.keys;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What a server key may do. */
public enum KeyRight {
    PRICES("ask prices, make and read quotes, read goods"),
    GOODS("add and change goods and their price rows"),
    ORDERS("report what was sold, read orders");

    private final String words;

    KeyRight(String words) {
        this.words = words;
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String words() {
        return words;
    }

    static Set<KeyRight> read(String text) {
        Set<KeyRight> rights = EnumSet.noneOf(KeyRight.class);
        Arrays.stream(text.split(","))
                .filter(one -> !one.isEmpty())
                .map(KeyRight::valueOf)
                .forEach(rights::add);
        return rights;
    }

    static String write(Set<KeyRight> rights) {
        return rights.stream().sorted().map(KeyRight::name).collect(Collectors.joining(","));
    }
}
