package dev.steelyard.web.editing.draft;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

/**
 * Which items of a changed list are which of the list before: equal ones first, in their order (a longest common
 * subsequence); between those, the ones of the same name; and where as many are left on both sides, one after the other.
 */
final class Matched {

    private final JsonNode changed;
    private final int[] to;

    private Matched(JsonNode changed, int[] to) {
        this.changed = changed;
        this.to = to;
    }

    /** What an item is known by among its like; empty for nothing. */
    static String key(JsonNode item) {
        if (item.has("from")) {
            return Stream.of("from", "group", "fromDate", "untilDate")
                    .map(field -> item.path(field).asString(""))
                    .collect(Collectors.joining(" "))
                    .strip();
        }
        return Stream.of("measurement", "choice", "name")
                .map(field -> item.path(field).asString(""))
                .filter(name -> !name.isEmpty())
                .findFirst()
                .orElse("");
    }

    static Matched of(JsonNode before, JsonNode changed) {
        int[] to = new int[before.size()];
        Arrays.fill(to, -1);
        equal(before, changed, to);
        int from = 0;
        int fromChanged = 0;
        for (int i = 0; i <= before.size(); i++) {
            if (i == before.size() || to[i] >= 0) {
                between(before, from, i, changed, fromChanged, i == before.size() ? changed.size() : to[i], to);
                from = i + 1;
                fromChanged = i == before.size() ? fromChanged : to[i] + 1;
            }
        }
        return new Matched(changed, to);
    }

    private static void equal(JsonNode before, JsonNode changed, int[] to) {
        int n = before.size();
        int m = changed.size();
        int[][] longest = new int[n + 1][m + 1];
        for (int i = n - 1; i >= 0; i--) {
            for (int j = m - 1; j >= 0; j--) {
                longest[i][j] = before.get(i).equals(changed.get(j))
                        ? longest[i + 1][j + 1] + 1
                        : Math.max(longest[i + 1][j], longest[i][j + 1]);
            }
        }
        int i = 0;
        int j = 0;
        while (i < n && j < m) {
            if (before.get(i).equals(changed.get(j))) {
                to[i++] = j++;
            } else if (longest[i + 1][j] >= longest[i][j + 1]) {
                i++;
            } else {
                j++;
            }
        }
    }

    private static void between(
            JsonNode before, int from, int until, JsonNode changed, int fromChanged, int untilChanged, int[] to) {
        int last = fromChanged;
        for (int i = from; i < until; i++) {
            String key = key(before.get(i));
            for (int j = last; j < untilChanged && to[i] < 0 && !key.isEmpty(); j++) {
                if (key(changed.get(j)).equals(key)) {
                    to[i] = j;
                    last = j + 1;
                }
            }
        }
        if (until - from == untilChanged - fromChanged) {
            List<Integer> open = new ArrayList<>();
            for (int j = fromChanged; j < untilChanged; j++) {
                int place = j;
                if (Arrays.stream(to).noneMatch(taken -> taken == place)) {
                    open.add(j);
                }
            }
            int next = 0;
            for (int i = from; i < until; i++) {
                if (to[i] < 0) {
                    to[i] = open.get(next++);
                }
            }
        }
    }

    /** What became of an item of the list before; a missing node where it was taken away. */
    JsonNode item(int before) {
        return to[before] < 0 ? MissingNode.getInstance() : changed.get(to[before]);
    }

    /** What was added before an item of the list before; behind the last one for its size. */
    List<JsonNode> added(int before) {
        int from = 0;
        for (int i = 0; i < before; i++) {
            from = Math.max(from, to[i] + 1);
        }
        int until = changed.size();
        for (int i = before; i < to.length; i++) {
            until = to[i] < 0 ? until : Math.min(until, to[i]);
        }
        List<JsonNode> added = new ArrayList<>();
        for (int j = from; j < until; j++) {
            int place = j;
            if (Arrays.stream(to).noneMatch(taken -> taken == place)) {
                added.add(changed.get(j));
            }
        }
        // those before several that were taken away stand at the first of them only
        return before > 0 && to[before - 1] < 0 ? List.of() : added;
    }
}
