package dev.steelyard.web.sold.lines;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.shop.Shop;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** What was sold until a moment, and what can be asked of it. */
public final class Sold {

    /** Of most orders no more lines count apart; others take more room. */
    private static final int MOST_TOGETHER = 16;

    private final SoldView of;
    private final SoldLines lines;
    private final int minor;

    Sold(SoldLines lines, Shop shop) {
        this.lines = lines;
        this.of = lines.view();
        this.minor = shop.minorDigits();
    }

    /** Whether anything was ever sold. */
    public boolean isEmpty() {
        return of.orders() == 0;
    }

    private LinePicking picking(Which which) {
        return new LinePicking(of, lines.names, which);
    }

    /** What all lines that are meant come to. */
    public SoldFigures figures(Which which) {
        SoldSum sum = new SoldSum();
        picking(which).each((order, line) -> sum.add(of, line));
        return sum.figures(minor);
    }

    /** What a deal took off in the orders that are meant. */
    public BigDecimal saved(Which which) {
        BitSet orders = new BitSet();
        picking(which).each((order, line) -> orders.set(order));
        long saved = 0;
        for (int use = 0; use < of.uses(); use++) {
            if (of.useDeal()[use] == which.of().id() && orders.get((int) of.useOrder()[use])) {
                saved += of.useSaved()[use];
            }
        }
        return BigDecimal.valueOf(saved, minor);
    }

    /** What was asked in the lines that are meant, and whether a pack was ever picked. */
    public record Asked(Set<String> asks, boolean packs) {}

    public Asked asked(Which which) {
        BitSet shapes = new BitSet();
        picking(which).each((order, line) -> {
            int answers = of.answers(line);
            if (answers != NamesSeen.NONE) {
                shapes.set((int) of.shapes()[answers]);
            }
        });
        Set<String> asks = new TreeSet<>();
        shapes.stream().mapToObj(lines::shape).forEach(asks::addAll);
        boolean packs = asks.remove(SoldLines.PACK);
        return new Asked(asks, packs);
    }

    /** The lines that are meant, told apart; the largest turnover first. Their sums are those of {@link #figures}. */
    public List<PartSold> by(Which which, By by) {
        LineKeys keys = new LineKeys(of, by, lines);
        SumsByKey sums = new SumsByKey();
        picking(which).each((order, line) -> sums.add(keys.of(line), of, line));
        List<PartSold> parts = new ArrayList<>();
        sums.each((key, sum) -> parts.add(keys.part(key, sum.figures(minor))));
        parts.sort((one, other) ->
                other.figures().turnover().compareTo(one.figures().turnover()));
        return parts;
    }

    /** What an item was called when it was sold last; its SKU where it never was. */
    public String called(String sku) {
        String name = lines.called(lines.names.seen(sku));
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
        picking(which).each((order, line) -> {
            if (goods == null || goods.get(of.product(line))) {
                orders.set(order);
            }
        });
        return orders.stream().mapToObj(order -> of.orderId()[order]).sorted().toList();
    }

    /** At which counts the orders that are meant stood. */
    public Stood stood(Which which, Counted by) {
        Counting counting = new Counting(by, goods(by.goods()));
        picking(which).each(counting::line);
        counting.end();
        TreeMap<Long, Long> orders = new TreeMap<>();
        counting.counts.forEach((count, times) -> orders.put(count, times[0]));
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

    /** Counts what lines of an order come to together, or each by itself. */
    private final class Counting {

        private final Counted by;
        private final @Nullable BitSet goods;
        private final Map<Long, long[]> counts = new HashMap<>();
        private long[] keys = new long[MOST_TOGETHER];
        private long[] sums = new long[MOST_TOGETHER];
        private int together;
        private int last = -1;

        Counting(Counted by, @Nullable BitSet goods) {
            this.by = by;
            this.goods = goods;
        }

        void line(int order, int line) {
            if (goods != null && !goods.get(of.product(line))) {
                return;
            }
            long count = count(by.what(), line);
            if (by.over() == Over.LINE) {
                stood(count);
                return;
            }
            if (order != last) {
                end();
                last = order;
            }
            add(by.over() == Over.PRODUCT ? of.product()[line] : 0, count);
        }

        /** An order has few lines: what they count with is looked for one by one. */
        private void add(long key, long count) {
            for (int i = 0; i < together; i++) {
                if (keys[i] == key) {
                    sums[i] += count;
                    return;
                }
            }
            if (together == keys.length) {
                keys = Arrays.copyOf(keys, together * 2);
                sums = Arrays.copyOf(sums, together * 2);
            }
            keys[together] = key;
            sums[together++] = count;
        }

        void end() {
            for (int i = 0; i < together; i++) {
                stood(sums[i]);
            }
            together = 0;
        }

        private void stood(long count) {
            counts.computeIfAbsent(count, any -> new long[1])[0]++;
        }
    }

    private long count(Counted.What what, int line) {
        return switch (what) {
            case PIECES -> of.pieces()[line];
            case AMOUNT -> Math.max(0, of.amount()[line]);
            case AMOUNT_EACH -> Math.max(0, of.amount()[line]) / of.pieces()[line];
            case SPEND -> of.before()[line];
        };
    }

    private @Nullable BitSet goods(@Nullable Set<String> skus) {
        if (skus == null) {
            return null;
        }
        BitSet goods = new BitSet();
        skus.stream().mapToInt(lines.names::seen).filter(number -> number >= 0).forEach(goods::set);
        return goods;
    }

    /**
     * A measurement that lines are laid out by.
     *
     * @param ask by its name in formulas
     */
    public record Measured(String ask, Unit unit) {}

    /** Lines by two measurements: how many there are of each size that was typed, those typed in other units among them. */
    public SizesSold sizes(Which which, Measured across, Measured down) {
        int[] times = new int[of.asked().length];
        picking(which).each((order, line) -> {
            if (of.answers(line) != NamesSeen.NONE) {
                times[of.answers(line)]++;
            }
        });
        return SizesSold.of(times, lines.typed(across, times.length), lines.typed(down, times.length));
    }
}
