package dev.steelyard.core.ladder;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The rows of a ladder, in any order given, prepared: without dates {@link #inForce} answers from arrays sorted once.
 * Immutable.
 */
public final class Breaks {

    private final List<Break> rows;
    private final BigDecimal factor;
    private final Set<String> alone;
    private final @Nullable BreaksInForce everyone;
    private final Map<String, BreaksInForce> byGroup;

    private Breaks(List<Break> rows, BigDecimal factor, Set<String> alone) {
        this.factor = factor;
        this.alone = Set.copyOf(alone);
        boolean dated = rows.stream().anyMatch(b -> b.validity().dated());
        this.everyone = dated ? null : BreaksInForce.of(rows, null, factor, alone);
        this.byGroup = dated ? Map.of() : prepare(rows, factor, alone);
        // most rows are for everyone for ever: those are kept once
        this.rows = everyone != null && everyone.all().equals(rows) ? everyone.all() : rows;
    }

    /**
     * Rows whose thresholds are pieces.
     *
     * @param alone groups for which everyone's rows do not count where they have one of their own in force
     * @throws IllegalArgumentException where {@link #clashes} finds something
     */
    public static Breaks ofPieces(List<Break> rows, Set<String> alone) {
        return ofAmounts(rows, BigDecimal.ONE, alone);
    }

    /**
     * Rows whose thresholds are amounts of a unit.
     *
     * @param factor how many base units one of that unit is
     * @param alone as for pieces
     * @throws IllegalArgumentException where {@link #clashes} finds something
     */
    public static Breaks ofAmounts(List<Break> rows, BigDecimal factor, Set<String> alone) {
        List<BreakClash> clashes = clashes(rows);
        if (!clashes.isEmpty()) {
            throw new IllegalArgumentException(clashes.get(0).message());
        }
        return new Breaks(
                rows.stream().sorted(Comparator.comparing(Break::from)).toList(), factor, alone);
    }

    /** Each break that shares threshold and group with an earlier one, both undated or with dates that overlap. */
    public static List<BreakClash> clashes(List<Break> rows) {
        Map<BigDecimal, List<Integer>> atThreshold = new HashMap<>();
        List<BreakClash> found = new ArrayList<>();
        for (int second = 0; second < rows.size(); second++) {
            List<Integer> earlier = atThreshold.computeIfAbsent(rows.get(second).from(), any -> new ArrayList<>());
            for (int first : earlier) {
                if (rows.get(first).key().clashes(rows.get(second).key())) {
                    found.add(BreakClash.between(first, second, rows.get(second)));
                    break; // one clash tells enough of a row
                }
            }
            earlier.add(second);
        }
        return List.copyOf(found);
    }

    /** Groups whose breaks stand alone. */
    public Set<String> alone() {
        return alone;
    }

    /** All breaks, by threshold. */
    public List<Break> all() {
        return rows;
    }

    /** The breaks that count for a customer's group (none: no group) on a day in the shop's time zone. */
    public BreaksInForce inForce(@Nullable String group, LocalDate day) {
        if (everyone != null) {
            BreaksInForce own = group == null ? null : byGroup.get(group);
            return own != null ? own : everyone;
        }
        return BreaksInForce.of(rows.stream().filter(b -> b.validity().on(day)).toList(), group, factor, alone);
    }

    private static Map<String, BreaksInForce> prepare(List<Break> rows, BigDecimal factor, Set<String> alone) {
        Map<String, BreaksInForce> prepared = new HashMap<>();
        for (Break one : rows) {
            if (one.group() != null) {
                prepared.computeIfAbsent(one.group(), group -> BreaksInForce.of(rows, group, factor, alone));
            }
        }
        return Map.copyOf(prepared);
    }
}
