package dev.steelyard.core.finding;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds where a larger measurement costs less in total; a price grid's cells are looked at as written instead. */
final class MeasureCliffs {

    private MeasureCliffs() {}

    static List<Finding> of(PreparedCard card, List<Asked> trials, ShopRules rules, Wanted wanted) {
        boolean grids = card.card().cases().all().stream().anyMatch(one -> one.piece() instanceof PiecePrice.Grid);
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < card.card().asks().size() && !grids; i++) {
            if (card.card().asks().get(i) instanceof Measurement ask) {
                first(card, ask, "/asks/" + i, trials, rules, wanted).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Finding> first(
            PreparedCard card, Measurement ask, String at, List<Asked> trials, ShopRules rules, Wanted wanted) {
        List<Answer.Number> ascending = MeasureValues.of(ask, card.card()).stream()
                .map(Answer.Number.class::cast)
                .sorted(Comparator.comparing(Answer.Number::value))
                .toList();
        for (Asked trial : trials) {
            Probe before = null;
            Answer.Number less = null;
            for (Answer.Number value : ascending) {
                Probe here = Probe.of(card, with(trial, ask, value), rules, wanted);
                if (before != null
                        && before.line() != null
                        && here.line() != null
                        && here.line().total().compareTo(before.line().total()) < 0) {
                    return Optional.of(Finding.searched(
                            Code.CLIFF,
                            at,
                            Fact.of(
                                    FindingSays.LARGER_MEASURE_CHEAPER,
                                    Part.name(ask.label()),
                                    Part.amount(less.value(), ask.unit()),
                                    Part.money(before.line().total()),
                                    Part.amount(value.value(), ask.unit()),
                                    Part.money(here.line().total()),
                                    before.told(card)),
                            null));
                }
                before = here;
                less = value;
            }
        }
        return Optional.empty();
    }

    private static Asked with(Asked trial, Measurement ask, Answer value) {
        Map<String, Answer> answers = new LinkedHashMap<>(trial.answers().byName());
        answers.put(ask.name(), value);
        return new Asked(
                trial.item(),
                trial.quantity(),
                new Answers(answers, trial.answers().pack()),
                trial.group(),
                trial.day());
    }
}
