package dev.steelyard.bench;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
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

/** A basket of 50 lines with its deals; “none” is what its lines alone cost. Each lot is live deals/applying ones. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class DealBench {

    private static final int LINES = 50;
    private static final int CATEGORIES = 100;

    @Param({"none", "200/20", "10/5", "2000/5"})
    public String lot;

    private PriceBook book;
    private List<OrderLine> lines;
    private Occasion occasion;

    @Setup
    public void prepare() {
        List<Product> products = Goods.products(10_000, 0);
        List<Deal> deals = new ArrayList<>();
        if (!lot.equals("none")) {
            String[] counts = lot.split("/");
            deals = deals(Integer.parseInt(counts[0]), Integer.parseInt(counts[1]));
        }
        book = PriceBook.of(Goods.EURO, List.of(), deals, null, products);
        lines = IntStream.range(0, LINES)
                .mapToObj(i -> new OrderLine(new Sku("GEN-" + i), 1 + i % 7))
                .toList();
        occasion = new Occasion(Customer.EVERYONE, "card", Set.of("YES"), Goods.NOW);
        int used = basket().dealt().used().size();
        if (!lot.equals("none") && used != Integer.parseInt(lot.split("/")[1])) {
            throw new IllegalStateException(used + " deals apply to the basket of " + lot);
        }
    }

    /** The last so many apply: each to the goods of twenty categories. The others are for something else. */
    private static List<Deal> deals(int count, int applying) {
        List<Deal> deals = new ArrayList<>();
        for (int i = 0; i < count - applying; i++) {
            deals.add(other(i));
        }
        for (int i = 0; i < applying; i++) {
            deals.add(percent("Deal " + i, categories(i, 20)));
        }
        return deals;
    }

    private static Deal other(int i) {
        return switch (i % 4) {
            case 0 -> percent("Code " + i, GoodsSet.EVERYTHING).when(Conditions.code("CODE" + i));
            case 1 -> percent("Group " + i, GoodsSet.EVERYTHING).when(Conditions.audience(Audience.of("Group " + i)));
            case 2 -> percent("Payment " + i, GoodsSet.EVERYTHING).when(Conditions.payment("method " + i));
            default -> percent("Elsewhere " + i, categories(LINES + i % (CATEGORIES - LINES), 1));
        };
    }

    private static GoodsSet categories(int first, int count) {
        return GoodsSet.of(new GoodsRule.Is(
                Attribute.CATEGORY,
                Set.copyOf(IntStream.range(first, first + count)
                        .mapToObj(i -> "category-" + i)
                        .toList())));
    }

    private static Deal percent(String name, GoodsSet goods) {
        List<Row> rows = List.of(
                new Row(new BigDecimal("10"), new BigDecimal("2")),
                new Row(new BigDecimal("100"), new BigDecimal("3")));
        return Deal.of(name, new OnLadder(Counts.SPEND, goods, Value.PERCENT_OFF, rows));
    }

    @Benchmark
    public PricedBasket basket() {
        return book.basket(lines, occasion);
    }
}
