package dev.steelyard.core.deal;

import dev.steelyard.core.card.GoodsSet;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a deal counts and what it gives. */
public sealed interface Gives {

    /**
     * A ladder, all units: the row reached counts for all.
     *
     * @param covered the goods that are counted and reduced; none for the whole basket
     * @param rows by their thresholds, from the smallest
     * @param each whether every product, or SKU, reaches its own row; ladders of pieces only
     * @param forEvery whether the value counts for every full threshold; ladders of what is spent with one row of an
     *     amount off
     * @param atMost how many full thresholds count; none for all
     */
    record OnLadder(
            Counts counts,
            @Nullable GoodsSet covered,
            Value value,
            List<Row> rows,
            Apart each,
            boolean forEvery,
            @Nullable Integer atMost)
            implements Gives {
        public OnLadder {
            rows = List.copyOf(rows);
        }

        /** A ladder whose goods count together, and whose row reached counts once. */
        public OnLadder(Counts counts, @Nullable GoodsSet covered, Value value, List<Row> rows) {
            this(counts, covered, value, rows, Apart.TOGETHER, false, null);
        }

        /** How often what is counted holds the threshold, where that is asked; 1 where it is not. */
        public long times(BigDecimal counted) {
            if (!forEvery || rows.isEmpty() || rows.get(0).from().signum() <= 0) {
                return 1;
            }
            long full = counted.divideToIntegralValue(rows.get(0).from()).longValue();
            return atMost == null ? full : Math.min(full, atMost);
        }

        /** The goods, whichever way they are named. */
        public GoodsSet goods() {
            return covered == null ? GoodsSet.EVERYTHING : covered;
        }

        /**
         * What it counts over those of some lines that it is about; where each product or SKU counts by itself, the most of
         * them. 0 where none is.
         */
        public BigDecimal counted(List<SoldLine> lines) {
            return each.parts(lines, Basket.linesOf(goods(), lines)).stream()
                    .map(part -> Basket.counted(counts, lines, part))
                    .reduce(BigDecimal.ZERO, BigDecimal::max);
        }

        /** The last row whose threshold is reached; none before the first. */
        public @Nullable Row reached(BigDecimal counted) {
            Row reached = null;
            for (Row row : rows) {
                if (row.reachedBy(counted)) {
                    reached = row;
                }
            }
            return reached;
        }
    }

    /**
     * A threshold and what counts from it.
     *
     * @param from money, pieces, or different goods; inclusive
     * @param value a percentage, or money
     * @param over whether there must be more than {@code from}
     */
    record Row(BigDecimal from, BigDecimal value, boolean over) {

        /** A row that its threshold reaches. */
        public Row(BigDecimal from, BigDecimal value) {
            this(from, value, false);
        }

        /** Whether so much reaches it. */
        public boolean reachedBy(BigDecimal counted) {
            int more = counted.compareTo(from);
            return over ? more > 0 : more >= 0;
        }

        /** The least that reaches it: money in minor units of so many digits, or a whole number. */
        public BigDecimal least(Counts counts, int minorDigits) {
            BigDecimal smallest = counts == Counts.SPEND ? BigDecimal.ONE.movePointLeft(minorDigits) : BigDecimal.ONE;
            return over ? from.add(smallest) : from;
        }
    }

    /** What a ladder counts. */
    enum Counts {
        /** What the lines come to before any deal. */
        SPEND,
        PIECES,
        /** Different products. */
        PRODUCTS,
        /** Different SKUs: variants count one each. */
        SKUS
    }

    /** What a number in a deal is. */
    enum Value {
        PERCENT_OFF,
        /** An amount over all lines, shared by what is left of each. */
        AMOUNT_OFF,
        AMOUNT_OFF_EACH,
        /** A price of one piece, which is never raised. */
        PRICE_EACH,
        FREE
    }

    /**
     * For every so many pieces of one set, some of the same or another set for less: the cheapest.
     *
     * @param buyPieces for how many bought pieces
     * @param getPieces how many are given
     * @param value FREE, PERCENT_OFF, AMOUNT_OFF_EACH or PRICE_EACH
     * @param amount for the value; 0 for free
     * @param atMost how many times; none for as often as it goes
     * @param same whether every product, or SKU, counts and gives by itself, {@code atMost} times each; both sets are then
     *     the same
     */
    record BuyAndGet(
            long buyPieces,
            GoodsSet buy,
            long getPieces,
            GoodsSet get,
            Value value,
            BigDecimal amount,
            @Nullable Integer atMost,
            Apart same)
            implements Gives {

        /** One whose goods all count together. */
        public BuyAndGet(
                long buyPieces,
                GoodsSet buy,
                long getPieces,
                GoodsSet get,
                Value value,
                BigDecimal amount,
                @Nullable Integer atMost) {
            this(buyPieces, buy, getPieces, get, value, amount, atMost, Apart.TOGETHER);
        }
    }

    /**
     * A percentage or an amount on all lines for a way of paying.
     *
     * @param value PERCENT_OFF or AMOUNT_OFF
     * @param amount below 0 for what is added
     */
    record ByPayment(Value value, BigDecimal amount) implements Gives {}
}
