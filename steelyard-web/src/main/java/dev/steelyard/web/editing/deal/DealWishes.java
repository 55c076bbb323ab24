package dev.steelyard.web.editing.deal;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Thresholds;
import dev.steelyard.web.editing.page.CommonWishes;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import dev.steelyard.web.editing.page.Wishes;
import java.math.BigDecimal;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** All that can be wished of a deal. */
final class DealWishes {

    private static final String ROWS = "/rows";

    static final Wishes ALL = Wishes.of(List.of(
            CommonWishes.ALL,
            List.of(
                    Wish.making("kind", wished -> DealStarts.change(wished.document(), wished.to())),
                    Wish.of("of", DealWishes::of),
                    Wish.of(
                            "hang",
                            wished -> hang(wished.document(), wished.form().value("from"))),
                    Wish.of("take-off", wished -> wished.document().remove(wished.there())),
                    Wish.of("remove", wished -> CommonWishes.remove(wished.document(), wished.there())),
                    Wish.of("add-contains", DealWishes::contains),
                    CommonWishes.MEND)));

    private DealWishes() {}

    private static void contains(Wished wished) {
        wished.document()
                .list("/contains")
                .addObject()
                .put("pieces", 1)
                .putObject("covers")
                .put("everything", true);
    }

    private static void of(Wished wished) {
        if (wished.to().equals("basket")) {
            wished.document().put("/of", "basket");
            wished.document().remove("/covers");
        } else {
            wished.document().remove("/of");
            wished.document().object("/covers");
        }
    }

    /** One row more: at a threshold, or a little beyond the last one, giving a little more. */
    private static void hang(DraftDocument document, String from) {
        ArrayNode rows = document.list(ROWS);
        BigDecimal last = null;
        String given = "5";
        for (JsonNode row : rows) {
            BigDecimal threshold = Thresholds.number(row.path("from"));
            BigDecimal value = Thresholds.number(row.path("value"));
            if (threshold != null && value != null && (last == null || threshold.compareTo(last) > 0)) {
                last = threshold;
                given = value.toPlainString();
            }
        }
        String beyond = last == null
                ? "1"
                : last.multiply(BigDecimal.valueOf(2)).max(BigDecimal.ONE).toPlainString();
        rows.addObject().put("from", from.isBlank() ? beyond : from).put("value", given);
        Thresholds.sort(document, ROWS);
    }
}
