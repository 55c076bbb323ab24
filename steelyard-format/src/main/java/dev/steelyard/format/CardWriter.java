package dev.steelyard.format;

import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.Finish;
import dev.steelyard.core.card.Formulas;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.said.Wording;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes a rate card so that reading it gives an equal one. Decimals are written as text, units with their UCUM codes. */
public final class CardWriter {

    private CardWriter() {}

    /** A card alone. */
    public static ObjectNode write(RateCard card) {
        ObjectNode node = Json.object();
        node.put("version", 1);
        node.put("name", card.name());
        if (!card.language().isEmpty()) {
            node.put("language", card.language());
        }
        node.put("state", FormatWords.of(FormatWords.STATES, card.state()));
        if (card.formulas() != Formulas.WITH_UNITS) {
            node.put("formulas", FormatWords.of(FormatWords.FORMULAS, card.formulas()));
        }
        list(node, "asks", card.asks(), AskWriter::write);
        list(node, "limits", card.limits(), (one, limit) -> {
            one.put("that", limit.that());
            text(one, "say", limit.say());
        });
        list(node, "namedRates", card.rates(), (one, rate) -> {
            one.put("name", rate.name());
            decimal(one, "value", rate.value());
            one.put("unit", rate.unit());
        });
        list(node, "shown", card.shown(), (one, figure) -> {
            text(one, "label", figure.label());
            one.put("formula", figure.formula());
            Units.put(one, "unit", figure.unit());
            one.put("decimals", figure.decimals());
        });
        CaseWriter.write(node.putArray("cases"), card.cases());
        if (card.ladder() != null) {
            ladder(node.putObject("ladder"), card.ladder());
        }
        if (card.productsOwnRows()) {
            node.put("ownRows", true);
        }
        if (!card.finish().equals(Finish.PLAIN)) {
            ObjectNode finish = node.putObject("finish");
            decimal(finish, "setUp", card.finish().setUp());
            decimal(finish, "minimum", card.finish().minimum());
        }
        if (!card.quantity().equals(OrderQuantity.ANY)) {
            ObjectNode quantity = node.putObject("quantity");
            pieces(quantity, "atLeast", card.quantity().atLeast());
            pieces(quantity, "atMost", card.quantity().atMost());
            pieces(quantity, "multipleOf", card.quantity().multipleOf());
        }
        if (card.unitPriceDecimals() != null) {
            node.put("unitPriceDecimals", card.unitPriceDecimals());
        }
        if (!card.shopPage().equals(ShopPage.USUAL)) {
            ShopPageWriter.write(node.putObject("shopPage"), card.shopPage());
        }
        if (!card.covers().equals(Covers.EVERYTHING)) {
            CoversWriter.write(node.putObject("covers"), card.covers());
        }
        return node;
    }

    private static void pieces(ObjectNode node, String field, @Nullable Long pieces) {
        if (pieces != null) {
            node.put(field, pieces);
        }
    }

    /** An array of objects; none where there is nothing in it. */
    static <T> void list(ObjectNode node, String field, List<T> items, BiConsumer<ObjectNode, T> write) {
        if (!items.isEmpty()) {
            ArrayNode array = node.putArray(field);
            items.forEach(item -> write.accept(array.addObject(), item));
        }
    }

    static void decimal(ObjectNode node, String field, @Nullable BigDecimal value) {
        if (value != null) {
            node.put(field, value.toPlainString());
        }
    }

    static void text(ObjectNode node, String field, @Nullable String value) {
        if (value != null) {
            node.put(field, value);
        }
    }

    /** A text, in its languages; none where nothing is written. */
    static void text(ObjectNode node, String field, Wording wording) {
        if (!wording.isEmpty()) {
            node.set(field, Wordings.write(wording));
        }
    }

    private static void ladder(ObjectNode node, Ladder ladder) {
        node.put("counts", FormatWords.of(FormatWords.COUNTS, ladder.counts()));
        node.put("over", FormatWords.of(FormatWords.OVER, ladder.over()));
        node.put("mode", FormatWords.of(FormatWords.MODES, ladder.mode()));
        node.put("value", FormatWords.of(FormatWords.VALUES, ladder.value()));
        if (ladder.unit() != null) {
            Units.put(node, "unit", ladder.unit());
        }
        decimal(node, "soldFrom", ladder.soldFrom());
        decimal(node, "upTo", ladder.upTo());
        decimal(node, "furtherPiece", ladder.furtherPiece());
        if (ladder.noCliffs()) {
            node.put("noCliffs", true);
        }
        if (ladder.reduceChoices()) {
            node.put("reduceChoices", true);
        }
        alone(node, ladder.alone());
        rows(node.putArray("rows"), ladder.rows());
    }

    /** Groups that stand alone, in alphabetical order. */
    static void alone(ObjectNode node, Set<String> groups) {
        if (!groups.isEmpty()) {
            ArrayNode array = node.putArray("alone");
            groups.stream().sorted().forEach(array::add);
        }
    }

    static void rows(ArrayNode array, List<Break> rows) {
        for (Break row : rows) {
            ObjectNode one = array.addObject();
            decimal(one, "from", row.from());
            decimal(one, "value", row.value());
            text(one, "group", row.group());
            text(
                    one,
                    "fromDate",
                    row.validity().from() == null ? null : row.validity().from().toString());
            text(
                    one,
                    "untilDate",
                    row.validity().until() == null
                            ? null
                            : row.validity().until().toString());
            ShopPageWriter.words(one, row.words());
        }
    }
}
