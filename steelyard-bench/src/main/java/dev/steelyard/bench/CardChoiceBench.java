package dev.steelyard.bench;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Which card prices a product, in a book of ten cards and in one of ten thousand. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class CardChoiceBench {

    @Param({"10", "10000"})
    public int cards;

    private PriceBook book;
    private Sku[] skus;
    private int next;

    @Setup
    public void prepare() {
        book = PriceBook.of(Goods.EURO, Goods.cards(cards), Goods.products(10_000, 0));
        // the same thousand products in both, so that only the cards differ
        skus = IntStream.range(0, 1024).mapToObj(i -> new Sku("GEN-" + i)).toArray(Sku[]::new);
    }

    @Benchmark
    public PreparedCard pick() {
        next = next + 1 & 1023;
        return book.cardFor(skus[next], Customer.EVERYONE, Goods.NOW);
    }
}
