package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What was answered: “Length 523 cm”, “Fixing zip”. */
public final class AnswerWords {

    private AnswerWords() {}

    /** One for each answer the card asks for, the pack first. */
    public static List<Fact> of(RateCard card, Answers answers) {
        List<Fact> told = new ArrayList<>();
        if (answers.pack() != null) {
            told.add(Fact.of(Told.PACK_PICKED, Part.name(answers.pack())));
        }
        card.asks().forEach(ask -> {
            Answer answer = answers.byName().get(ask.name());
            if (answer != null && !answer.text().isEmpty()) {
                Part value = ask instanceof Measurement measurement
                        ? measured(measurement, answer)
                        : label((Choice) ask, answer.text());
                told.add(Fact.of(Told.ANSWERED, Part.name(ask.label()), value));
            }
        });
        return told;
    }

    private static Part measured(Measurement ask, Answer answer) {
        Unit unit = answer instanceof Answer.Typed typed && typed.unit() != null
                ? Unit.of(typed.unit()).orElse(ask.unit())
                : ask.unit();
        BigDecimal value = answer instanceof Answer.Number number
                ? number.value()
                : DecimalText.read(answer.text()).value();
        return value == null ? Part.typed(answer.text()) : Part.amount(value, unit);
    }

    private static Part label(Choice choice, String picked) {
        return choice.options().stream()
                .filter(option -> option.name().equals(picked))
                .map(option -> Part.name(option.called()))
                .findFirst()
                .orElseGet(() -> Part.typed(picked));
    }

    /** “2 × cotton, 1 × polyester”, in the order in which they first stand. */
    public static Fact counted(List<Part> names) {
        Map<Part, Long> counts =
                names.stream().collect(Collectors.groupingBy(name -> name, LinkedHashMap::new, Collectors.counting()));
        List<Part> counted = counts.entrySet().stream()
                .map(one -> Part.of(Told.SO_MANY, Part.count(one.getValue()), one.getKey()))
                .toList();
        return Fact.of(Told.VARIANTS, Part.all(Join.LIST, counted));
    }
}
