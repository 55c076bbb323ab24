package dev.steelyard.format;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.PreparedCard.FigureShown;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.words.Words;
import java.util.List;
import java.util.Objects;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes what an order comes to. */
public final class ResultWriter {

    private ResultWriter() {}

    /**
     * The line, its shown price of one piece, its billable amount and reckoning; or the refusal with its places.
     *
     * @param words that say each thing, beside its code and figures
     */
    public static ObjectNode write(LineResult result, Words words) {
        ObjectNode node = Json.object();
        if (result instanceof RefusedLine refused) {
            node.put("refused", refused.place().code());
            node.put("message", words.say(refused.what()));
            ArrayNode faults = node.putArray("faults");
            for (Fault fault : refused.faults()) {
                ObjectNode one =
                        faults.addObject().put("place", fault.place().code()).put("message", words.say(fault.what()));
                FactWriter.into(one, fault.what());
            }
            return node;
        }
        PricedLine line = (PricedLine) result;
        node.put("line", line.total().toString());
        node.put("unit", line.shownPerPiece().toString());
        if (line.billable() != null) {
            figure(node, "billable", line.billable());
        }
        node.put("card", line.card());
        ArrayNode figures = line.figures().isEmpty() ? null : node.putArray("figures");
        for (FigureShown shown : line.figures()) {
            figure(
                    Objects.requireNonNull(figures).addObject().put("label", words.in(shown.label())),
                    "value",
                    shown.figure());
        }
        reckoning(node.putObject("reckoning"), line.reckoning(), words);
        return node;
    }

    private static void reckoning(ObjectNode node, Reckoning reckoning, Words words) {
        ArrayNode steps = node.putArray("steps");
        for (Step step : reckoning.steps()) {
            ObjectNode one =
                    steps.addObject().put("label", words.say(step.what())).put("detail", words.say(step.how()));
            one.set("what", FactWriter.write(step.what()));
            if (step.how() != null) {
                one.set("how", FactWriter.write(step.how()));
            }
            figure(one, "result", step.result());
            if (step.point() != null) {
                one.put("rounding", step.point().name());
            }
        }
        ArrayNode passedOver = node.putArray("passedOver");
        reckoning.passedOver().forEach(card -> passedOver
                .addObject()
                .put("card", card.card())
                .put("reason", words.say(card.reason()))
                .put("code", card.reason().code().id()));
    }

    private static void figure(ObjectNode node, String field, Figure figure) {
        node.put(field, Decimals.plain(figure.value(), figure.decimals()));
        if (figure.unit() != null) {
            Units.put(node, field.equals("result") || field.equals("value") ? "unit" : field + "Unit", figure.unit());
        }
    }

    /** What is wrong with a document. */
    public static ArrayNode issues(List<FormatIssue> issues) {
        ArrayNode array = Json.object().putArray("issues");
        for (FormatIssue issue : issues) {
            ObjectNode one = array.addObject().put("at", issue.at()).put("message", issue.message());
            if (issue.from() != null && issue.to() != null) {
                one.put("from", issue.from()).put("to", issue.to());
            }
            if (issue.replacement() != null) {
                one.put("replacement", issue.replacement());
            }
            if (!issue.instead().isEmpty()) {
                issue.instead().forEach(one.putArray("instead")::add);
            }
        }
        return array;
    }
}
