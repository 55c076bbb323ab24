package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.number.WrittenNumber;
import dev.steelyard.format.columns.ColumnSeen;
import dev.steelyard.format.columns.DayOrder;
import dev.steelyard.format.columns.FileLook.Seen;
import dev.steelyard.format.columns.NumberInCell;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.web.base.page.Show;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The ways in which the cells of a column can be read, each with what a few of its cells would then be. */
final class ColumnReadings {

    private static final int EXAMPLES = 3;

    private ColumnReadings() {}

    /**
     * One way.
     *
     * @param name of the sign or order
     * @param words “a decimal comma: 5,80 is 5.80”
     * @param told whether the column tells it by itself
     */
    record Way(String name, String words, boolean told) {}

    /**
     * By number of the column, of those whose cells can be read in more than one way.
     *
     * @param currency the shop's, which may stand beside amounts of money
     * @param counts numbers of the columns that are said to hold counts
     */
    static Map<Integer, List<Way>> of(Seen seen, String currency, Set<Integer> counts) {
        Map<Integer, List<Way>> all = new LinkedHashMap<>();
        for (ColumnSeen column : seen.columns()) {
            if (column.sign() != null || !column.twoWays().isEmpty()) {
                boolean count = counts.contains(column.place());
                all.put(
                        column.place(),
                        List.of(
                                number(column, CsvForm.POINT, count, currency, "a decimal point"),
                                number(column, CsvForm.COMMA, count, currency, "a decimal comma")));
            } else if (column.order() != null || !column.twoDays().isEmpty()) {
                all.put(
                        column.place(),
                        List.of(
                                day(column, DayOrder.DAY_FIRST, "the day first"),
                                day(column, DayOrder.MONTH_FIRST, "the month first")));
            }
        }
        return all;
    }

    private static Way number(ColumnSeen column, CsvForm sign, boolean count, String currency, String words) {
        NumberInCell numbers = count ? NumberInCell.counts(sign, true) : NumberInCell.money(sign, currency, true);
        List<String> read = new ArrayList<>();
        for (String text : telling(column)) {
            NumberInCell.Reading reading = numbers.read(Cell.text(text));
            read.add(text
                    + (reading.value() == null
                            ? " is refused"
                            : " is " + reading.value().toPlainString()));
        }
        return new Way(sign.name(), words + ": " + String.join(", ", read), column.sign() == sign);
    }

    /** Cells with a sign in them first, since they show what the sign does. */
    private static List<String> telling(ColumnSeen column) {
        return column.values().stream()
                .filter(text -> text.chars().anyMatch(Character::isDigit))
                .sorted(Comparator.comparing((String text) ->
                                WrittenNumber.decimalSign(text) == null && !WrittenNumber.isTwoWays(text))
                        .thenComparing(text -> text))
                .limit(EXAMPLES)
                .toList();
    }

    private static Way day(ColumnSeen column, DayOrder order, String words) {
        String read = column.examples().stream()
                .map(text -> text + " is " + shown(order.read(text)))
                .collect(Collectors.joining(", "));
        return new Way(order.name(), words + ": " + read, column.order() == order);
    }

    private static String shown(@Nullable LocalDate day) {
        return day == null ? "refused" : Show.day(day);
    }
}
