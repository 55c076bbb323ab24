package dev.steelyard.web.sold.lines;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.web.shop.Shop;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/** What was sold until a moment, and what can be asked of it. */
public final class Sold {

    private final SoldLines.View view;
    private final SoldLines of;
    private final int minor;

    Sold(SoldLines.View view, Shop shop) {
        this.view = view;
        this.of = view.of();
        this.minor = shop.minorDigits();
    }

    /** Whether anything was ever sold. */
    public boolean isEmpty() {
        return view.orders() == 0;
    }

    /** What all lines that are meant come to. */
    public SoldFigures figures(Which which) {
        SoldSum sum = new SoldSum();
        new LinePicking(view, which).each((order, line) -> sum.add(of, line));
        return sum.figures(minor);
    }

    /** What a deal took off in the orders that are meant. */
    public BigDecimal saved(Which which) {
        BitSet orders = new BitSet();
        new LinePicking(view, which).each((order, line) -> orders.set(order));
        long saved = 0;
        for (int use = 0; use < view.uses(); use++) {
            if (of.useDeal.at(use) == which.of().id() && orders.get((int) of.useOrder.at(use))) {
                saved += of.useSaved.at(use);
            }
        }
        return BigDecimal.valueOf(saved, minor);
    }

    /** What was asked in the lines that are meant, and whether a pack was ever picked. */
    public record Asked(Set<String> asks, boolean packs) {}

    public Asked asked(Which which) {
        BitSet numbers = new BitSet();
        new LinePicking(view, which).each((order, line) -> {
            if (of.answers.at(line) != NamesSeen.NONE) {
                numbers.set((int) of.answers.at(line));
            }
        });
        Set<String> asks = new TreeSet<>();
        boolean[] packs = new boolean[1];
        numbers.stream().mapToObj(of::asked).forEach(one -> {
            asks.addAll(one.byName().keySet());
            packs[0] |= one.pack() != null;
        });
        return new Asked(asks, packs[0]);
    }

    /** The lines that are meant, told apart; the largest turnover first. Their sums are those of {@link #figures}. */
    public List<PartSold> by(Which which, By by) {
        Map<Key, SoldSum> sums = new HashMap<>();
        IntFunction<Key> key = key(by);
        new LinePicking(view, which).each((order, line) -> sums.computeIfAbsent(key.apply(line), any -> new SoldSum())
                .add(of, line));
        List<PartSold> parts = new ArrayList<>();
        sums.forEach((one, sum) -> parts.add(one.part(this, by, sum.figures(minor))));
        parts.sort((one, other) ->
                other.figures().turnover().compareTo(one.figures().turnover()));
        return parts;
    }

    /** What tells a line apart, by numbers or a text. */
    private record Key(long number, long second, @Nullable String text) {

        PartSold part(Sold sold, By by, SoldFigures figures) {
            return switch (by.what()) {
                case PRODUCT, VARIANT, GROUP -> new PartSold(
                        Objects.requireNonNullElse(sold.of.names.name((int) number), ""), 0, null, figures);
                case CARD -> new PartSold("", number, null, figures);
                case BREAK -> new PartSold(
                        "",
                        number,
                        second == SoldLines.UNKNOWN
                                ? null
                                : BigDecimal.valueOf(second, SoldLines.FINE).stripTrailingZeros(),
                        figures);
                case ANSWER, PACK -> new PartSold(Objects.requireNonNullElse(text, ""), 0, null, figures);
                case MONTH -> new PartSold(
                        YearMonth.of((int) (number / 12), (int) (number % 12) + 1)
                                .toString(),
                        0,
                        null,
                        figures);
            };
        }
    }

    private IntFunction<Key> key(By by) {
        return switch (by.what()) {
            case PRODUCT -> line -> new Key(of.product.at(line), 0, null);
            case VARIANT -> line -> new Key(of.item.at(line), 0, null);
            case CARD -> line -> new Key(of.card.at(line), 0, null);
            case BREAK -> line -> new Key(of.card.at(line), of.reached.at(line), null);
            case GROUP -> line -> new Key(of.group.at((int) of.order.at(line)), 0, null);
            case MONTH -> line -> {
                LocalDate day = LocalDate.ofEpochDay(of.day.at((int) of.order.at(line)));
                return new Key(day.getYear() * 12L + day.getMonthValue() - 1, 0, null);
            };
            case ANSWER -> answered(answers -> {
                Answers.Answer answer = answers.byName().get(by.ask());
                return answer == null ? null : written(answer);
            });
            case PACK -> answered(Answers::pack);
        };
    }

