package dev.steelyard.bench;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Told;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
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
 * A ladder of eight breaks, all units and slice by slice over all eight, from a piece that has its price to the line,
 * beside the same sums by hand in BigDecimal: thresholds compared, prices rounded, what is below 0 or too large refused.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class LadderBench {

    private static final BigDecimal SHELF_PRICE = new BigDecimal("7.40");

    private final BigDecimal[] thresholds = new BigDecimal[8];
    private final BigDecimal[] prices = new BigDecimal[8];
    private TrialLine allUnits;
    private TrialLine slices;
    private long fifty = 57;
    private long ninety = 95;

    @Setup
    public void prepare() {
        List<Break> rows = Goods.ladder(8);
        for (int i = 0; i < rows.size(); i++) {
            thresholds[i] = rows.get(i).from();
            prices[i] = rows.get(i).value();
        }
        Ladder ladder = Ladder.ofPrices(rows);
        allUnits = line(ladder, fifty);
        slices = line(
                new Ladder(
                        ladder.counts(),
                        ladder.over(),
                        Ladder.Mode.SLICE,
                        ladder.value(),
                        null,
                        rows,
                        null,
                        null,
                        null,
                        false,
                        false),
                ninety);
        // whoever prices also says why, and so has these classes: that decides what the compiler can leave out
        if (!Fact.of(Told.TIMES, Part.count(fifty), Part.money(SHELF_PRICE)).tellsMoney()) {
            throw new IllegalStateException("a price is told as money");
        }
        if (allUnits().compareTo(allUnitsByHand()) != 0 || slices().compareTo(slicesByHand()) != 0) {
            throw new IllegalStateException("they disagree");
        }
    }

    private static TrialLine line(Ladder ladder, long quantity) {
        PreparedCard card = PreparedCard.prepare(
                        RateCard.named("Shackles").ladder(ladder).build(), "EUR")
                .orThrow();
        Asked asked = new Asked(
                Product.of(new Sku("SHK"), "Shackle", SHELF_PRICE).items().get(0),
                quantity,
                Answers.NONE,
                null,
                Goods.NOW.toLocalDate());
        return TrialLine.of(card, asked, Goods.EURO);
    }

    @Benchmark
    public BigDecimal allUnits() {
        return allUnits.total().value();
    }

    @Benchmark
    public BigDecimal allUnitsByHand() {
        BigDecimal quantity = BigDecimal.valueOf(fifty);
        BigDecimal price = SHELF_PRICE;
        for (int i = thresholds.length - 1; i >= 0; i--) {
            if (quantity.compareTo(thresholds[i]) >= 0) {
                price = prices[i];
                break;
            }
        }
        BigDecimal line =
                allowed(allowed(price).setScale(2, RoundingMode.HALF_UP).multiply(quantity, Decimals.EXACT));
        return line.setScale(2, RoundingMode.HALF_UP);
    }

    private static BigDecimal allowed(BigDecimal value) {
        if (value.signum() < 0 || value.compareTo(Decimals.TOO_LARGE) >= 0) {
            throw new IllegalArgumentException("cannot be sold: " + value);
        }
        return value;
    }

    @Benchmark
    public BigDecimal slices() {
        return slices.total().value();
    }

    @Benchmark
    public BigDecimal slicesByHand() {
        BigDecimal last = BigDecimal.valueOf(ninety);
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal from = BigDecimal.ONE;
        BigDecimal price = SHELF_PRICE;
        for (int i = 0; i <= thresholds.length && from.compareTo(last) <= 0; i++) {
            BigDecimal until = i < thresholds.length ? last.min(thresholds[i].subtract(BigDecimal.ONE)) : last;
            BigDecimal count = until.subtract(from).add(BigDecimal.ONE);
            BigDecimal one = allowed(price).setScale(2, RoundingMode.HALF_UP);
            sum = sum.add(one.multiply(count, Decimals.EXACT), Decimals.EXACT);
            from = until.add(BigDecimal.ONE);
            price = i < thresholds.length ? prices[i] : price;
        }
        return allowed(sum).setScale(2, RoundingMode.HALF_UP);
    }
}
