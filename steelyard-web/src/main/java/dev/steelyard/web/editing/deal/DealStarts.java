package dev.steelyard.web.editing.deal;

import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** New deals, whole and working, to be changed from there. */
final class DealStarts {

    private static final List<String> OF_KINDS = List.of(
            "of",
            "covers",
            "different",
            "each",
            "forEvery",
            "value",
            "rows",
            "buy",
            "get",
            "same",
            "atMost",
            "payment",
            "amount");

    private DealStarts() {}

    /** A deal of a kind on some goods; on everything where none are named. */
    static ObjectNode deal(DealStart start, String name, ObjectNode covers) {
        ObjectNode deal = Json.object().put("name", name);
        fill(deal, start, covers);
        return deal;
    }

    /** The same deal of another kind: its name, conditions and goods stay. */
    static void change(DraftDocument document, String kind) {
        DealStart start = DealStart.of(kind).orElse(null);
        if (start == null || document.text("/kind").equals(kind)) {
            return;
        }
        ObjectNode covers = document.at("/covers") instanceof ObjectNode named
                ? named.deepCopy()
                : document.at("/get/covers") instanceof ObjectNode given
                        ? given.deepCopy()
                        : Json.object().put("everything", true);
        OF_KINDS.forEach(field -> document.remove("/" + field));
        fill(document.root(), start, covers);
    }

    private static void fill(ObjectNode deal, DealStart start, ObjectNode covers) {
        deal.put("kind", start.code());
        switch (start) {
            case SPEND -> {
                deal.set("covers", covers);
                rows(deal, "percent-off", "150", "5", "400", "8");
            }
            case PIECES -> {
                deal.set("covers", covers);
                rows(deal, "amount-off-each", "6", "0.40", "12", "0.75");
            }
            case VARIETY -> {
                deal.put("different", "products");
                deal.set("covers", covers);
                rows(deal, "percent-off", "3", "4", "5", "7");
            }
            case BUY_AND_GET -> {
                ObjectNode buy = deal.putObject("buy").put("pieces", 2);
                buy.set("covers", covers);
                ObjectNode get = deal.putObject("get").put("pieces", 1);
                get.set("covers", covers.deepCopy());
                get.put("value", "free");
            }
            case PAYMENT -> deal.put("payment", "bank transfer")
                    .put("value", "percent-off")
                    .put("amount", "2");
        }
    }

    private static void rows(ObjectNode deal, String value, String... pairs) {
        deal.put("value", value);
        var rows = deal.putArray("rows");
        for (int i = 0; i < pairs.length; i += 2) {
            rows.addObject().put("from", pairs[i]).put("value", pairs[i + 1]);
        }
    }
}
