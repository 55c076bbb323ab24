package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Checked.Not;
import dev.steelyard.core.deal.Deal.Combine;
import dev.steelyard.core.deal.Dealt.Unused;
import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Applies the deals of a basket: all that add up, one after the other, or one that stands alone, whichever leaves the
 * lowest total; what adds to the price afterwards.
 */
final class Applying {

    private final Basket basket;
    private final boolean explain;
    private final Wanted wanted;
    private final List<Ready> addingUp = new ArrayList<>();
    private final List<Ready> alone = new ArrayList<>();
    private final List<Ready> charges = new ArrayList<>();
    private final List<Entry> entries = new ArrayList<>();
    private final Map<String, Deal> chosen = new HashMap<>();

    /** A deal with what came of it. */
    private record Entry(Deal deal, Checked checked) {}

    /** What some deals leave. */
    private static final class Way {
        private final long[] left;
        private final List<Ready> used = new ArrayList<>();
        private final List<long[]> shares = new ArrayList<>();

        Way(long[] left) {
            this.left = left;
        }

        void take(Ready ready, Basket basket) {
            used.add(ready);
            shares.add(ready.take(basket, left));
        }

        long total() {
            return Arrays.stream(left).sum();
        }
    }

    Applying(Basket basket, boolean explain, Wanted wanted) {
        this.wanted = wanted;
        this.basket = basket;
        this.explain = explain;
    }

    void add(PreparedDeal prepared, Checked checked) {
        if (explain) {
            entries.add(new Entry(prepared.deal(), checked));
        }
        if (checked instanceof Ready ready) {
            if (prepared.adds()) {
                charges.add(ready);
            } else if (ready.deal().combine() == Combine.ADDS_UP) {
                addingUp.add(ready);
            } else {
                alone.add(ready);
            }
        }
    }

    Dealt result() {
        Way best = new Way(basket.totals());
        Set<String> sets = new HashSet<>();
        for (Ready ready : addingUp) {
            wanted.check();
            String set = ready.deal().oneOf();
            if (set == null) {
                best.take(ready, basket);
            } else if (sets.add(set)) {
                best.take(takesMost(set, best.left), basket);
            }
        }
        long lowest = best.total();
        for (Ready ready : alone) {
            wanted.check();
            Way way = new Way(basket.totals());
            way.take(ready, basket);
            if (way.total() < lowest) {
                best = way;
                lowest = way.total();
            }
        }
        for (Ready ready : charges) {
            best.take(ready, basket);
            BigDecimal charged = basket.money(best.total());
            if (Decimals.tooLarge(charged)) {
                throw Refused.at(
                        Place.TOTAL,
                        Fault.Kind.TOO_LARGE,
                        Refusal.BASKET_TOO_LARGE_WITH_DEAL,
                        ready.deal().called(),
                        money(charged));
            }
        }
        return answer(best, lowest);
    }

    /** Of a set the deal that takes most off what is left, at the place of its first; of equal ones the first. */
    private Ready takesMost(String set, long[] left) {
        @Nullable Ready most = null;
        long taken = 0;
        for (Ready ready : addingUp) {
            if (set.equals(ready.deal().oneOf())) {
                long takes = Arrays.stream(ready.take(basket, left.clone())).sum();
                if (most == null || takes > taken) {
                    most = ready;
                    taken = takes;
                }
            }
        }
        chosen.put(set, Objects.requireNonNull(most).deal());
        return most;
    }

    private Dealt answer(Way way, long lowest) {
        long[] before = basket.totals();
        List<Used> used = new ArrayList<>();
        List<Ready> idle = new ArrayList<>();
        for (int i = 0; i < way.used.size(); i++) {
            wanted.check();
            Ready ready = way.used.get(i);
            long[] shares = way.shares.get(i);
            if (Arrays.stream(shares).sum() == 0) {
                idle.add(ready);
            } else {
                used.add(ready.used(basket, shares, before, explain));
            }
            for (int line = 0; line < shares.length; line++) {
                before[ready.lines()[line]] -= shares[line];
            }
        }
        List<Money> left = new ArrayList<>(way.left.length);
        for (long line : way.left) {
            left.add(basket.rounding().ofMinorUnits(line));
        }
        return new Dealt(left, used, unused(way, used, idle, lowest), nexts());
    }

    private List<Unused> unused(Way way, List<Used> used, List<Ready> idle, long lowest) {
        List<Unused> unused = new ArrayList<>();
        for (Entry entry : entries) {
            wanted.check();
            if (entry.checked instanceof Not not) {
                unused.add(new Unused(entry.deal, not.why(), not.detail()));
            } else if (!way.used.contains((Ready) entry.checked)) {
                Deal of = entry.deal.oneOf() == null ? null : chosen.get(entry.deal.oneOf());
                Fact why = of != null && of != entry.deal && used.stream().anyMatch(one -> one.deal() == of)
                        ? Fact.of(DealSays.ONE_OF_A_SET, Part.name(entry.deal.oneOf()), of.called())
                        : more((Ready) entry.checked, used, lowest);
                unused.add(new Unused(entry.deal, Why.ANOTHER_GIVES_MORE, why));
            } else if (idle.contains((Ready) entry.checked)) {
                unused.add(new Unused(entry.deal, Why.TAKES_NOTHING, Fact.of(DealSays.NOTHING_LEFT)));
            }
        }
        return unused;
    }

    private Fact more(Ready ready, List<Used> used, long lowest) {
        long[] left = basket.totals();
        long all = Arrays.stream(left).sum();
        ready.take(basket, left);
        long alone = all - Arrays.stream(left).sum();
        List<Part> others = used.stream()
                .filter(one -> one.saved().value().signum() > 0)
                .map(one -> one.deal().called())
                .toList();
        return Fact.of(
                DealSays.OTHERS_TAKE_MORE,
                Part.all(Join.AND, others),
                money(basket.money(all - lowest)),
                money(basket.money(alone)));
    }

    private Part money(BigDecimal value) {
        return new Part.Money(value, basket.rounding().minorDigits());
    }

    private List<Next> nexts() {
        List<Next> nexts = new ArrayList<>();
        for (Entry entry : entries) {
            wanted.check();
            boolean near = entry.checked instanceof Ready
                    || entry.checked instanceof Not not && (not.why() == Why.TOO_LITTLE || not.why() == Why.NO_GOODS);
            if (near) {
                @Nullable Next next = Nexts.of(basket, entry.deal, linesOf(entry));
                if (next != null) {
                    nexts.add(next);
                }
            }
        }
        return nexts;
    }

    private int[] linesOf(Entry entry) {
        return entry.checked instanceof Ready ready ? ready.lines() : basket.linesOf(entry.deal.acted());
    }
}