    /** Each answers are looked at once. */
    private IntFunction<Key> answered(Function<Answers, @Nullable String> said) {
        Map<Long, Key> keys = new HashMap<>();
        return line -> keys.computeIfAbsent(
                of.answers.at(line), number -> new Key(0, 0, said.apply(of.asked((int) (long) number))));
    }

    private static String written(Answers.Answer answer) {
        String unit = answer instanceof Answers.Answer.Typed typed ? typed.unit() : null;
        return answer.text() + (unit == null ? "" : " " + unit);
    }

    /** What an item was called when it was sold last; its SKU where it never was. */
    public String called(String sku) {
        String name = of.called(of.names.seen(sku));
        return name == null ? sku : name;
    }

    /**
     * The orders that are meant and have goods of some products in them, by their ids in ascending order.
     *
     * @param products by their SKUs; none for any
     */
    public List<Long> orders(Which which, @Nullable Set<String> products) {
        BitSet goods = goods(products);
        BitSet orders = new BitSet();
        new LinePicking(view, which).each((order, line) -> {
            if (goods == null || goods.get((int) of.product.at(line))) {
                orders.set(order);
            }
        });
        return orders.stream().mapToObj(of.orderId::at).sorted().toList();
    }

    /** At which counts the orders that are meant stood. */
    public Stood stood(Which which, Counted by) {
        BitSet goods = goods(by.goods());
        TreeMap<Long, Long> orders = new TreeMap<>();
        Map<Long, Long> together = new HashMap<>();
        int[] last = {-1};
        new LinePicking(view, which).each((order, line) -> {
            if (goods != null && !goods.get((int) of.product.at(line))) {
                return;
            }
            long count = count(by.what(), line);
            if (by.over() == Over.LINE) {
                orders.merge(count, 1L, Long::sum);
                return;
            }
            if (order != last[0]) {
                together.values().forEach(sum -> orders.merge(sum, 1L, Long::sum));
                together.clear();
                last[0] = order;
            }
            together.merge(by.over() == Over.PRODUCT ? of.product.at(line) : 0, count, Long::sum);
        });
        together.values().forEach(sum -> orders.merge(sum, 1L, Long::sum));
        orders.remove(0L);
        return new Stood(
                orders,
                switch (by.what()) {
                    case PIECES -> 0;
                    case AMOUNT, AMOUNT_EACH -> SoldLines.FINEST;
                    case SPEND -> minor;
                },
                by.unit());
    }

    private long count(Counted.What what, int line) {
        return switch (what) {
            case PIECES -> of.pieces.at(line);
            case AMOUNT -> Math.max(0, of.amount.at(line));
            case AMOUNT_EACH -> Math.max(0, of.amount.at(line)) / of.pieces.at(line);
            case SPEND -> of.before.at(line);
        };
    }

    private @Nullable BitSet goods(@Nullable Set<String> skus) {
        if (skus == null) {
            return null;
        }
        BitSet goods = new BitSet();
        skus.stream().mapToInt(of.names::seen).filter(number -> number >= 0).forEach(goods::set);
        return goods;
    }

    /**
     * Orders by two measurements: how many lines, and what they came to, at each pair of what was typed.
     *
     * @return empty where nothing was measured by both
     */
    public List<SizeSold> sizes(Which which, String across, String down) {
        Map<List<String>, SoldSum> sums = new HashMap<>();
        IntFunction<Key> x = key(By.answer(across));
        IntFunction<Key> y = key(By.answer(down));
        new LinePicking(view, which).each((order, line) -> {
            String first = x.apply(line).text();
            String second = y.apply(line).text();
            if (first != null && second != null) {
                sums.computeIfAbsent(Arrays.asList(first, second), any -> new SoldSum())
                        .add(of, line);
            }
        });
        List<SizeSold> sizes = new ArrayList<>();
        sums.forEach((pair, sum) -> sizes.add(new SizeSold(pair.get(0), pair.get(1), sum.figures(minor))));
        return sizes;
    }

    /** Lines of one size, as it was typed. */
    public record SizeSold(String across, String down, SoldFigures figures) {}
}
