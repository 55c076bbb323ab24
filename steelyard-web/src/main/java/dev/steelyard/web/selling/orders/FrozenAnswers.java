package dev.steelyard.web.selling.orders;

import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.unit.Unit;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What a line of an order asked for, by the names its card asked by, so that it can be priced again. */
public final class FrozenAnswers {

    private FrozenAnswers() {}

    /** Names in their order, so that equal answers are equal texts. */
    static JsonNode freeze(Answers answers) {
        ObjectNode frozen = JsonNodeFactory.instance.objectNode();
        if (!answers.byName().isEmpty()) {
            ObjectNode all = frozen.putObject("answers");
            new TreeMap<>(answers.byName()).forEach((name, answer) -> {
                ObjectNode one = all.putObject(name).put("text", answer.text());
                String unit = unit(answer);
                if (unit != null) {
                    one.put("unit", unit);
                }
            });
        }
        if (answers.pack() != null) {
            frozen.put("pack", answers.pack());
        }
        return frozen;
    }

    private static @Nullable String unit(Answer answer) {
        if (answer instanceof Answer.Typed typed) {
            return typed.unit();
        }
        Unit unit = ((Answer.Number) answer).unit();
        return unit == null ? null : unit.code();
    }

    public static Answers read(JsonNode frozen) {
        Map<String, Answer> byName = new TreeMap<>();
        frozen.path("answers")
                .properties()
                .forEach(one -> byName.put(
                        one.getKey(),
                        new Answer.Typed(
                                one.getValue().path("text").asString(""),
                                one.getValue().path("unit").asString(null))));
        return new Answers(byName, frozen.path("pack").asString(null));
    }
}
