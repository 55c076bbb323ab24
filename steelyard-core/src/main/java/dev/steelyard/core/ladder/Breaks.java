package dev.steelyard.core.ladder;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
    private final @Nullable Map<@Nullable String, BreaksInForce> undated;

    private Breaks(List<Break> rows, BigDecimal factor, Set<String> alone) {
        this.rows = rows;
        this.factor = factor;
        this.alone = Set.copyOf(alone);
        this.undated = rows.stream().anyMatch(b -> b.validity().dated()) ? null : prepare(rows, factor, alone);
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
        if (undated != null) {
            BreaksInForce own = undated.get(group);
            return own != null ? own : Objects.requireNonNull(undated.get(null));
        }
        return BreaksInForce.of(rows.stream().filter(b -> b.validity().on(day)).toList(), group, factor, alone);
    }

    private static Map<@Nullable String, BreaksInForce> prepare(
            List<Break> rows, BigDecimal factor, Set<String> alone) {
        if (rows.stream().allMatch(one -> one.group() == null)) {
            return Collections.singletonMap(
                    null, BreaksInForce.of(rows, null, factor, alone)); // most rows; a map of one is small
        }
        Map<@Nullable String, BreaksInForce> prepared = new HashMap<>();
        prepared.put(null, BreaksInForce.of(rows, null, factor, alone));
        for (Break one : rows) {
            prepared.computeIfAbsent(one.group(), group -> BreaksInForce.of(rows, group, factor, alone));
        }
        return prepared;
    }
}
