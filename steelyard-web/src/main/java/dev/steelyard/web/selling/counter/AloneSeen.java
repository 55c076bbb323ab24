package dev.steelyard.web.selling.counter;

import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a basket's line costs by itself: kept when it is first seen in the basket, so that a price that changed since is
 * said. By itself, since what else is in the basket changes prices too, and that is no change of the shop's.
 *
 * @param whose the order it is the price of: how many pieces, for whom, on which day
 * @param total what they came to
 */
record AloneSeen(String whose, String total) {

    private static final String BETWEEN = "=";

    /** None where the line has no price. */
    static @Nullable AloneSeen of(Shopper.Offered offered, Shopper shopper, BookInForce book) {
        Object priced = book.book()
                .price(List.of(offered.line()), shopper.customer(), shopper.at())
                .get(0);
        String whose = offered.picked().quantity() + "/" + (shopper.group() == null ? "" : shopper.group()) + "/"
                + (shopper.today() ? "" : shopper.at().toLocalDateTime());
        return priced instanceof PricedLine line
                ? new AloneSeen(whose, line.total().toString())
                : null;
    }

    String write() {
        return whose + BETWEEN + total;
    }

    /** Whether what was kept is of the same order. */
    boolean isOf(@Nullable String kept) {
        return kept != null && kept.startsWith(whose + BETWEEN);
    }

    /** What it came to then, where that is another sum than now; none else. */
    @Nullable
    String was(@Nullable String kept) {
        if (!isOf(kept)) {
            return null;
        }
        String before = kept.substring(whose.length() + BETWEEN.length());
        return before.equals(total) ? null : before;
    }
}
