package dev.steelyard.core.replay;

import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.pricing.OrderLine;
import java.math.BigDecimal;
import java.util.List;

/**
 * A basket as it was sold.
 *
 * @param id by which whoever asks knows it again
 * @param occasion with the moment its prices were for
 * @param sold what its lines came to then, after deals, as the shop's prices stand to tax
 */
public record SoldBasket(long id, List<OrderLine> lines, Occasion occasion, BigDecimal sold) {

    public SoldBasket {
        lines = List.copyOf(lines);
    }
}
