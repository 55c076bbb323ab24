package dev.steelyard.core.replay;

import java.math.BigDecimal;

/** {@link Totals} that lines are added to, one by one. */
final class Adding {

    private long lines;
    private BigDecimal turnover = BigDecimal.ZERO;
    private BigDecimal reduced = BigDecimal.ZERO;
    private BigDecimal known = BigDecimal.ZERO;
    private BigDecimal cost = BigDecimal.ZERO;

    void add(Totals line) {
        lines += line.lines();
        turnover = turnover.add(line.turnover());
        if (line.reduced().signum() != 0) {
            reduced = reduced.add(line.reduced());
        }
        if (line.known().signum() != 0 || line.cost().signum() != 0) {
            known = known.add(line.known());
            cost = cost.add(line.cost());
        }
    }

    Totals totals() {
        return new Totals(lines, turnover, reduced, known, cost);
    }
}
