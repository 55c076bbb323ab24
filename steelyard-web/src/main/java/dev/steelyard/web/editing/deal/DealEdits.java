package dev.steelyard.web.editing.deal;

import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Thresholds;
import java.math.BigDecimal;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes of a deal's parts as wholes, each asked for by a word. */
final class DealEdits {

    private static final String ROWS = "/rows";

    private DealEdits() {}

    /** Does what a form asks for to a document, which has what is typed in it already. */
    static void apply(String wish, DraftDocument document, DealForm form) {
        String at = form.value("at");
        String to = form.value("to");
        switch (wish) {
            case "add" -> add(document, to, at, form.value("value"));
            case "remove", "take-off" -> document.remove(at);
            case "set" -> document.put(at, to);
            case "covers-flag" -> {
                if (to.isEmpty()) {
                    document.remove(at);
                } else {
                    document.put(at, to.equals("on"));
                }
            }
            case "kind" -> DealStarts.change(document, to);
            case "of" -> of(document, to);
            case "hang" -> hang(document, form.value("from"));
            case "sort" -> Thresholds.sort(document, ROWS);
            case "mend" -> {
                if (to.equals("remove")) {
                    document.remove(at);
                } else {
                    document.put(at, form.value("value"));
                }
            }
            default -> {} // a look changes nothing more
        }
    }

    private static void add(DraftDocument document, String what, String at, String value) {
        switch (what) {
            case "text" -> {
                if (!value.isEmpty()) {
                    named(document, at);
                    document.list(at).add(value);
                }
            }
            case "row" -> hang(document, "");
            case "contains" -> {
                ObjectNode one = document.list("/contains").addObject().put("pieces", 1);
                one.putObject("covers").put("everything", true);
            }
            case "rule" -> {
                document.remove(parent(at) + "/everything");
                document.list(at).addObject().putObject("shelfPrice");
            }
            default -> {} // nothing else can be added to a deal
        }
    }

    /** Goods that are named are no longer everything. */
    private static void named(DraftDocument document, String at) {
        if (at.contains("covers/") && !at.endsWith("/except")) {
            document.remove(parent(at) + "/everything");
        }
    }

    private static String parent(String at) {
        int cut = at.indexOf("covers") + "covers".length();
        return at.substring(0, cut);
    }

    private static void of(DraftDocument document, String to) {
        if (to.equals("basket")) {
            document.put("/of", "basket");
            document.remove("/covers");
        } else {
            document.remove("/of");
            document.object("/covers");
        }
    }

    /** One row more: at a threshold, or a little beyond the last one, giving a little more. */
    private static void hang(DraftDocument document, String from) {
        ArrayNode rows = document.list(ROWS);
        Row last = null;
        for (JsonNode row : rows) {
            BigDecimal threshold = Thresholds.number(row.path("from"));
            BigDecimal value = Thresholds.number(row.path("value"));
            if (threshold != null && value != null && (last == null || threshold.compareTo(last.from()) > 0)) {
                last = new Row(threshold, value);
            }
        }
        String at = from;
        if (at.isBlank()) {
            at = last == null
                    ? "1"
                    : last.from()
                            .multiply(BigDecimal.valueOf(2))
                            .max(BigDecimal.ONE)
                            .toPlainString();
        }
        String value = last == null ? "5" : last.value().toPlainString();
        ObjectNode row = rows.addObject();
        row.put("from", at).put("value", value);
        Thresholds.sort(document, ROWS);
    }
}
