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
     */
    record OnLadder(Counts counts, @Nullable GoodsSet covered, Value value, List<Row> rows) implements Gives {
        public OnLadder {
            rows = List.copyOf(rows);
        }

        /** The goods, whichever way they are named. */
        public GoodsSet goods() {
            return covered == null ? GoodsSet.EVERYTHING : covered;
        }

        /** What it counts over those of some lines that it is about; 0 where none is. */
        public BigDecimal counted(List<SoldLine> lines) {
            return Basket.counted(counts, lines, Basket.linesOf(goods(), lines));
        }

        /** The last row whose threshold is reached; none before the first. */
        public @Nullable Row reached(BigDecimal counted) {
            Row reached = null;
            for (Row row : rows) {
                if (row.from().compareTo(counted) <= 0) {
                    reached = row;
                }
            }
            return reached;
        }
    }

    /**
     * A threshold, inclusive, and what counts from it.
     *
     * @param from money, pieces, or different goods
     * @param value a percentage, or money
     */
    record Row(BigDecimal from, BigDecimal value) {}

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
     */
    record BuyAndGet(
            long buyPieces,
            GoodsSet buy,
            long getPieces,
            GoodsSet get,
            Value value,
            BigDecimal amount,
            @Nullable Integer atMost)
            implements Gives {}

    /**
     * A percentage or an amount on all lines for a way of paying.
     *
     * @param value PERCENT_OFF or AMOUNT_OFF
     * @param amount below 0 for what is added
     */
    record ByPayment(Value value, BigDecimal amount) implements Gives {}
}
