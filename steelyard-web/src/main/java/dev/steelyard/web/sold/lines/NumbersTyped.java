package dev.steelyard.web.sold.lines;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * Numbers among answers, by what was asked: read once when answers are first seen, so that a million lines are laid out by
 * size without reading a text.
 */
final class NumbersTyped {

    /** Where nothing was typed, or no number. */
    static final long NONE = SoldLines.UNKNOWN;

    private static final int FIRST = 64;

    private final Map<Asked, long[]> columns = new HashMap<>();

    /** @param unit its code; empty for the ask's own */
    private record Asked(String ask, String unit) {}

    /** Keeps what is a number in answers, under their number. */
    void put(int number, Answers answers) {
        answers.byName().forEach((ask, answer) -> {
            BigDecimal typed = DecimalText.read(answer.text()).value();
            if (typed == null) {
                return;
            }
            String unit = answer instanceof Answers.Answer.Typed one && one.unit() != null ? one.unit() : "";
            Asked asked = new Asked(ask, unit);
            long[] column = columns.getOrDefault(asked, new long[0]);
            if (number >= column.length) {
                int had = column.length;
                column = Arrays.copyOf(column, Math.max(Math.max(FIRST, number + 1), had * 2));
                Arrays.fill(column, had, column.length, NONE);
                columns.put(asked, column);
            }
            column[number] = SoldLines.scaled(typed, SoldLines.FINE);
        });
    }

    /**
     * What was typed for an ask, by the number of the answers, in millionths of its own unit: what was typed in another is
     * converted.
     */
    long[] of(String ask, Unit own, int length) {
        long[] typed = columns.getOrDefault(new Asked(ask, ""), new long[0]);
        long[] all = Arrays.copyOf(typed, length);
        Arrays.fill(all, Math.min(typed.length, length), length, NONE);
        columns.forEach((asked, column) -> {
            if (asked.ask().equals(ask) && !asked.unit().isEmpty()) {
                Unit.of(asked.unit())
                        .filter(unit -> unit.dimension().equals(own.dimension()))
                        .ifPresent(unit -> convert(column, unit, own, all));
            }
        });
        return all;
    }

    private static void convert(long[] from, Unit unit, Unit own, long[] to) {
        for (int i = 0; i < Math.min(from.length, to.length); i++) {
            if (from[i] != NONE) {
                BigDecimal typed = BigDecimal.valueOf(from[i], SoldLines.FINE);
                to[i] = SoldLines.scaled(own.fromBase(unit.toBase(typed)), SoldLines.FINE);
            }
        }
    }
}
