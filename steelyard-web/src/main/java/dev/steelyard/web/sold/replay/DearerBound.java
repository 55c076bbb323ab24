package dev.steelyard.web.sold.replay;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.sold.lines.Which;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** The owner's bound on how much dearer an order may become when something goes live. */
public final class DearerBound {

    /** How many days of orders are held against it. */
    private static final int DAYS = 90;

    private DearerBound() {}

    /** The orders that are held against it. */
    public static Which orders(Shop shop, LocalDate today) {
        return Which.ALL.at(Sales.where(shop)).within(today.minusDays(DAYS - 1L), null);
    }

    /**
     * Why prices may not go live.
     *
     * @param bound in percent; none for no bound
     * @return none where they may
     */
    public static @Nullable String stop(ReplayResult result, @Nullable BigDecimal bound, int minor) {
        if (bound == null || result.over() == 0) {
            return null;
        }
        ReplayResult.Changed worst = result.overMost().get(0);
        return (result.over() == 1 ? "1 order" : Show.whole(result.over()) + " orders") + " of the last " + DAYS
                + " days would be dearer by over " + Decimals.plain(bound, 0) + " %, which is the shop’s bound: "
                + worst.number() + " from " + Show.money(worst.now(), minor) + " to "
                + Show.money(worst.other(), minor);
    }
}
