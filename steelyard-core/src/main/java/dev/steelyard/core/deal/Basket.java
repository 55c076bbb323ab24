package dev.steelyard.core.deal;

import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The lines of a basket with their totals in minor units, as deals count them. */
final class Basket {

    private final List<SoldLine> lines;
    private final Rounding rounding;
    private final long[] totals;

    Basket(List<SoldLine> lines, Rounding rounding) {
        this.lines = lines;
        this.rounding = rounding;
        this.totals = new long[lines.size()];
        for (int i = 0; i < totals.length; i++) {
            totals[i] = rounding.minorUnits(lines.get(i).total());
        }
    }

    int size() {
        return totals.length;
    }

    List<SoldLine> lines() {
        return lines;
    }

    SoldLine line(int index) {
        return lines.get(index);
    }

    Rounding rounding() {
        return rounding;
    }

    /** Every line's total before any deal, in minor units; the caller's to change. */
    long[] totals() {
        return totals.clone();
    }

    /** So many minor units as money, exact. */
    BigDecimal money(long minor) {
        return BigDecimal.valueOf(minor, rounding.minorDigits());
    }

    /** The lines of some goods, by their places. */
    int[] linesOf(GoodsSet goods) {
        return linesOf(goods, lines);
    }

    static int[] linesOf(GoodsSet goods, List<SoldLine> lines) {
        int[] found = new int[lines.size()];
        int count = 0;
        boolean all = goods.isEverything();
        for (int i = 0; i < found.length; i++) {
            if (all || goods.has(lines.get(i).item())) {
                found[count++] = i;
            }
        }
        return Arrays.copyOf(found, count);
    }

    long pieces(int[] of) {
        return pieces(lines, of);
    }

    private static long pieces(List<SoldLine> lines, int[] of) {
        long pieces = 0;
        for (int i : of) {
            pieces += lines.get(i).quantity();
        }
        return pieces;
    }

    /** What a ladder counts over some lines. */
    BigDecimal counted(Gives.Counts counts, int[] of) {
        return counted(counts, lines, of);
    }

    static BigDecimal counted(Gives.Counts counts, List<SoldLine> lines, int[] of) {
        return switch (counts) {
            case SPEND -> {
                BigDecimal sum = BigDecimal.ZERO;
                for (int i : of) {
                    sum = sum.add(lines.get(i).total().value(), Decimals.EXACT);
                }
                yield sum;
            }
            case PIECES -> BigDecimal.valueOf(pieces(lines, of));
            case PRODUCTS, SKUS -> {
                Set<Object> different = new HashSet<>();
                for (int i : of) {
                    different.add(
                            counts == Gives.Counts.PRODUCTS
                                    ? lines.get(i).item().product().sku()
                                    : lines.get(i).item().sku());
                }
                yield BigDecimal.valueOf(different.size());
            }
        };
    }
}
