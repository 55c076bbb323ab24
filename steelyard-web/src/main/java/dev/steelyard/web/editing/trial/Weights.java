package dev.steelyard.web.editing.trial;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.CheckWeight;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Check weights: trials kept with what they must come to. Each is an order of the open format with a name. */
public final class Weights {

    private Weights() {}

    /**
     * A check weight as shown.
     *
     * @param asked what is ordered, in words
     * @param wanted what it must come to, in words
     * @param found what it comes to; empty where the card cannot be priced
     * @param holds whether they are the same
     */
    public record View(int index, String name, String asked, String wanted, String found, boolean holds) {}

    /** The trial as a check weight, with what it comes to. */
    public static ObjectNode of(CardTrial trial, TrialText text, RateCard card, LineResult result) {
        ObjectNode weight = Json.object();
        weight.put("name", words(trial, card));
        weight.put("sku", text.get(TrialText.SKU));
        weight.put("quantity", trial.quantity() == null ? "1" : "" + trial.quantity());
        ObjectNode answers = Json.object();
        trial.answers().byName().forEach((name, answer) -> {
            if (answer instanceof Answer.Typed typed && typed.unit() != null) {
                answers.putObject(name).put("value", typed.text()).put("unit", typed.unit());
            } else {
                answers.put(name, answer.text());
            }
        });
        if (!answers.isEmpty()) {
            weight.set("answers", answers);
        }
        if (trial.answers().pack() != null) {
            weight.put("pack", trial.answers().pack());
        }
        if (trial.customer().group() != null) {
            weight.put("group", trial.customer().group());
        }
        weight.put("date", trial.day() + (trial.time() == null ? "" : "T" + trial.time()));
        expect(weight, result);
        return weight;
    }

    /** Makes a check weight want what its trial now comes to. */
    public static void expect(ObjectNode weight, LineResult result) {
        ObjectNode expect = weight.putObject("expect");
        if (result instanceof PricedLine line) {
            expect.put("line", line.total().toString());
        } else {
            expect.put("refused", ((RefusedLine) result).place().code());
        }
    }

    /** The order in words, its answers as the card asks for them. */
    public static String words(CardTrial trial, RateCard card) {
        List<String> parts = new ArrayList<>();
        if (trial.answers().pack() != null) {
            parts.add(trial.answers().pack());
        }
        for (Ask ask : card.asks()) {
            Answer answer = trial.answers().byName().get(ask.name());
            if (answer != null) {
                String unit = answer instanceof Answer.Typed typed && typed.unit() != null ? " " + typed.unit() : "";
                parts.add(answer.text() + unit);
            }
        }
        if (trial.customer().group() != null) {
            parts.add(trial.customer().group());
        }
        String what = String.join(", ", parts);
        return Quantity.words(String.valueOf(trial.quantity())) + (what.isEmpty() ? "" : ": " + what);
    }

    /** A check weight as a trial. */
    public static TrialText trial(JsonNode weight) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put(TrialText.SKU, weight.path("sku").asString(""));
        fields.put(TrialText.QUANTITY, weight.path("quantity").asString("1"));
        fields.put(TrialText.GROUP, weight.path("group").asString(""));
        String[] date = weight.path("date").asString("").split("T", 2);
        fields.put(TrialText.DAY, date[0]);
        fields.put(TrialText.TIME, date.length == 2 ? date[1] : "");
        fields.put(TrialText.PACK, weight.path("pack").asString(""));
        weight.path("answers").properties().forEach(answer -> {
            boolean withUnit = answer.getValue().isObject();
            fields.put(
                    TrialText.ANSWER + answer.getKey(),
                    withUnit
                            ? answer.getValue().path("value").asString("")
                            : answer.getValue().asString(""));
            if (withUnit) {
                fields.put(
                        TrialText.UNIT + answer.getKey(),
                        answer.getValue().path("unit").asString(""));
            }
        });
        return new TrialText(fields);
    }

    /** All of a card’s, priced anew where it can be. */
    public static List<View> views(
            DraftDocument document, RateCard card, @Nullable PreparedCard prepared, Subject subject) {
        List<View> views = new ArrayList<>();
        for (int i = 0; i < document.weights().size(); i++) {
            JsonNode weight = document.weights().get(i);
            CardTrial trial = CardTrial.read(trial(weight), card, subject);
            JsonNode expect = weight.path("expect");
            LineResult result = prepared == null ? null : trial.price(prepared, subject);
            boolean priced = result instanceof PricedLine;
            String found = result == null
                    ? ""
                    : priced
                            ? Show.money(
                                    ((PricedLine) result).total().value(),
                                    subject.shop().minorDigits())
                            : "refused: " + Words.owners().say(((RefusedLine) result).what());
            String line = expect.path("line").asString("");
            boolean holds = result != null
                    && (priced
                            ? line.equals(((PricedLine) result).total().toString())
                            : expect.path("refused")
                                    .asString("")
                                    .equals(((RefusedLine) result).place().code()));
            views.add(new View(
                    i,
                    weight.path("name").asString(""),
                    (trial.item() == null
                                    ? weight.path("sku").asString("")
                                    : trial.item().name()) + ", " + words(trial, card),
                    line.isEmpty()
                            ? "refused (" + expect.path("refused").asString("") + ")"
                            : Show.money(new BigDecimal(line), subject.shop().minorDigits()),
                    found,
                    holds));
        }
        return views;
    }

    /** As the core holds a card against them; those whose goods are gone are left out. */
    public static List<CheckWeight> kept(DraftDocument document, RateCard card, Subject subject) {
        List<CheckWeight> kept = new ArrayList<>();
        for (JsonNode weight : document.weights()) {
            Asked asked = CardTrial.read(trial(weight), card, subject).asked();
            if (asked != null) {
                String line = weight.path("expect").path("line").asString("");
                kept.add(new CheckWeight(
                        weight.path("name").asString(""), asked, line.isEmpty() ? null : new BigDecimal(line)));
            }
        }
        return kept;
    }
}
