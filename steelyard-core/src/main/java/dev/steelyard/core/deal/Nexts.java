package dev.steelyard.core.deal;

import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Next.Need;
import java.math.BigDecimal;
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
            BigDecimal counted = basket.counted(ladder.counts(), lines);
            for (Row row : ladder.rows()) {
                if (row.from().compareTo(counted) > 0) {
                    BigDecimal more = row.from().subtract(counted);
                    return new Next(deal, need(ladder.counts()), more, ladder.goods(), row);
                }
            }
        } else if (deal.gives() instanceof BuyAndGet both) {
            return of(basket, deal, both, lines);
        }
        return null;
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
        BuyAndGetReduction reduction = new BuyAndGetReduction(both, buyLines, OwnTerms.SAME);
        long given = reduction.count(basket, lines, basket.totals());
        if (both.atMost() != null && given >= both.atMost() * both.getPieces()) {
            return null;
        }
        Need need = need(basket, both, reduction, lines, given);
        long more = need == Need.GET ? 1 : missing(basket, both, reduction, lines, given);
        GoodsSet goods = need == Need.GET ? both.get() : both.buy();
        return new Next(deal, need, BigDecimal.valueOf(more), goods, null);
    }

    private static Need need(Basket basket, BuyAndGet both, BuyAndGetReduction reduction, int[] lines, long given) {
        return missing(basket, both, reduction, lines, given) > 0 ? Need.BUY : Need.GET;
    }

    /** How many bought pieces are missing for one more given one; 0 where only a piece to give is. */
    private static long missing(Basket basket, BuyAndGet both, BuyAndGetReduction reduction, int[] lines, long given) {
        long bought = basket.pieces(reduction.buyLines());
        boolean same = both.buy().equals(both.get());
        long others = same ? bought - given - 1 : bought;
        return Math.max(0, both.buyPieces() * reduction.times(given + 1) - others);
    }

    /** The same as a sentence. */
    static String words(Basket basket, BuyAndGet both, BuyAndGetReduction reduction, int[] lines) {
        long missing = missing(basket, both, reduction, lines, 0);
        return missing > 0
                ? DealWords.more(missing) + " to buy first"
                : DealWords.more(1) + " needed, of what is given";
    }
}
