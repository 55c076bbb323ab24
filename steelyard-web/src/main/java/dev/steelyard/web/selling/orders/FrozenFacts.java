package dev.steelyard.web.selling.orders;

import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.reckoning.Step.Point;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.FactReader;
import dev.steelyard.format.FactWriter;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was said of an order when it was placed, kept as codes and figures, so that it can be read in any language. Orders of
 * before keep sentences, which are shown as they are.
 */
public final class FrozenFacts {

    private FrozenFacts() {}

    /** A fact, or nothing. */
    public static JsonNode freeze(@Nullable Fact fact) {
        return fact == null ? JsonNodeFactory.instance.nullNode() : FactWriter.write(fact);
    }

    /** A figure by itself. */
    public static JsonNode freeze(Part part) {
        return FactWriter.write(part);
    }

    /** The steps of a reckoning. */
    public static JsonNode freeze(Reckoning reckoning) {
        ArrayNode steps = JsonNodeFactory.instance.arrayNode();
        for (Step step : reckoning.steps()) {
            ObjectNode one = steps.addObject();
            one.set("what", FactWriter.write(step.what()));
            if (step.how() != null) {
                one.set("how", FactWriter.write(step.how()));
            }
            one.put("result", step.result().value().toPlainString())
                    .put("decimals", step.result().decimals());
            if (step.result().unit() != null) {
                one.put("unit", step.result().unit().code());
            }
            if (step.point() != null) {
                one.put("rounding", step.point().name());
            }
        }
        return steps;
    }

    /** A frozen fact, figure or sentence in words. */
    static String say(@Nullable JsonNode frozen, Words words) {
        if (frozen == null || frozen.isNull()) {
            return "";
        }
        if (frozen.isString()) {
            return frozen.stringValue();
        }
        return frozen.has("code") ? words.say(FactReader.read(frozen)) : words.say(FactReader.part(frozen));
    }

    /** A frozen reckoning in words. */
    static List<ReckoningText.Line> steps(JsonNode frozen, Words words) {
        List<ReckoningText.Line> lines = new ArrayList<>();
        for (JsonNode step : frozen) {
            if (step.has("label")) {
                String rounding = step.path("rounding").asString("");
                lines.add(new ReckoningText.Line(
                        step.path("label").asString(""),
                        step.path("detail").asString(""),
                        step.path("result").asString(""),
                        rounding.isEmpty() ? null : rounding));
            } else {
                String point = step.path("rounding").asString("");
                lines.add(new ReckoningText.Line(
                        say(step.get("what"), words),
                        say(step.get("how"), words),
                        words.figure(figure(step)),
                        point.isEmpty() ? null : words.say(Point.valueOf(point).said())));
            }
        }
        return lines;
    }

    private static Figure figure(JsonNode step) {
        return new Figure(
                new BigDecimal(step.path("result").asString()),
                step.path("decimals").asInt(),
                Unit.of(step.path("unit").asString("")).orElse(null));
    }
}
