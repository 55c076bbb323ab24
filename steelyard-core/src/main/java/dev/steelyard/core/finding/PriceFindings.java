package dev.steelyard.core.finding;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Rounding;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Finds, by analysis, what is odd about an item's shelf price and own rows: for everyone and each group that has rows,
 * on the day given and on each later day on which a break begins or ends.
 */
public final class PriceFindings {

    private final Rounding rounding;
    private final Margins margins;

    /**
     * @param rounding of the item's prices
     * @param margins to be kept
     */
    public PriceFindings(Rounding rounding, Margins margins) {
        this.rounding = rounding;
        this.margins = margins;
    }

    /** All findings, warnings first; none where the item has no shelf price, since then it has no price. */
    public List<Finding> of(Item item, LocalDate today) {
        if (item.shelfPrice() == null) {
            return List.of();
        }
        List<Break> rows = item.ownRows() == null ? List.of() : item.ownRows().breaks();
        CostLimit limit = CostLimit.of(item, margins);
        Map<Object, Finding> found = new LinkedHashMap<>();
        for (LocalDate day : daysOfChange(rows, today)) {
            LocalDate since = day.equals(today) ? null : day;
            PieceCurve everyone = PieceCurve.of(item, null, day, rounding).orElseThrow();
            List<Finding> ofDay = new ArrayList<>(CurveFindings.of(everyone, null, limit, rounding));
            for (String group : groups(rows)) {
                PieceCurve curve = PieceCurve.of(item, group, day, rounding).orElseThrow();
                ofDay.addAll(CurveFindings.of(curve, group, limit, rounding));
                ofDay.addAll(GroupDearer.of(curve, everyone, group));
            }
            ofDay.forEach(finding -> found.putIfAbsent(
                    List.of(finding.code(), finding.what(), Optional.ofNullable(finding.group())),
                    finding.since(since)));
        }
        return found.values().stream()
                .sorted(Comparator.comparing(f -> f.code().severity()))
                .toList();
    }

    private static Iterable<LocalDate> daysOfChange(List<Break> rows, LocalDate today) {
        TreeSet<LocalDate> days = new TreeSet<>(List.of(today));
        rows.stream()
                .flatMap(b -> Stream.of(b.validity().from(), b.validity().until()))
                .filter(day -> day != null && day.isAfter(today))
                .forEach(days::add);
        return days;
    }

    private static List<String> groups(List<Break> rows) {
        return rows.stream()
                .map(Break::group)
                .filter(group -> group != null)
                .distinct()
                .sorted()
                .toList();
    }
}
