package dev.steelyard.web.base.page;

import java.util.ArrayList;
import java.util.List;

/** The first lines of many. */
public final class FirstLines {

    private FirstLines() {}

    /** At most so many lines, then “and 3 more” where some are left out. */
    public static List<String> of(List<String> all, int most) {
        if (all.size() <= most) {
            return List.copyOf(all);
        }
        List<String> first = new ArrayList<>(all.subList(0, most));
        first.add("and " + (all.size() - most) + " more");
        return List.copyOf(first);
    }
}
