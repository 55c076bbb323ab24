package dev.steelyard.web.editing.card;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.LadderGenerator;
import dev.steelyard.core.ladder.LadderGenerator.Change;
import dev.steelyard.core.ladder.LadderGenerator.Stop;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.editing.page.EditForm;
import dev.steelyard.words.FirstLetter;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The form of the generator of ladders.
 *
 * @param typed its fields
 * @param faults what cannot be read, by field
 * @param ready none where something is wrong
 */
record Generator(Map<String, String> typed, Map<String, String> faults, @Nullable LadderGenerator ready) {

    private static final Map<String, String> FIRST = Map.of(
            "start", "", "first", "1", "width", "10", "change", "5", "by", "percent", "stop", "5", "at", "breaks",
            "ending", "");
    private static final int MOST_SHOWN = 8;

    static Generator read(EditForm form) {
        Map<String, String> typed = new LinkedHashMap<>();
        FIRST.keySet().stream().sorted().forEach(name -> {
            boolean sent = form.sent().containsKey("g." + name);
            typed.put(name, sent ? form.value("g." + name) : FIRST.get(name));
        });
        Map<String, String> faults = new LinkedHashMap<>();
        BigDecimal start = typed.get("start").isBlank() ? null : number(typed, "start", faults);
        BigDecimal first = number(typed, "first", faults);
        BigDecimal width = number(typed, "width", faults);
        BigDecimal change = number(typed, "change", faults);
        BigDecimal stop = number(typed, "stop", faults);
        BigDecimal ending = typed.get("ending").isBlank() ? null : number(typed, "ending", faults);
        if (start == null || first == null || width == null || change == null || stop == null || !faults.isEmpty()) {
            return new Generator(typed, faults, null);
        }
        try {
            return new Generator(
                    typed,
                    faults,
                    new LadderGenerator(
                            start,
                            whole(first, "first", faults),
                            whole(width, "width", faults),
                            typed.get("by").equals("amount") ? new Change.Amount(change) : new Change.Percent(change),
                            typed.get("at").equals("price")
                                    ? new Stop.AtPrice(stop)
                                    : new Stop.AfterBreaks(whole(stop, "stop", faults)),
                            ending));
        } catch (IllegalArgumentException unusable) {
            String message = String.valueOf(unusable.getMessage());
            faults.put("start", FirstLetter.large(message));
            return new Generator(typed, faults, null);
        }
    }

    private static @Nullable BigDecimal number(Map<String, String> typed, String field, Map<String, String> faults) {
        DecimalText.Reading reading = TypedNumbers.read(typed.get(field));
        if (reading.fault() != null) {
            faults.put(field, reading.fault().message());
        }
        return reading.value();
    }

    private static int whole(BigDecimal value, String field, Map<String, String> faults) {
        if (value.stripTrailingZeros().scale() > 0 || value.abs().compareTo(BigDecimal.valueOf(1_000_000)) > 0) {
            faults.put(field, value.toPlainString() + " is no whole number of pieces");
            throw new IllegalArgumentException("thresholds are whole pieces up to 1000000");
        }
        return value.intValueExact();
    }

    public String get(String field) {
        return typed.getOrDefault(field, "");
    }

    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }

    /** What it would write, in words; empty where it cannot. */
    public String words() {
        if (ready == null) {
            return "";
        }
        List<Break> rows = ready.rows();
        StringBuilder words = new StringBuilder();
        for (Break row : rows.subList(0, Math.min(MOST_SHOWN, rows.size()))) {
            words.append(words.isEmpty() ? "from " : ", from ")
                    .append(Decimals.plain(row.from(), 0))
                    .append(" at ")
                    .append(Decimals.plain(row.value(), 2));
        }
        int left = rows.size() - MOST_SHOWN;
        return rows.isEmpty() ? "no breaks at all" : words + (left > 0 ? ", and " + left + " more" : "");
    }
}
