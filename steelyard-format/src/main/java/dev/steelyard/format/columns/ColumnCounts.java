package dev.steelyard.format.columns;

import dev.steelyard.core.number.WrittenNumber;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Looks at the cells of one column, one after the other, and keeps a few and what they tell. */
final class ColumnCounts {

    private static final int MOST_VALUES = 60;
    private static final int EXAMPLES = 3;
    private static final int LONGEST = 60;
    private static final int MONTHS = 12;
    private static final Pattern DAY = Pattern.compile("(\\d{1,2})[./-](\\d{1,2})[./-]\\d{4}");

    private final Set<String> values = new LinkedHashSet<>();
    private int filled;
    private int points;
    private int commas;
    private String point = "";
    private String comma = "";
    private String twoWays = "";
    private int dayFirst;
    private int monthFirst;
    private String twoDays = "";

    void add(Cell cell) {
        String text = cell.bare();
        if (text.isEmpty()) {
            return;
        }
        filled++;
        if (values.size() < MOST_VALUES) {
            values.add(text.length() <= LONGEST ? text : text.substring(0, LONGEST) + "…");
        }
        if (cell instanceof Cell.Text) {
            number(text);
            day(text);
        }
    }

    private void number(String text) {
        Character sign = WrittenNumber.decimalSign(text);
        if (sign == null) {
            if (twoWays.isEmpty() && WrittenNumber.isTwoWays(text)) {
                twoWays = text;
            }
        } else if (sign == '.') {
            points++;
            point = point.isEmpty() ? text : point;
        } else {
            commas++;
            comma = comma.isEmpty() ? text : comma;
        }
    }

    private void day(String text) {
        Matcher day = DAY.matcher(text);
        if (!day.matches()) {
            return;
        }
        boolean first = Integer.parseInt(day.group(1)) > MONTHS;
        boolean second = Integer.parseInt(day.group(2)) > MONTHS;
        if (first != second) {
            dayFirst += first ? 1 : 0;
            monthFirst += second ? 1 : 0;
        } else if (twoDays.isEmpty() && !day.group(1).equals(day.group(2))) {
            twoDays = text;
        }
    }

    ColumnSeen seen(int place, String head) {
        CsvForm sign = points + commas == 0 ? null : points >= commas ? CsvForm.POINT : CsvForm.COMMA;
        DayOrder order = order();
        return new ColumnSeen(
                place,
                head,
                filled,
                List.copyOf(values.stream().limit(EXAMPLES).toList()),
                Set.copyOf(values),
                sign,
                sign == null ? twoWays : "",
                sign == CsvForm.POINT ? comma : point,
                order,
                order == null ? twoDays : "");
    }

    private @Nullable DayOrder order() {
        return dayFirst + monthFirst == 0 ? null : dayFirst >= monthFirst ? DayOrder.DAY_FIRST : DayOrder.MONTH_FIRST;
    }
}
