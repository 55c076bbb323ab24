package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.unit.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What was answered, in words: “Length 523 cm”, “Fixing zip”. */
public final class AnswerWords {

    private AnswerWords() {}

    /** One for each answer the card asks for, the pack first. */
    public static List<String> of(RateCard card, Answers answers) {
        List<String> words = new ArrayList<>();
        if (answers.pack() != null) {
            words.add("Pack " + answers.pack());
        }
        card.asks().forEach(ask -> {
            Answer answer = answers.byName().get(ask.name());
            if (answer != null && !answer.text().isEmpty()) {
                String text = ask instanceof Measurement measurement
                        ? measured(measurement, answer)
                        : label((Choice) ask, answer.text());
                words.add(ask.label() + " " + text);
            }
        });
        return words;
    }

    private static String measured(Measurement ask, Answer answer) {
        Unit unit = answer instanceof Answer.Typed typed && typed.unit() != null
                ? Unit.of(typed.unit()).orElse(ask.unit())
                : ask.unit();
        return (answer.text() + " " + unit.symbol()).strip();
    }

    private static String label(Choice choice, String picked) {
        return choice.options().stream()
                .filter(option -> option.name().equals(picked))
                .map(option -> option.label() == null ? option.name() : option.label())
                .findFirst()
                .orElse(picked);
    }

    /** “2 × cotton, 1 × polyester”, in the order in which they first stand. */
    public static String counted(List<String> names) {
        Map<String, Long> counts = names.stream()
                .collect(Collectors.groupingBy(name -> name, java.util.LinkedHashMap::new, Collectors.counting()));
        return counts.entrySet().stream()
                .map(one -> one.getValue() + " × " + one.getKey())
                .collect(Collectors.joining(", "));
    }
}
