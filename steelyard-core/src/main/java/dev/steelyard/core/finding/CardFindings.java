package dev.steelyard.core.finding;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Wanted;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Finds what is wrong or odd about a card: from the card as it is written where that can be, else by trying allowed
 * inputs within a budget, always the same ones for the same card.
 */
public final class CardFindings {

    /** Inputs tried where nobody says how many. */
    public static final int BUDGET = 2000;

    private static final long SEED = 20270401;
    private static final int CURVES = 6;

    private final ShopRules rules;
    private final Margins margins;
    private final int budget;
    private final Wanted wanted;

    /**
     * @param margins to be kept
     * @param budget how many inputs are tried, for each day and product
     */
    public CardFindings(ShopRules rules, Margins margins, int budget) {
        this(rules, margins, budget, Wanted.ALWAYS);
    }

    /** @param wanted asked at every input tried */
    public CardFindings(ShopRules rules, Margins margins, int budget, Wanted wanted) {
        this.wanted = wanted;
        this.rules = rules;
        this.margins = margins;
        this.budget = budget;
    }

    /**
     * All findings of a card for an item, the gravest first.
     *
     * @param today breaks that begin later are looked at on their days too
     * @param kept trials that must come to what they came to
     */
    public List<Finding> of(PreparedCard card, Item item, LocalDate today, List<CheckWeight> kept) {
        List<Finding> found = new ArrayList<>();
        found.addAll(WrittenFindings.of(card, item));
        found.addAll(PlainModeFindings.of(card));
        found.addAll(CheckWeights.of(card, kept, rules));
        for (LocalDate day : daysOfChange(card, item, today)) {
            LocalDate since = day.equals(today) ? null : day;
            List<Probe> probes = new Inputs(card, item, day, rules.orders(card), SEED)
                    .some(budget).stream()
                            .map(asked -> Probe.of(card, asked, rules, wanted))
                            .filter(Probe::allowed)
                            .toList();
            List<Finding> ofDay = new ArrayList<>();
            ofDay.addAll(new LadderFindings(card, rules, wanted).of(trials(probes)));
            ofDay.addAll(MeasureCliffs.of(card, trials(probes), rules, wanted));
            ofDay.addAll(new SearchFindings(card, rules, CostLimit.of(item, margins), wanted).of(probes));
            ofDay.forEach(finding -> found.add(finding.since(since)));
        }
        Map<Object, Finding> once = new LinkedHashMap<>(); // the same fault on a later day is not said again
        found.forEach(finding -> once.putIfAbsent(List.of(finding.code(), finding.at(), finding.since(null)), finding));
        return once.values().stream()
                .sorted(Comparator.comparing(finding -> finding.code().severity()))
                .toList();
    }

    /** A few different trials whose curves are looked at. */
    private static List<Asked> trials(List<Probe> probes) {
        List<Asked> priced = probes.stream()
                .filter(probe -> probe.line() != null)
                .map(Probe::asked)
                .toList();
        Map<Answers, Asked> different = new LinkedHashMap<>();
        priced.forEach(asked -> different.putIfAbsent(asked.answers(), asked));
        List<Asked> all = List.copyOf(different.values());
        int every = Math.max(1, all.size() / CURVES);
        return IntStream.range(0, all.size())
                .filter(i -> i % every == 0)
                .limit(CURVES)
                .mapToObj(all::get)
                .toList();
    }

    private static SortedSet<LocalDate> daysOfChange(PreparedCard card, Item item, LocalDate today) {
        SortedSet<LocalDate> days = new TreeSet<>(List.of(today));
        PreparedLadder ladder = card.ladderFor(item);
        if (ladder != null) {
            ladder.breaks().all().stream()
                    .flatMap(row ->
                            Stream.of(row.validity().from(), row.validity().until()))
                    .filter(day -> day != null && day.isAfter(today))
                    .limit(CURVES)
                    .forEach(days::add);
        }
        return days;
    }
}
