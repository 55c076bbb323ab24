package dev.steelyard.web.editing.replay;

import dev.steelyard.core.replay.Assumption;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.sold.lines.Period;
import dev.steelyard.web.sold.lines.Which;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What is typed for a replay.
 *
 * @param typed by field
 * @param faults by field
 */
record ReplayForm(Map<String, String> typed, Map<String, String> faults) {

    static final int MOST_VALUES = 10;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final List<String> FIELDS =
            List.of("period", "from", "until", "group", "within", "takeUp", "figure", "values");

    /** As it stands before anything is typed. */
    static ReplayForm begun() {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("period", Period.YEAR.code());
        typed.put("within", "20");
        typed.put("takeUp", "0");
        return new ReplayForm(typed, Map.of());
    }

    static ReplayForm read(Map<String, String> sent) {
        Map<String, String> typed = new LinkedHashMap<>();
        FIELDS.forEach(field ->
                typed.put(field, Objects.requireNonNullElse(sent.get(field), "").strip()));
        ReplayForm form = new ReplayForm(typed, new LinkedHashMap<>());
        if (form.period() == Period.OWN) {
            LocalDate first = form.day("from");
            LocalDate last = form.day("until");
            if (first != null && last != null && last.isBefore(first)) {
                form.faults.put("until", "The last day, " + last + ", is before the first, " + first);
            }
        }
        form.percent("within");
        form.percent("takeUp");
        if (!form.get("values").isEmpty()) {
            if (form.get("figure").isEmpty()) {
                form.faults.put("figure", "Pick the figure that these values are of");
            }
            form.readValues(form.faults);
        } else if (!form.get("figure").isEmpty()) {
            form.faults.put("values", "Type the values to try of it, such as 5; 6; 7");
        }
        return form;
    }

    public String get(String field) {
        return typed.getOrDefault(field, "");
    }

    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }

    boolean sound() {
        return faults.isEmpty();
    }

    private Period period() {
        return Period.of(get("period")).orElse(Period.YEAR);
    }

    private @Nullable LocalDate day(String field) {
        return DayText.read(get(field), fault -> faults.put(field, fault));
    }

    private void percent(String field) {
        BigDecimal value =
                TypedNumbers.read(get(field).replace("%", "").strip()).value();
        if (value == null || value.signum() < 0 || value.compareTo(HUNDRED) > 0) {
            faults.put(field, "A percentage from 0 to 100, not “" + get(field) + "”");
        }
    }

    private BigDecimal number(String field) {
        return Objects.requireNonNull(
                TypedNumbers.read(get(field).replace("%", "").strip()).value());
    }

    private List<BigDecimal> readValues(Map<String, String> to) {
        List<BigDecimal> values = new ArrayList<>();
        for (String one : get("values").split("[;\\s]+")) {
            BigDecimal value = TypedNumbers.read(one).value();
            if (value == null || value.signum() < 0) {
                to.put("values", "“" + one + "” is no number from 0 on; write values apart by semicolons: 5; 6; 7");
            } else {
                values.add(value);
            }
        }
        if (values.size() > MOST_VALUES) {
            to.put("values", "At most " + MOST_VALUES + " values side by side; these are " + values.size());
        }
        return values;
    }

    /** The values to try of a figure; none where the draft alone is tried. */
    List<BigDecimal> values() {
        return get("values").isEmpty() ? List.of() : readValues(new LinkedHashMap<>());
    }

    Which which(LocalDate today, Which.Where where) {
        Period period = period();
        boolean own = period == Period.OWN;
        return new Which(
                Which.Of.ALL,
                get("group"),
                where,
                own ? DayText.read(get("from")) : period.from(today),
                own ? DayText.read(get("until")) : null);
    }

    Assumption assumption() {
        return new Assumption(number("within"), number("takeUp"));
    }
}
