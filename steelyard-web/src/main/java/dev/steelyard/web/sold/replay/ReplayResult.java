package dev.steelyard.web.sold.replay;

import dev.steelyard.core.replay.AtBreak;
import dev.steelyard.core.replay.Replayed;
import dev.steelyard.core.replay.Totals;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What came of a replay, as it is kept.
 *
 * @param label what tells it from others beside it
 * @param orders that are summed up
 * @param then what they came to when they were sold
 * @param assumed the whole where some people take up to breaks that are new
 * @param overMost those over the bound that become dearer by the largest share
 * @param most the orders that change most, those that become dearer first
 * @param apart orders that cannot be priced now either
 * @param unknown orders of before it was kept what was asked
 */
public record ReplayResult(
        String label,
        long orders,
        BigDecimal then,
        Totals now,
        Totals other,
        Totals assumed,
        long lifted,
        long dearer,
        long cheaper,
        long over,
        List<Changed> overMost,
        List<Changed> most,
        long refused,
        List<Changed> refusedMost,
        long apart,
        long unknown,
        List<Part> groups,
        List<Part> products,
        List<BreakPart> breaks) {

    private static final int MOST_PARTS = 500;

    /** An order under both. @param other 0 where it would be refused */
    public record Changed(String number, BigDecimal now, BigDecimal other) {}

    /** Lines alike in group or product, under both. */
    public record Part(String key, Totals now, Totals other) {}

    /** Lines at one break, under both. @param from none below the first */
    public record BreakPart(String card, @Nullable BigDecimal from, Totals now, Totals other) {}

    static ReplayResult of(String label, Replayed replayed, Map<Long, String> numbers, long unknown) {
        return new ReplayResult(
                label,
                replayed.baskets(),
                replayed.then(),
                replayed.now().whole(),
                replayed.other().whole(),
                replayed.assumed(),
                replayed.lifted(),
                replayed.dearer(),
                replayed.cheaper(),
                replayed.over(),
                changed(replayed.overMost(), numbers),
                changed(replayed.most(), numbers),
                replayed.refused(),
                changed(replayed.refusedMost(), numbers),
                replayed.apart(),
                unknown,
                parts(replayed.now().groups(), replayed.other().groups(), group -> group),
                parts(replayed.now().products(), replayed.other().products(), sku -> sku.value()),
                breaks(replayed));
    }

    private static List<Changed> changed(List<Replayed.Change> changes, Map<Long, String> numbers) {
        return changes.stream()
                .map(one -> new Changed(numbers.getOrDefault(one.id(), ""), one.now(), one.other()))
                .toList();
    }

    private static <K> List<Part> parts(Map<K, Totals> now, Map<K, Totals> other, Function<K, String> key) {
        List<Part> parts = new ArrayList<>();
        now.forEach((one, totals) -> parts.add(new Part(key.apply(one), totals, other.getOrDefault(one, Totals.NONE))));
        return parts.stream()
                .sorted(Comparator.comparing((Part part) -> part.other()
                                .turnover()
                                .subtract(part.now().turnover())
                                .abs())
                        .reversed()
                        .thenComparing(Part::key))
                .limit(MOST_PARTS)
                .toList();
    }

    private static List<BreakPart> breaks(Replayed replayed) {
        Set<AtBreak> all = new TreeSet<>(Comparator.comparing(AtBreak::card)
                .thenComparing(AtBreak::from, Comparator.nullsFirst(Comparator.naturalOrder())));
        all.addAll(replayed.now().breaks().keySet());
        all.addAll(replayed.other().breaks().keySet());
        return all.stream()
                .map(at -> new BreakPart(
                        at.card(),
                        at.from(),
                        replayed.now().breaks().getOrDefault(at, Totals.NONE),
                        replayed.other().breaks().getOrDefault(at, Totals.NONE)))
                .limit(MOST_PARTS)
                .toList();
    }
}
