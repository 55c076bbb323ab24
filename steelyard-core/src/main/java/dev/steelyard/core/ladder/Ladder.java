package dev.steelyard.core.ladder;

import dev.steelyard.core.number.Quantity;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The breaks of a card or product: an all-units ladder of prices by pieces. Every unit is sold at the price of the
 * break reached; below the first threshold the piece price is unchanged.
 *
 * <p>Immutable and prepared: a ladder without dates answers {@link #inForce} from arrays sorted once.
 */
public final class Ladder {

    private final Over over;
    private final List<Break> breaks;
    private final @Nullable Map<@Nullable String, BreaksInForce> undated;

    private Ladder(Over over, List<Break> breaks) {
        this.over = over;
        this.breaks = breaks;
        this.undated = breaks.stream().anyMatch(b -> b.validity().dated()) ? null : prepare(breaks);
    }

    /**
     * A ladder of these breaks, in any order.
     *
     * @throws IllegalArgumentException where a threshold is no possible quantity, or {@link #clashes} finds something
     */
    public static Ladder of(Over over, List<Break> breaks) {
        for (Break one : breaks) {
            if (!Quantity.allowed(one.from())) {
                throw new IllegalArgumentException("a break's threshold must be 1 to 1000000, not " + one.from());
            }
        }
        List<BreakClash> clashes = clashes(breaks);
        if (!clashes.isEmpty()) {
            throw new IllegalArgumentException(clashes.get(0).message());
        }
        return new Ladder(
                over,
                breaks.stream().sorted(Comparator.comparingInt(Break::from)).toList());
    }

    /** Every pair of breaks that share threshold and group and are both undated or overlap in dates. */
    public static List<BreakClash> clashes(List<Break> breaks) {
        Map<Integer, List<Integer>> atThreshold = new HashMap<>();
        List<BreakClash> found = new ArrayList<>();
        for (int second = 0; second < breaks.size(); second++) {
            List<Integer> earlier =
                    atThreshold.computeIfAbsent(breaks.get(second).from(), any -> new ArrayList<>());
            for (int first : earlier) {
                if (breaks.get(first).key().clashes(breaks.get(second).key())) {
                    found.add(BreakClash.between(first, second, breaks.get(second)));
                }
            }
            earlier.add(second);
        }
        return List.copyOf(found);
    }

    public Over over() {
        return over;
    }

    /** All breaks, by threshold. */
    public List<Break> breaks() {
        return breaks;
    }

    /** The breaks that count for a customer's group (none: no group) on a day in the shop's time zone. */
    public BreaksInForce inForce(@Nullable String group, LocalDate day) {
        if (undated != null) {
            BreaksInForce own = undated.get(group);
            return own != null ? own : Objects.requireNonNull(undated.get(null));
        }
        return BreaksInForce.of(
                breaks.stream().filter(b -> b.validity().on(day)).toList(), group);
    }

    private static Map<@Nullable String, BreaksInForce> prepare(List<Break> breaks) {
        Map<@Nullable String, BreaksInForce> prepared = new HashMap<>();
        prepared.put(null, BreaksInForce.of(breaks, null));
        for (Break one : breaks) {
            prepared.computeIfAbsent(one.group(), group -> BreaksInForce.of(breaks, group));
        }
        return prepared;
    }
}
