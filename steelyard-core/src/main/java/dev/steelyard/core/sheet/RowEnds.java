package dev.steelyard.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The last piece that each price row of an item holds for: the one before the next threshold of its group and days. */
public final class RowEnds {

    private final Map<RowKey, Integer> ends = new HashMap<>();

    private RowEnds() {}

    public static RowEnds of(List<KeptPrice> prices) {
        RowEnds found = new RowEnds();
        Map<List<Object>, List<KeptPrice>> ladders = new HashMap<>();
        for (KeptPrice price : prices) {
            if (!price.line().isShelf()) {
                ladders.computeIfAbsent(
                                List.of(
                                        Objects.requireNonNullElse(price.line().group(), ""),
                                        price.line().validity()),
                                any -> new ArrayList<>())
                        .add(price);
            }
        }
        for (List<KeptPrice> ladder : ladders.values()) {
            ladder.sort(Comparator.comparing(price -> price.line().from()));
            for (int i = 1; i < ladder.size(); i++) {
                int next = Objects.requireNonNull(ladder.get(i).line().from());
                found.ends.put(ladder.get(i - 1).key(), next - 1);
            }
        }
        return found;
    }

    /** None for the last row, which has no end, and for a shelf price. */
    public Optional<Integer> end(KeptPrice price) {
        return Optional.ofNullable(ends.get(price.key()));
    }
}
