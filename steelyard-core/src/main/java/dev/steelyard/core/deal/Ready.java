package dev.steelyard.core.deal;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.said.Part;
import java.util.ArrayList;
import java.util.List;

/**
 * A deal that qualifies for a basket.
 *
 * @param lines the places of the lines it acts on
 */
record Ready(Deal deal, int[] lines, Reduction reduction) implements Checked {

    /** Takes its shares of what is left, rounded by R4, and says what it took of each line of the basket. */
    long[] take(Basket basket, long[] left) {
        long[] shares = basket.rounding().shares(reduction.of(basket, lines, left));
        for (int i = 0; i < lines.length; i++) {
            left[lines[i]] -= shares[i];
        }
        return shares;
    }

    /** What it took, for the answer; {@code left} is as it was before. */
    Dealt.Used used(Basket basket, long[] shares, long[] left, boolean explain) {
        long[] ofLines = new long[basket.size()];
        for (int i = 0; i < lines.length; i++) {
            ofLines[lines[i]] = shares[i];
        }
        List<Money> money = new ArrayList<>(ofLines.length);
        long sum = 0;
        for (long share : ofLines) {
            money.add(basket.rounding().ofMinorUnits(share));
            sum += share;
        }
        Part detail = explain ? reduction.detail(basket, lines, left) : Part.NONE;
        return new Dealt.Used(deal, money, basket.rounding().ofMinorUnits(sum), detail);
    }
}
