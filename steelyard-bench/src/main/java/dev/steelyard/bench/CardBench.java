package dev.steelyard.bench;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.JointLimit;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.ShownFigure;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A card priced as a whole, without reckoning: two measurements read and held against their limits and steps, an area
 * formula with one IF and one MAX, R2, pieces, R3. By hand is the same sum in BigDecimal, limits checked, for this one
 * card only. Preparing is the card with five formulas, from text.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class CardBench {

    private static final BigDecimal HUNDREDTH = new BigDecimal("0.01");
    private static final BigDecimal LEAST = new BigDecimal("150");
    private static final BigDecimal MOST = new BigDecimal("1200");
    private static final BigDecimal SMALLEST = new BigDecimal("88.50");
    private static final BigDecimal CLOTH = new BigDecimal("21.40");
    private static final BigDecimal ROPE = new BigDecimal("2.35");
    private static final BigDecimal BASE = new BigDecimal("35");
    private static final BigDecimal LONG = new BigDecimal("8");
    private static final BigDecimal TWO = new BigDecimal("2");
    private static final BigDecimal THREE = new BigDecimal("3");

    private final BigDecimal length = new BigDecimal("923");
    private final BigDecimal width = new BigDecimal("211");
    private RateCard definition;
    private PreparedCard card;
    private Asked asked;

    @Setup
    public void prepare() {
        definition = RateCard.named("Covers")
                .asks(List.of(
                        dev.steelyard.core.card.Measurement.of("length", Unit.CM, "150", "1200", "1"),
                        dev.steelyard.core.card.Measurement.of("width", Unit.CM, "150", "1200", "1")))
                .limits(List.of(new JointLimit("length * width <= 100 m2", "At most 100 m².")))
                .rates(List.of(new NamedRate("cloth", CLOTH, "EUR/m2"), new NamedRate("rope", ROPE, "EUR/m")))
                .cases(new Cases(
                        List.of(new Cases.Conditional("length > 12 m", Case.of(PiecePrice.SHELF_PRICE))),
                        Case.of(new PiecePrice.ByFormula("MAX(88.50 EUR; length * width * cloth) + 35 EUR"
                                + " + IF(length > 8 m; 2 * (length + width) * rope; 0 EUR)"))))
                .shown(List.of(
                        new ShownFigure("Edge", "2 * (length + width)", Unit.M, 1),
                        new ShownFigure("Area", "length * width", Unit.M2, 2)))
                .build();
        RateCard bare = definition.toBuilder()
                .limits(List.of())
                .shown(List.of())
                .cases(Cases.always(definition.cases().otherwise()))
                .build();
        card = PreparedCard.prepare(bare, "EUR").orThrow();
        asked = new Asked(
                Product.of(new Sku("COV"), "Cover", null).items().get(0),
                3,
                Answers.of(Map.of("length", new Answer.Number(length, null), "width", new Answer.Number(width, null))),
                null,
                Goods.NOW.toLocalDate());
        if (prepared().compareTo(byHand()) != 0) {
            throw new IllegalStateException("they disagree: " + prepared() + ", " + byHand());
        }
    }

    @Benchmark
    public BigDecimal prepared() {
        return TrialLine.of(card, asked, Goods.EURO).price().total().value();
    }

    @Benchmark
    public BigDecimal byHand() {
        BigDecimal l = within(length).multiply(HUNDREDTH, Decimals.EXACT);
        BigDecimal w = within(width).multiply(HUNDREDTH, Decimals.EXACT);
        BigDecimal area = l.multiply(w, Decimals.EXACT).multiply(CLOTH, Decimals.EXACT);
        BigDecimal edge = l.compareTo(LONG) > 0
                ? TWO.multiply(l.add(w, Decimals.EXACT), Decimals.EXACT).multiply(ROPE, Decimals.EXACT)
                : BigDecimal.ZERO;
        BigDecimal piece = SMALLEST.max(area).add(BASE, Decimals.EXACT).add(edge, Decimals.EXACT);
        return piece.setScale(2, RoundingMode.HALF_UP)
                .multiply(THREE, Decimals.EXACT)
                .setScale(2, RoundingMode.HALF_UP);
    }

    private static BigDecimal within(BigDecimal value) {
        if (value.compareTo(LEAST) < 0
                || value.compareTo(MOST) > 0
                || value.subtract(LEAST).remainder(BigDecimal.ONE).signum() != 0) {
            throw new IllegalArgumentException("outside the limits: " + value);
        }
        return value;
    }

    @Benchmark
    public PreparedCard.Result preparing() {
        return PreparedCard.prepare(definition, "EUR");
    }
}
