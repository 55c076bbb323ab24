package dev.steelyard.web.sold.lines;

import java.math.BigDecimal;

/** Adds lines up; those of an order must come one after the other. */
final class SoldSum {

    private long lastOrder = -1;
    private long orders;
    private long lines;
    private long pieces;
    private long amount;
    private long turnover;
    private long reduced;
    private long known;
    private long cost;

    void add(SoldView of, int line) {
        long order = of.order()[line];
        if (order != lastOrder) {
            orders++;
            lastOrder = order;
        }
        lines++;
        pieces += of.pieces()[line];
        long measured = of.amount()[line];
        amount = measured == SoldLines.UNKNOWN ? amount : amount + measured;
        turnover += of.turnover()[line];
        reduced += of.reduced()[line];
        known += of.known()[line];
        cost += of.cost()[line];
    }

    SoldFigures figures(int minor) {
        return new SoldFigures(
                orders,
                lines,
                pieces,
                BigDecimal.valueOf(amount, SoldLines.FINEST),
                BigDecimal.valueOf(turnover, minor),
                BigDecimal.valueOf(reduced, minor),
                BigDecimal.valueOf(known, minor),
                BigDecimal.valueOf(cost, SoldLines.FINE));
    }
}
