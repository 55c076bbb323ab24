package dev.steelyard.core.replay;

import java.math.BigDecimal;

/** {@link Totals} that lines are added to, one by one. */
final class Adding {

    private long lines;
    private BigDecimal turnover = BigDecimal.ZERO;
    private BigDecimal reduced = BigDecimal.ZERO;
    private BigDecimal known = BigDecimal.ZERO;
    private BigDecimal cost = BigDecimal.ZERO;

    /** One more line. */
    void add(BasketSums line) {
        lines++;
        turnover = turnover.add(line.turnover());
        if (line.reduced().signum() != 0) {
            reduced = reduced.add(line.reduced());
        }
        BigDecimal paid = line.cost();
        if (paid != null) {
            known = known.add(line.known());
            cost = cost.add(paid);
        }
    }

    Totals totals() {
        return new Totals(lines, turnover, reduced, known, cost);
    }
}
