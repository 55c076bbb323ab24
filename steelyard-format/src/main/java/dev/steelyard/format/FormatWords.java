package dev.steelyard.format;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Formulas;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.card.ShopPage.Fields;
import dev.steelyard.core.card.ShopPage.Shape;
import dev.steelyard.core.card.ShopPage.Table;
import dev.steelyard.core.deal.Apart;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives;
import dev.steelyard.core.ladder.BreakWords.Figure;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.ladder.Over;
import java.time.DayOfWeek;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/** The words of the format for things that are one of a few. */
final class FormatWords {

    static final Map<String, Counts> COUNTS = words("pieces", Counts.PIECES, "amount", Counts.AMOUNT);
    static final Map<String, Over> OVER = words("line", Over.LINE, "product", Over.PRODUCT, "card", Over.CARD);
    static final Map<String, Mode> MODES = words("all-units", Mode.ALL_UNITS, "slice", Mode.SLICE, "lot", Mode.LOT);
    static final Map<String, Value> VALUES = words(
            "price",
            Value.PRICE,
            "percent-off",
            Value.PERCENT_OFF,
            "amount-off",
            Value.AMOUNT_OFF,
            "lot-total",
            Value.LOT_TOTAL);
    static final Map<String, Boolean> SLICES = words("all-units", false, "slice", true);
    static final Map<String, Boolean> ELSE = words("refuse", false, "next-case", true);
    static final Map<String, Choice.Look> LOOKS =
            words("list", Choice.Look.LIST, "cards", Choice.Look.CARDS, "tick", Choice.Look.TICK);
    static final Map<String, Formulas> FORMULAS = words("with-units", Formulas.WITH_UNITS, "plain", Formulas.PLAIN);
    static final Map<String, CardState> STATES = words(
            "draft",
            CardState.DRAFT,
            "scheduled",
            CardState.SCHEDULED,
            "live",
            CardState.LIVE,
            "paused",
            CardState.PAUSED,
            "ended",
            CardState.ENDED);
    static final Map<String, Fields> FIELDS = words("beside", Fields.BESIDE, "below", Fields.BELOW);
    static final Map<String, Table> TABLES =
            words("table", Table.TABLE, "cards", Table.CARDS, "line", Table.LINE, "none", Table.NONE);
    static final Map<String, Shape> SHAPES = words(
            "fitting",
            Shape.FITTING,
            "none",
            Shape.NONE,
            "rectangle",
            Shape.RECTANGLE,
            "box",
            Shape.BOX,
            "bar",
            Shape.BAR,
            "round",
            Shape.ROUND,
            "roll",
            Shape.ROLL);
    static final Map<String, ShopPage.Reckoning> RECKONINGS = words(
            "shown", ShopPage.Reckoning.SHOWN, "short", ShopPage.Reckoning.SHORT, "none", ShopPage.Reckoning.NONE);
    static final Map<String, Figure> FIGURES = coded(Figure.values(), Figure::code);
    static final Map<String, Measurement.Type> TYPES = coded(Measurement.Type.values(), Measurement.Type::code);
    static final Map<String, DayOfWeek> DAYS = days();

    static final Map<String, Deal.Combine> COMBINE =
            words("adds-up", Deal.Combine.ADDS_UP, "stands-alone", Deal.Combine.STANDS_ALONE);
    static final Map<String, Deal.Terms> TERMS = words(
            "as-prices", Deal.Terms.AS_PRICES, "with-tax", Deal.Terms.WITH_TAX, "without-tax", Deal.Terms.WITHOUT_TAX);
    static final Map<String, Gives.Value> OF_LADDERS = words(
            "percent-off",
            Gives.Value.PERCENT_OFF,
            "amount-off",
            Gives.Value.AMOUNT_OFF,
            "amount-off-each",
            Gives.Value.AMOUNT_OFF_EACH,
            "price-each",
            Gives.Value.PRICE_EACH);
    static final Map<String, Gives.Value> OF_GIVEN = words(
            "free",
            Gives.Value.FREE,
            "percent-off",
            Gives.Value.PERCENT_OFF,
            "amount-off",
            Gives.Value.AMOUNT_OFF_EACH,
            "price",
            Gives.Value.PRICE_EACH);
    static final Map<String, Gives.Value> OF_PAYMENT =
            words("percent-off", Gives.Value.PERCENT_OFF, "amount-off", Gives.Value.AMOUNT_OFF);
    static final Map<String, Apart> APART =
            words("together", Apart.TOGETHER, "product", Apart.PRODUCT, "sku", Apart.SKU);
    static final Map<String, Gives.Counts> DIFFERENT =
            words("products", Gives.Counts.PRODUCTS, "skus", Gives.Counts.SKUS);
    static final Map<String, Boolean> OF_BASKET = words("covered", false, "basket", true);
    static final Map<String, Boolean> TAX_PER = words("basket", false, "line", true);

    static final Map<String, DealReader.Kind> DEAL_KINDS = words(
            "spend",
            DealReader.Kind.SPEND,
            "pieces",
            DealReader.Kind.PIECES,
            "variety",
            DealReader.Kind.VARIETY,
            "buy-and-get",
            DealReader.Kind.BUY_AND_GET,
            "payment",
            DealReader.Kind.PAYMENT);

    private FormatWords() {}

    /** The word for a value. */
    static <T> String of(Map<String, T> words, T value) {
        return words.entrySet().stream()
                .filter(entry -> entry.getValue().equals(value))
                .findFirst()
                .orElseThrow()
                .getKey();
    }

    @SuppressWarnings("unchecked")
    private static <T> Map<String, T> words(Object... pairs) {
        Map<String, T> words = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            words.put((String) pairs[i], (T) pairs[i + 1]);
        }
        return words;
    }

    private static <T> Map<String, T> coded(T[] values, Function<T, String> code) {
        Map<String, T> words = new LinkedHashMap<>();
        for (T value : values) {
            words.put(code.apply(value), value);
        }
        return words;
    }

    private static Map<String, DayOfWeek> days() {
        Map<String, DayOfWeek> days = new LinkedHashMap<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            days.put(day.name().substring(0, 3).toLowerCase(Locale.ROOT), day);
        }
        return days;
    }
}
