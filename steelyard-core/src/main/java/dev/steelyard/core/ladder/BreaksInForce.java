package dev.steelyard.core.ladder;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** The breaks of a ladder that count for one customer group on one day: at most one for each threshold, ascending. */
public final class BreaksInForce {

    /** No breaks at all. */
    public static final BreaksInForce NONE = new BreaksInForce(new TreeMap<>());

    private final int[] thresholds;
    private final Break[] breaks;

    private BreaksInForce(TreeMap<Integer, Break> byThreshold) {
        this.thresholds =
                byThreshold.keySet().stream().mapToInt(Integer::intValue).toArray();
        this.breaks = byThreshold.values().toArray(Break[]::new);
    }

    /** At one threshold the group's break beats everyone's; then a dated one beats an undated one. */
    static BreaksInForce of(List<Break> onTheDay, @Nullable String group) {
        TreeMap<Integer, Break> winners = new TreeMap<>();
        for (Break one : onTheDay) {
            if (one.group() == null || one.group().equals(group)) {
                winners.merge(one.from(), one, BreaksInForce::stronger);
            }
        }
        return new BreaksInForce(winners);
    }

    private static Break stronger(Break one, Break other) {
        if (!Objects.equals(one.group(), other.group())) {
            return one.group() != null ? one : other;
        }
        return one.validity().dated() ? one : other;
    }

    /** The break that so many pieces reach, if any. */
    public @Nullable Break reached(long pieces) {
        int at = lastAtMost(pieces);
        return at < 0 ? null : breaks[at];
    }

    /** The breaks above so many pieces, nearest first. */
    public List<Break> above(long pieces) {
        return List.of(breaks).subList(lastAtMost(pieces) + 1, breaks.length);
    }

    /** All of them, ascending. */
    public List<Break> all() {
        return List.of(breaks);
    }

    private int lastAtMost(long pieces) {
        int found = Arrays.binarySearch(thresholds, (int) Math.min(pieces, Integer.MAX_VALUE));
        return found >= 0 ? found : -found - 2;
    }
}
