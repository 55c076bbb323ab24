package dev.steelyard.web.sold.lines;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Texts by small numbers, so that a text that stands in many lines is held once. */
final class NamesSeen {

    static final int NONE = -1;

    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<String> names = new ArrayList<>();

    synchronized int number(@Nullable String name) {
        if (name == null) {
            return NONE;
        }
        Integer known = numbers.get(name);
        if (known != null) {
            return known;
        }
        numbers.put(name, names.size());
        names.add(name);
        return names.size() - 1;
    }

    /** The number of a text; {@link #NONE} for one that was never seen. */
    synchronized int seen(String name) {
        return numbers.getOrDefault(name, NONE);
    }

    @Nullable
    synchronized String name(int number) {
        return number == NONE ? null : names.get(number);
    }
}
