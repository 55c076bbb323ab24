package dev.steelyard.core.ladder;

import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The breaks of a ladder that count for one customer group on one day: at most one for each threshold, ascending. They
 * are found by how much of what the ladder counts there is: pieces, or an amount in base units.
 */
public final class BreaksInForce {

    private static final BigDecimal[] NO_AMOUNTS = {};

    /** No breaks at all. */
    public static final BreaksInForce NONE = new BreaksInForce(new TreeMap<>(), BigDecimal.ONE);

    private static final int FEW = 16;

    private final List<Break> breaks;
    private final BigDecimal[] amounts; // empty for pieces, whose thresholds are the breaks' own
    private final long[] whole;

    private BreaksInForce(TreeMap<BigDecimal, Break> byThreshold, BigDecimal factor) {
        this.breaks = List.copyOf(byThreshold.values());
        this.amounts = factor.equals(BigDecimal.ONE)
                ? NO_AMOUNTS
                : breaks.stream()
                        .map(one -> one.from().multiply(factor, Decimals.EXACT))
                        .toArray(BigDecimal[]::new);
        this.whole = new long[breaks.size()];
        for (int i = 0; i < whole.length; i++) {
            // so many whole pieces, rounded up, reach the same break
            whole[i] = threshold(i)
                    .min(Decimals.TOO_LARGE)
                    .setScale(0, RoundingMode.CEILING)
                    .longValue();
        }
    }

    /**
     * At one threshold the group's break beats everyone's; then a dated one beats an undated one. A group that stands
     * alone and has a break has only its own.
     */
    static BreaksInForce of(List<Break> onTheDay, @Nullable String group, BigDecimal factor, Set<String> alone) {
        boolean onlyOwn =
                group != null && alone.contains(group) && onTheDay.stream().anyMatch(one -> group.equals(one.group()));
        TreeMap<BigDecimal, Break> winners = new TreeMap<>();
        for (Break one : onTheDay) {
            if (one.group() == null ? !onlyOwn : one.group().equals(group)) {
                winners.merge(one.from(), one, BreaksInForce::stronger);
            }
        }
        return new BreaksInForce(winners, factor);
    }

    private static Break stronger(Break one, Break other) {
        if (!Objects.equals(one.group(), other.group())) {
            return one.group() != null ? one : other;
        }
        return one.validity().dated() ? one : other;
    }

    /** How many there are. */
    public int size() {
        return breaks.size();
    }

    /** One of them, counted from 0. */
    public Break get(int index) {
        return breaks.get(index);
    }

    /** The threshold of one of them: pieces, or base units. */
    public BigDecimal threshold(int index) {
        return amounts.length == 0 ? breaks.get(index).from() : amounts[index];
    }

    /** The fewest pieces that reach one of them. */
    public long pieces(int index) {
        return whole[index];
    }

    /** The index of the break that so many pieces reach; -1 for none. */
    public int indexReached(long pieces) {
        if (whole.length <= FEW) {
            int at = whole.length - 1;
            while (at >= 0 && whole[at] > pieces) {
                at--;
            }
            return at;
        }
        int found = Arrays.binarySearch(whole, pieces);
        return found >= 0 ? found : -found - 2;
    }

    /** The index of the break that so much of an amount, in base units, reaches; -1 for none. */
    public int indexReached(BigDecimal amount) {
        int low = 0;
        int high = breaks.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (threshold(middle).compareTo(amount) <= 0) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low - 1;
    }

    /** The break that so many pieces reach, if any. */
    public @Nullable Break reached(long pieces) {
        int at = indexReached(pieces);
        return at < 0 ? null : breaks.get(at);
    }

    /** The breaks above so many pieces, nearest first. */
    public List<Break> above(long pieces) {
        return breaks.subList(indexReached(pieces) + 1, breaks.size());
    }

    /** All of them, ascending. */
    public List<Break> all() {
        return breaks;
    }
}
