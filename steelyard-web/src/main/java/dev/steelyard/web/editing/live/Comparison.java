package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.CurvePicture;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.CurveStretches;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Two versions of a card beside each other: in words, in prices, and their curves over each other.
 *
 * @param words what is different, a line each
 * @param rows the same orders under both
 * @param curve none where none can be drawn
 */
public record Comparison(List<String> words, List<Row> rows, @Nullable CurvePicture curve) {

    private static final List<Long> QUANTITIES = List.of(1L, 10L, 100L);
    private static final int MOST_QUANTITIES = 16;
    private static final int MOST_PIECES = 60;

    /**
     * An order under both.
     *
     * @param kind “trial”, “check weight”
     * @param difference “+ 3.20”; empty where there is none
     */
    public record Row(String kind, String order, String before, String after, String difference, boolean changed) {}

    /** @param more orders to be shown beside the trial and the check weights, in words */
    public static Comparison of(Side before, Side after, TrialText trial, Map<TrialText, String> more) {
        return new Comparison(
                DocumentChanges.between(before.document(), after.document()),
                rows(before, after, trial, more),
                curve(before, after, trial));
    }

    private static List<Row> rows(Side before, Side after, TrialText trial, Map<TrialText, String> more) {
        Map<TrialText, String[]> orders = new LinkedHashMap<>();
        orders.put(trial, new String[] {"trial", words(trial, after)});
        for (Side side : List.of(after, before)) {
            for (JsonNode weight : side.document().weights()) {
                TrialText kept = Weights.trial(weight);
                orders.putIfAbsent(
                        kept, new String[] {"check weight", weight.path("name").asString("")});
            }
        }
        for (long quantity : quantities(before, after)) {
            TrialText many = trial.with(TrialText.QUANTITY, "" + quantity);
            orders.putIfAbsent(many, new String[] {"trial", Quantity.words(quantity)});
        }
        more.forEach((order, words) -> orders.putIfAbsent(order, new String[] {"trial", words}));
        int minor = after.subject().shop().minorDigits();
        List<Row> rows = new ArrayList<>();
        orders.forEach(
                (order, names) -> rows.add(row(names[0], names[1], price(before, order), price(after, order), minor)));
        return rows;
    }

    /** A few, and the thresholds of both: what changed is among them. */
    private static SortedSet<Long> quantities(Side before, Side after) {
        SortedSet<Long> quantities = new TreeSet<>(QUANTITIES);
        Set<Long> ofOne = before.thresholds();
        Set<Long> ofOther = after.thresholds();
        Stream.concat(ofOne.stream(), ofOther.stream())
                .sorted(Comparator.comparing(from -> ofOne.contains(from) && ofOther.contains(from)))
                .distinct()
                .limit(MOST_QUANTITIES)
                .forEach(quantities::add);
        return quantities;
    }

    private static String words(TrialText trial, Side side) {
        return Weights.words(CardTrial.read(trial, side.card(), side.subject()), side.card());
    }

    private static @Nullable LineResult price(Side side, TrialText order) {
        PreparedCard prepared = side.prepared();
        return prepared == null
                ? null
                : CardTrial.read(order, side.card(), side.subject()).price(prepared, side.subject());
    }

    private static Row row(
            String kind, String order, @Nullable LineResult before, @Nullable LineResult after, int minor) {
        Money was = total(before);
        Money is = total(after);
        String difference = was == null || is == null ? "" : difference(was.value(), is.value(), minor);
        String then = shown(before, minor);
        String now = shown(after, minor);
        return new Row(kind, order, then, now, difference, !then.equals(now));
    }

    /** “+ 3.20 (+4.3 %)”; empty where there is none. */
    public static String difference(BigDecimal was, BigDecimal is, int minor) {
        BigDecimal by = is.subtract(was);
        if (by.signum() == 0) {
            return "";
        }
        return (by.signum() < 0 ? "− " : "+ ")
                + Show.money(by.abs(), minor)
                + (was.signum() == 0 ? "" : " (" + (by.signum() < 0 ? "−" : "+") + Show.percent(by.abs(), was) + ")");
    }

    private static @Nullable Money total(@Nullable LineResult result) {
        return result instanceof PricedLine line ? line.total() : null;
    }

    private static String shown(@Nullable LineResult result, int minor) {
        if (result == null) {
            return "cannot be priced";
        }
        return result instanceof PricedLine line
                ? Show.money(line.total().value(), minor)
                : "refused: " + Words.owners().say(((RefusedLine) result).what());
    }

    /** Over the first measurement that both ask; else over pieces. */
    private static @Nullable CurvePicture curve(Side before, Side after, TrialText trial) {
        Optional<Measurement> over = after.card().measurements().stream()
                .filter(ask -> before.card().measurements().stream()
                        .anyMatch(other -> other.name().equals(ask.name()) && other.unit() == ask.unit()))
                .findFirst();
        Variable variable =
                over.<Variable>map(ask -> new Variable.Measured(ask.name())).orElseGet(Variable.Pieces::new);
        CurveStretches was = stretches(before, variable, trial).orElse(null);
        CurveStretches is = stretches(after, variable, trial).orElse(null);
        if (was == null || is == null) {
            return null;
        }
        if (over.isEmpty()) {
            was = was.upTo(MOST_PIECES);
            is = is.upTo(MOST_PIECES);
        }
        return CurvePicture.draw(
                over.map(ask -> ask.label().own()).orElse("Pieces"),
                over.map(ask -> ask.unit().symbol()).orElse("pieces"),
                is.stretches(),
                was.stretches(),
                null,
                "",
                !was.curve().exact() || !is.curve().exact(),
                List.of());
    }

    private static Optional<CurveStretches> stretches(Side side, Variable variable, TrialText trial) {
        Asked asked = CardTrial.read(trial, side.card(), side.subject()).asked();
        PreparedCard prepared = side.prepared();
        return asked == null || prepared == null
                ? Optional.empty()
                : CurveStretches.along(
                        variable, prepared, asked, side.subject().shop().rules());
    }
}
