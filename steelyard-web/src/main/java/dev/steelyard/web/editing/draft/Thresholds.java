package dev.steelyard.web.editing.draft;

import dev.steelyard.core.number.DecimalText;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** The rows of a ladder as they are typed. */
public final class Thresholds {

    private Thresholds() {}

    /** Sorts rows by threshold, everyone’s before those of groups; what cannot be read stays behind. */
    public static void sort(DraftDocument document, String list) {
        ArrayNode rows = document.list(list);
        List<JsonNode> sorted = new ArrayList<>(rows.valueStream().toList());
        sorted.sort(Comparator.comparing(
                        (JsonNode row) -> number(row.path("from")), Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(row -> row.path("group").asString("")));
        List<JsonNode> before = rows.valueStream().toList();
        rows.removeAll();
        rows.addAll(sorted);
        document.followAside(list, i -> i < 0 || i >= before.size() ? -1 : placeOf(before.get(i), sorted));
    }

    /** Which one it is, where several are alike. */
    private static int placeOf(JsonNode row, List<JsonNode> rows) {
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i) == row) {
                return i;
            }
        }
        return -1;
    }

    /** A typed number; none where it cannot be read. */
    public static @Nullable BigDecimal number(JsonNode typed) {
        return DecimalText.read(typed.asString("")).value();
    }
}
