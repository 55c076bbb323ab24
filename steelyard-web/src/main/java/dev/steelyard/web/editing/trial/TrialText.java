package dev.steelyard.web.editing.trial;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.format.Json;
import dev.steelyard.web.selling.shown.TypedAnswers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The trial as typed: what is ordered, of what, by whom, when, and the answers to all that is asked. */
public record TrialText(Map<String, String> fields) {

    private static final long USUAL_PIECES = 12;

    public static final String SKU = "sku";
    public static final String GROUP = "group";
    public static final String DAY = "day";
    /** The time of day; empty for noon, or whenever the card counts. */
    public static final String TIME = "time";

    public static final String QUANTITY = "quantity";
    public static final String PACK = "pack";
    public static final String ANSWER = TypedAnswers.ANSWER;
    public static final String UNIT = TypedAnswers.UNIT;
    /** The measurement that the price is drawn over. */
    public static final String OVER = "over";
    /** Whether several trials are shown side by side. */
    public static final String MANY = "many";

    public TrialText {
        fields = Map.copyOf(fields);
    }

    /** Reads what {@link #write} wrote. */
    public static TrialText read(String json) {
        Map<String, String> fields = new LinkedHashMap<>();
        JsonNode root = Json.read(json);
        root.properties()
                .forEach(field -> fields.put(field.getKey(), field.getValue().asString("")));
        return new TrialText(fields);
    }

    /** As it is kept. */
    public String write() {
        ObjectNode node = Json.object();
        fields.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(field -> node.put(field.getKey(), field.getValue()));
        return Json.write(node);
    }

    public String get(String field) {
        return fields.getOrDefault(field, "");
    }

    public TrialText with(String field, String value) {
        Map<String, String> changed = new LinkedHashMap<>(fields);
        changed.put(field, value);
        return new TrialText(changed);
    }

    /** The answers typed. */
    public TypedAnswers answers() {
        return new TypedAnswers(fields, get(PACK));
    }

    /** With a sensible answer to everything that nothing was typed for yet. */
    public TrialText filledFor(RateCard card, Subject subject) {
        Map<String, String> filled = new LinkedHashMap<>(fields);
        if (subject.item(get(SKU)) == null) {
            List<Product> covered = subject.covered(card);
            List<Product> goods = covered.isEmpty() ? subject.goods() : covered;
            goods.stream()
                    .findFirst()
                    .ifPresent(product -> filled.put(SKU, usual(product).sku().value()));
        }
        filled.putIfAbsent(GROUP, "");
        filled.putIfAbsent(DAY, subject.today().toString());
        long usual = card.measurements().isEmpty() ? USUAL_PIECES : 1;
        filled.putIfAbsent(
                QUANTITY,
                ""
                        + card.quantity()
                                .from(usual)
                                .orElse(card.quantity().largest().orElse(usual)));
        for (Ask ask : card.asks()) {
            filled.putIfAbsent(
                    ANSWER + ask.name(),
                    ask instanceof Measurement measurement ? start(measurement) : start((Choice) ask));
            if (ask instanceof Measurement measurement) {
                filled.putIfAbsent(UNIT + ask.name(), measurement.unit().code());
            }
        }
        TypedAnswers.packs(card).stream().findFirst().ifPresent(pack -> filled.putIfAbsent(PACK, pack));
        return new TrialText(filled);
    }

    /** The product itself, or its first variant that has no price of its own. */
    private static Item usual(Product product) {
        return product.items().stream()
                .filter(item -> item.variant() == null || item.variant().shelfPrice() == null)
                .findFirst()
                .orElse(product.items().get(0));
    }

    private static String start(Choice choice) {
        return choice.start() != null
                ? choice.start()
                : choice.optionNames().stream().findFirst().orElse("");
    }

    /** The starting value, else one about a third of the way up the limits that lies on a step. */
    private static String start(Measurement ask) {
        if (ask.start() != null) {
            return Decimals.plain(ask.start(), 0);
        }
        BigDecimal least = Objects.requireNonNullElse(ask.least(), BigDecimal.ZERO);
        BigDecimal most = Objects.requireNonNullElse(ask.most(), least.add(BigDecimal.TEN));
        BigDecimal step = ask.step() == null || ask.step().signum() <= 0 ? BigDecimal.ONE : ask.step();
        BigDecimal third =
                most.subtract(least).max(BigDecimal.ZERO).divide(BigDecimal.valueOf(3), 0, RoundingMode.DOWN);
        BigDecimal value = least.add(third.divide(step, 0, RoundingMode.DOWN).multiply(step));
        return Decimals.plain(value.signum() == 0 ? step : value, 0);
    }
}
