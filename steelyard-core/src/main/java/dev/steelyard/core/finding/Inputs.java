package dev.steelyard.core.finding;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * The inputs a search tries: limits, thresholds and their neighbours, every option and pack; first each of these with
 * all else at its start, then the corners, then mixtures from a seed.
 */
final class Inputs {

    private static final int MOST_CORNERS = 512;

    private final PreparedCard card;
    private final Item item;
    private final LocalDate day;
    private final Map<String, List<Answer>> values = new LinkedHashMap<>();
    private final List<Long> quantities;
    private final long fewest;
    private final List<@Nullable String> packs = new ArrayList<>();
    private final Random random;

    Inputs(PreparedCard card, Item item, LocalDate day, OrderQuantity orders, long seed) {
        this.card = card;
        this.item = item;
        this.day = day;
        this.random = new Random(seed);
        for (Ask ask : card.card().asks()) {
            values.put(
                    ask.name(),
                    ask instanceof Measurement measurement
                            ? MeasureValues.of(measurement, card.card())
                            : options((Choice) ask));
        }
        this.quantities = quantities(card.ladderFor(item), orders);
        this.fewest = quantities.isEmpty() ? Quantity.LEAST : quantities.get(0);
        packs.add(null);
        for (Case one : card.card().cases().all()) {
            if (one.piece() instanceof PiecePrice.Packs sold) {
                sold.packs().forEach(pack -> packs.add(pack.name()));
            }
        }
    }

    private static List<Answer> options(Choice choice) {
        return choice.optionNames().stream().map(Answer::of).toList();
    }

    private static List<Long> quantities(@Nullable PreparedLadder ladder, OrderQuantity orders) {
        TreeSet<Long> all = new TreeSet<>(List.of(1L, 2L, 10L, (long) Quantity.MOST));
        if (ladder != null && !ladder.countsAmount()) {
            for (Break one : ladder.breaks().all()) {
                long from = one.from().longValue();
                all.addAll(List.of(from - 1, from, from + 1));
            }
            BigDecimal upTo = ladder.definition().upTo();
            if (upTo != null) {
                all.addAll(List.of(upTo.longValue(), upTo.longValue() + 1));
            }
        }
        TreeSet<Long> ordered = new TreeSet<>();
        all.forEach(quantity -> ordered.addAll(orders.nearest(quantity)));
        return List.copyOf(ordered);
    }

    /** At most so many inputs for customers of no group, each once. */
    List<Asked> some(int most) {
        Set<Asked> inputs = new LinkedHashSet<>();
        Map<String, Answer> start = new LinkedHashMap<>();
        values.forEach((name, all) -> {
            if (!all.isEmpty()) {
                start.put(name, all.get(0));
            }
        });
        for (long quantity : quantities) {
            packs.forEach(pack -> add(inputs, most, asked(quantity, start, pack)));
        }
        values.forEach((name, all) -> all.forEach(value -> packs.forEach(pack -> {
            Map<String, Answer> answers = new LinkedHashMap<>(start);
            answers.put(name, value);
            add(inputs, most, asked(fewest, answers, pack));
        })));
        corners(new LinkedHashMap<>(), List.copyOf(values.keySet()), 0, inputs);
        int tries = most * 4;
        while (inputs.size() < most && tries-- > 0) {
            Map<String, Answer> answers = new LinkedHashMap<>();
            values.forEach((name, all) -> {
                if (!all.isEmpty()) {
                    answers.put(name, all.get(random.nextInt(all.size())));
                }
            });
            inputs.add(asked(
                    quantities.get(random.nextInt(quantities.size())),
                    answers,
                    packs.get(random.nextInt(packs.size()))));
        }
        return inputs.stream().limit(most).toList();
    }

    private static void add(Set<Asked> inputs, int most, Asked one) {
        if (inputs.size() < most) {
            inputs.add(one);
        }
    }

    private void corners(Map<String, Answer> chosen, List<String> names, int at, Set<Asked> inputs) {
        if (inputs.size() > MOST_CORNERS) {
            return;
        }
        if (at == names.size()) {
            inputs.add(asked(fewest, chosen, null));
            return;
        }
        List<Answer> all = values.getOrDefault(names.get(at), List.of());
        boolean choice = card.card().asks().get(at) instanceof Choice;
        List<Answer> ends = choice || all.size() < 2 ? all : List.of(all.get(0), all.get(1));
        if (ends.isEmpty()) {
            corners(chosen, names, at + 1, inputs);
        }
        for (Answer end : ends) {
            Map<String, Answer> more = new LinkedHashMap<>(chosen);
            more.put(names.get(at), end);
            corners(more, names, at + 1, inputs);
        }
    }

    private Asked asked(long quantity, Map<String, Answer> answers, @Nullable String pack) {
        return new Asked(item, quantity, new Answers(answers, pack), null, day);
    }
}
