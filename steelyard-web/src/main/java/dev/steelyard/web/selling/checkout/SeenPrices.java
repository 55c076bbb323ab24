package dev.steelyard.web.selling.checkout;

import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * The prices a shopper was shown. They travel with the form and are compared when it comes back, so that nobody pays
 * what they have not seen.
 *
 * @param deals the words of those that counted, each with what it saved
 */
record SeenPrices(List<Line> lines, List<String> deals, String total) {

    /** A line as it was shown. */
    record Line(long line, String name, int quantity, String perPiece, String total) {}

    String write(JsonMapper mapper) {
        return mapper.writeValueAsString(this);
    }

    /** Reads what {@link #write} wrote; anything else is as if nothing had been seen. */
    static SeenPrices read(String text, JsonMapper mapper) {
        try {
            SeenPrices seen = mapper.readValue(text, SeenPrices.class);
            return seen == null || seen.lines() == null || seen.deals() == null || seen.total() == null
                    ? nothing()
                    : seen;
        } catch (JacksonException notOurs) {
            return nothing();
        }
    }

    private static SeenPrices nothing() {
        return new SeenPrices(List.of(), List.of(), "");
    }

    /** What is different now, a sentence each; empty where nothing is. */
    List<String> changesTo(SeenPrices now, Words words) {
        Map<Long, Line> before = new LinkedHashMap<>();
        lines.forEach(line -> before.put(line.line(), line));
        List<String> said = new ArrayList<>();
        for (Line line : now.lines()) {
            Line old = before.remove(line.line());
            if (old == null) {
                said.add(words.text(
                        "changed.came", "name", line.name(), "pieces", line.quantity(), "total", line.total()));
            } else if (!old.equals(line)) {
                said.add(words.text(
                        "changed.line",
                        "name",
                        line.name(),
                        "pieces",
                        old.quantity(),
                        "each",
                        old.perPiece(),
                        "total",
                        old.total(),
                        "nowPieces",
                        line.quantity(),
                        "nowEach",
                        line.perPiece(),
                        "nowTotal",
                        line.total()));
            }
        }
        before.values().forEach(gone -> said.add(words.text("changed.went", "name", gone.name())));
        deals.stream()
                .filter(deal -> !now.deals().contains(deal))
                .forEach(deal -> said.add(words.text("changed.deal-ended", "deal", deal)));
        now.deals().stream()
                .filter(deal -> !deals.contains(deal))
                .forEach(deal -> said.add(words.text("changed.deal-counts", "deal", deal)));
        if (said.isEmpty() && !total.equals(now.total())) {
            said.add(words.text("changed.total", "total", now.total()));
        }
        return List.copyOf(said);
    }
}
