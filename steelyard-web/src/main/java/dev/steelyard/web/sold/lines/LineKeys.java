package dev.steelyard.web.sold.lines;

import dev.steelyard.core.prepared.Answers;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Numbers, from 0, by which lines are told apart: so that a million lines are told apart by looking into arrays. What is
 * seen of them is given a number when it first comes by.
 */
final class LineKeys {

    private final SoldView of;
    private final By by;
    private final SoldLines lines;
    private final Map<Object, Integer> numbers = new HashMap<>();
    private final List<Object> keys = new ArrayList<>();
    private final int[] ofAnswers;
    private final Map<Long, Integer> months = new HashMap<>();
    private int lastOrder = -1;
    private int lastMonth;

    LineKeys(SoldView of, By by, SoldLines lines) {
        this.of = of;
        this.by = by;
        this.lines = lines;
        this.ofAnswers =
                by.what() == By.What.ANSWER || by.what() == By.What.PACK ? new int[of.asked().length] : new int[0];
        Arrays.fill(ofAnswers, -1);
    }

    /** The number of a line; for one that has none of what is asked about, that of nothing. */
    int of(int line) {
        return switch (by.what()) {
            case PRODUCT -> named(of.product()[line]);
            case VARIANT -> named(of.item()[line]);
            case GROUP -> named(of.group()[of.order(line)]);
            case CARD -> number(of.card()[line]);
            case BREAK -> (int) of.place()[line];
            case MONTH -> month(of.order(line));
            case ANSWER, PACK -> answered(of.answers(line));
        };
    }

    /** Names have numbers already; the first is nobody's. */
    private static int named(long name) {
        return (int) name + 1;
    }

    /** Lines of an order follow one another. */
    private int month(int order) {
        if (order != lastOrder) {
            lastOrder = order;
            lastMonth =
                    months.computeIfAbsent(of.day()[order], day -> number(YearMonth.from(LocalDate.ofEpochDay(day))));
        }
        return lastMonth;
    }

    /** Each answers are looked at once. */
    private int answered(int answers) {
        if (answers == NamesSeen.NONE) {
            return number("");
        }
        int known = ofAnswers[answers];
        if (known < 0) {
            Function<Answers, @Nullable String> said = by.what() == By.What.PACK ? Answers::pack : this::answer;
            known = number(Objects.requireNonNullElse(said.apply(of.asked()[answers]), ""));
            ofAnswers[answers] = known;
        }
        return known;
    }

    private @Nullable String answer(Answers answers) {
        Answers.Answer answer = answers.byName().get(by.ask());
        if (answer == null) {
            return null;
        }
        String unit = answer instanceof Answers.Answer.Typed typed ? typed.unit() : null;
        return unit == null ? answer.text() : answer.text() + " " + unit;
    }

    private int number(Object key) {
        Integer known = numbers.get(key);
        if (known != null) {
            return known;
        }
        numbers.put(key, keys.size());
        keys.add(key);
        return keys.size() - 1;
    }

    PartSold part(int number, SoldFigures figures) {
        return switch (by.what()) {
            case PRODUCT, VARIANT, GROUP -> new PartSold(
                    Objects.requireNonNullElse(lines.names.name(number - 1), ""), 0, null, figures);
            case CARD -> new PartSold("", (Long) keys.get(number), null, figures);
            case BREAK -> at(lines.place(number), figures);
            default -> new PartSold(keys.get(number).toString(), 0, null, figures);
        };
    }

    private static PartSold at(SoldLines.Place place, SoldFigures figures) {
        return new PartSold(
                "",
                place.card(),
                place.from() == SoldLines.UNKNOWN
                        ? null
                        : BigDecimal.valueOf(place.from(), SoldLines.FINE).stripTrailingZeros(),
                figures);
    }
}
