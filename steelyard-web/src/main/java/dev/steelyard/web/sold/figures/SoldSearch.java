package dev.steelyard.web.sold.figures;

import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.sold.lines.By;
import dev.steelyard.web.sold.lines.Period;
import dev.steelyard.web.sold.lines.Which;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What is asked of what was sold. What cannot be read is a fault by its field and does not narrow anything.
 *
 * @param by by what lines are told apart; none for what tells most of what is asked about
 * @param size whether they are told apart by two measurements
 */
record SoldSearch(Which which, Period period, @Nullable By by, boolean size, Map<String, String> faults) {

    static final String SIZE = "size";

    static SoldSearch read(Map<String, String> sent, LocalDate today, Which.Where usual) {
        Map<String, String> faults = new LinkedHashMap<>();
        String asked = text(sent, "period");
        Period period = Period.of(asked).orElse(Period.YEAR);
        boolean days = !text(sent, "from").isEmpty() || !text(sent, "until").isEmpty();
        if (days && (asked.isEmpty() || asked.equals(text(sent, "was")))) {
            period = Period.OWN; // days were typed and no other stretch was picked
        }
        if (!asked.isEmpty() && Period.of(asked).isEmpty()) {
            faults.put("period", "“" + Show.typed(asked) + "” is none of 30, 90, year, all and own");
        }
        LocalDate from = period.from(today);
        LocalDate until = null;
        if (period == Period.OWN) {
            from = day("from", sent, faults);
            until = day("until", sent, faults);
            if (from != null && until != null && until.isBefore(from)) {
                faults.put("until", "The last day, " + until + ", is before the first, " + from);
                until = null;
            }
        }
        String where = text(sent, "where");
        Optional<Which.Where> sold = Which.Where.read(where);
        if (!where.isEmpty() && sold.isEmpty()) {
            faults.put("where", "“" + Show.typed(where) + "” is none of anywhere, counter and store");
        }
        String by = text(sent, "by");
        return new SoldSearch(
                new Which(of(sent, faults), text(sent, "group"), sold.orElse(usual), from, until),
                period,
                by.isEmpty() || by.equals(SIZE) ? null : by(by, faults),
                by.equals(SIZE),
                faults);
    }

    private static @Nullable By by(String typed, Map<String, String> faults) {
        if (typed.startsWith("answer:")) {
            return By.answer(typed.substring("answer:".length()));
        }
        for (By.What one : By.What.values()) {
            if (one != By.What.ANSWER && one.name().equals(typed.toUpperCase(Locale.ROOT))) {
                return By.of(one);
            }
        }
        faults.put("by", "Nothing is told apart by “" + Show.typed(typed) + "”");
        return null;
    }

    private static Which.Of of(Map<String, String> sent, Map<String, String> faults) {
        String product = text(sent, "product");
        if (!product.isEmpty()) {
            return Which.Of.product(product);
        }
        Long card = id("card", sent, faults);
        if (card != null) {
            return Which.Of.card(card);
        }
        Long deal = id("deal", sent, faults);
        return deal == null ? Which.Of.ALL : Which.Of.deal(deal);
    }

    private static @Nullable Long id(String field, Map<String, String> sent, Map<String, String> faults) {
        String typed = text(sent, field);
        if (typed.isEmpty()) {
            return null;
        }
        if (typed.matches("\\d{1,18}")) {
            return Long.valueOf(typed);
        }
        faults.put(field, "“" + Show.typed(typed) + "” is no number of a " + field);
        return null;
    }

    private static @Nullable LocalDate day(String field, Map<String, String> sent, Map<String, String> faults) {
        return DayText.read(text(sent, field), fault -> faults.put(field, fault));
    }

    private static String text(Map<String, String> sent, String field) {
        return Objects.requireNonNullElse(sent.get(field), "").strip();
    }
}
