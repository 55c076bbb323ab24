package dev.steelyard.core.deal;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Next.Need;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What more a basket needs for a deal, or for its next row. */
final class Nexts {

    private Nexts() {}

    /**
     * @param lines the places of those a deal acts on
     * @return none where there is no more to unlock
     */
    static @Nullable Next of(Basket basket, Deal deal, int[] lines) {
        if (deal.gives() instanceof OnLadder ladder) {
            return of(basket, deal, ladder, lines);
        }
        return deal.gives() instanceof BuyAndGet both ? of(basket, deal, both, lines) : null;
    }

    /** The nearest row of what counts by itself; of equally near ones the first. */
    private static @Nullable Next of(Basket basket, Deal deal, OnLadder ladder, int[] lines) {
        Next nearest = null;
        for (int[] part : partsOf(basket, ladder.each(), lines)) {
            BigDecimal counted = basket.counted(ladder.counts(), part);
            Row row = above(ladder, counted);
            if (row != null) {
                BigDecimal more = least(ladder, row, counted, basket).subtract(counted);
                if (nearest == null || more.compareTo(nearest.much()) < 0) {
                    GoodsSet goods = goods(basket, ladder.each(), part, ladder.goods());
                    nearest = new Next(deal, need(ladder.counts()), more, goods, row);
                }
            }
        }
        return nearest;
    }

    private static List<int[]> partsOf(Basket basket, Apart apart, int[] lines) {
        return lines.length == 0 ? List.of(lines) : apart.parts(basket, lines);
    }

    private static @Nullable Row above(OnLadder ladder, BigDecimal counted) {
        if (ladder.forEvery()) {
            boolean all = ladder.atMost() != null && ladder.times(counted) >= ladder.atMost();
            return all || ladder.rows().isEmpty() ? null : ladder.rows().get(0);
        }
        return ladder.rows().stream()
                .filter(row -> !row.reachedBy(counted))
                .findFirst()
                .orElse(null);
    }

    private static BigDecimal least(OnLadder ladder, Row row, BigDecimal counted, Basket basket) {
        return ladder.forEvery()
                ? row.from().multiply(BigDecimal.valueOf(ladder.times(counted)).add(BigDecimal.ONE))
                : row.least(ladder.counts(), basket.rounding().minorDigits());
    }

    private static GoodsSet goods(Basket basket, Apart apart, int[] part, GoodsSet all) {
        if (apart == Apart.TOGETHER || part.length == 0) {
            return all;
        }
        Item item = basket.line(part[0]).item();
        return GoodsSet.of(
                apart == Apart.PRODUCT
                        ? new GoodsRule.Is(
                                Attribute.PRODUCT, Set.of(item.product().sku().value()))
                        : new GoodsRule.Is(Attribute.SKU, Set.of(item.sku().value())));
    }

    private static Need need(Counts counts) {
        return switch (counts) {
            case SPEND -> Need.SPEND;
            case PIECES -> Need.PIECES;
            case PRODUCTS -> Need.PRODUCTS;
            case SKUS -> Need.SKUS;
        };
    }

    private static @Nullable Next of(Basket basket, Deal deal, BuyAndGet both, int[] lines) {
        int[] buyLines = basket.linesOf(both.buy());
        if (buyLines.length == 0) {
            return null;
        }
        Giving giving = nearest(basket, new BuyAndGetReduction(both, buyLines, OwnTerms.SAME), lines);
        if (giving == null) {
            return null;
        }
        long missing = giving.missing();
        Need need = missing > 0 ? Need.BUY : Need.GET;
        GoodsSet goods = goods(basket, both.same(), giving.lines(), need == Need.GET ? both.get() : both.buy());
        return new Next(deal, need, BigDecimal.valueOf(Math.max(1, missing)), goods, null);
    }

    /** Where the fewest pieces are missing for one more given one; none where all is given that may be. */
    private static @Nullable Giving nearest(Basket basket, BuyAndGetReduction reduction, int[] lines) {
        Giving nearest = null;
        for (Giving part : reduction.parts(basket, lines, basket.totals())) {
            if (!part.exhausted() && (nearest == null || part.missing() < nearest.missing())) {
                nearest = part;
            }
        }
        return nearest;
    }

    /** What is missing where nothing is given. */
    static Fact missing(Basket basket, BuyAndGetReduction reduction, int[] lines) {
        Giving nearest = nearest(basket, reduction, lines);
        long missing = nearest == null ? 0 : nearest.missing();
        return missing > 0
                ? Fact.of(
                        DealSays.BUY_FIRST,
                        Part.count(missing),
                        DealTellings.apart(reduction.gives().same()))
                : Fact.of(DealSays.GET_NEEDED);
    }

    /** What is missing for the first row. */
    static Fact missing(Basket basket, OnLadder ladder, int[] lines) {
        int digits = basket.rounding().minorDigits();
        Row first = ladder.rows().get(0);
        BigDecimal most = partsOf(basket, ladder.each(), lines).stream()
                .map(part -> basket.counted(ladder.counts(), part))
                .reduce(BigDecimal.ZERO, BigDecimal::max);
        BigDecimal more = first.least(ladder.counts(), digits).subtract(most);
        return Fact.of(
                DealSays.MORE_NEEDED,
                DealTellings.counted(ladder.counts(), more, digits),
                DealTellings.from(ladder.counts(), first, digits),
                DealTellings.apart(ladder.each()));
    }
}
