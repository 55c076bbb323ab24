package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakClash;
import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.ladder.Days;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.PriceLimits;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.sheet.ItemCheck;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Reads typed prices: what can be read goes on, what cannot is named by its place. */
final class RowsReader {

    static final int MOST_ROWS = ItemCheck.MOST_ROWS;

    private final DraftDocument document;
    private final List<String> groups;
    private final List<FormatIssue> issues;

    /** @param issues what cannot be read is added to these */
    RowsReader(DraftDocument document, List<String> groups, List<FormatIssue> issues) {
        this.document = document;
        this.groups = groups;
        this.issues = issues;
    }

    static FormatIssue issue(String at, String message) {
        return new FormatIssue(at, message, null, null, null, List.of());
    }

    private void wrong(String at, String message) {
        issues.add(issue(at, message));
    }

    /** @param at of the product or variant */
    RowsReading.Part read(String at) {
        String shelf = at + RowsDocument.SHELF_PRICE;
        BigDecimal shelfPrice = document.text(shelf).isBlank() ? null : price(shelf);
        String list = at + RowsDocument.ROWS;
        Set<String> thresholds = new HashSet<>();
        List<Break> breaks = new ArrayList<>();
        List<String> places = new ArrayList<>();
        for (int i = 0; i < document.at(list).size(); i++) {
            String row = list + "/" + i;
            thresholds.add(document.text(row + "/from") + " " + document.text(row + "/fromDate"));
            Break one = thresholds.size() > MOST_ROWS ? null : row(row);
            if (one != null) {
                breaks.add(one);
                places.add(row);
            }
        }
        if (thresholds.size() > MOST_ROWS) {
            wrong(list, thresholds.size() + " rows are too many; at most " + MOST_ROWS);
        }
        List<BreakClash> clashes = Breaks.clashes(breaks);
        Set<Integer> clashing = new HashSet<>();
        for (BreakClash clash : clashes) {
            if (clashing.add(clash.second())) {
                wrong(places.get(clash.second()) + "/from", clash.message());
            }
        }
        return new RowsReading.Part(shelfPrice, without(breaks, clashing), without(places, clashing));
    }

    private @Nullable Break row(String row) {
        Integer from = threshold(row + "/from");
        BigDecimal price = document.text(row + "/value").isBlank() ? unpriced(row) : price(row + "/value");
        Validity validity = validity(row);
        String group = document.text(row + "/group");
        if (!group.isEmpty() && !groups.contains(group)) {
            wrong(row + "/value", "there is no customer group “" + group + "”; take this price off");
            return null;
        }
        return from == null || price == null || validity == null
                ? null
                : new Break(from, price, group.isEmpty() ? null : group, validity);
    }

    private @Nullable BigDecimal unpriced(String row) {
        wrong(row + "/value", "type a price, or take the row off");
        return null;
    }

    private @Nullable Integer threshold(String at) {
        if (document.text(at).isBlank()) {
            wrong(at, "from how many pieces? Type a whole number");
            return null;
        }
        BigDecimal value = number(at);
        if (value == null) {
            return null;
        }
        if (!Quantity.allowed(value)) {
            wrong(
                    at,
                    value.toPlainString() + " is no threshold; a break begins at a whole number from 1 to "
                            + Quantity.MOST);
            return null;
        }
        return value.intValueExact();
    }

    private @Nullable BigDecimal price(String at) {
        BigDecimal value = number(at);
        String fault = value == null ? null : PriceLimits.fault(value);
        if (fault != null) {
            wrong(at, fault);
            return null;
        }
        return value;
    }

    private @Nullable BigDecimal number(String at) {
        DecimalText.Reading reading = DecimalText.read(document.text(at));
        if (reading.fault() != null) {
            wrong(at, reading.fault().message());
        }
        return reading.value();
    }

    private @Nullable Validity validity(String row) {
        int before = issues.size();
        LocalDate from = day(row + "/fromDate", document.text(row + "/fromDate"));
        LocalDate until = until(row + "/untilDate");
        String fault = issues.size() > before ? null : Days.fault(from, until);
        if (fault != null) {
            wrong(row + "/untilDate", fault);
        }
        return issues.size() > before ? null : new Validity(from, until);
    }

    private @Nullable LocalDate until(String at) {
        LocalDate last = day(at, DayText.lastDay(document.text(at)));
        return last == null ? null : last.plusDays(1);
    }

    private @Nullable LocalDate day(String at, String text) {
        if (text.isBlank()) {
            return null;
        }
        LocalDate day = DayText.read(text);
        if (day == null || !Days.allowed(day)) {
            wrong(
                    at,
                    "“" + text + "” is no day from " + Days.FIRST + " to " + Days.LAST + "; write it like 2027-04-01");
            return null;
        }
        return day;
    }

    private static <T> List<T> without(List<T> all, Set<Integer> left) {
        List<T> kept = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (!left.contains(i)) {
                kept.add(all.get(i));
            }
        }
        return List.copyOf(kept);
    }
}
