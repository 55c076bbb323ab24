package dev.steelyard.web.shop.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** How two states of names and figures differ, in words and numbers. */
public final class StateChanges {

    private StateChanges() {}

    /**
     * A name whose figure is another.
     *
     * @param before empty where there was none
     * @param after empty where there is none
     */
    public record Difference(String name, String before, String after) {

        /** “from 10: 6.90 → 7.00”. */
        public String words() {
            return name
                    + (before.isEmpty()
                            ? ": added at " + after
                            : after.isEmpty() ? ": taken off (was " + before + ")" : ": " + before + " → " + after);
        }
    }

    /** One for each name, by name as people count: 10 after 9. */
    public static List<Difference> between(Map<String, String> before, Map<String, String> after) {
        TreeSet<String> names = new TreeSet<>(new NumbersInText());
        names.addAll(before.keySet());
        names.addAll(after.keySet());
        List<Difference> differences = new ArrayList<>();
        for (String name : names) {
            String was = before.getOrDefault(name, "");
            String is = after.getOrDefault(name, "");
            if (!was.equals(is)) {
                differences.add(new Difference(name, was, is));
            }
        }
        return differences;
    }
}
