package dev.steelyard.format;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Baskets to be priced with deals and tax.
 *
 * @param id none where it has none
 * @param book of the document's goods, cards, deals and tax
 */
public record BasketDocument(@Nullable String id, PriceBook book, List<Order> baskets) implements Priceable {

    @Override
    public ShopRules shop() {
        return book.rules();
    }

    /**
     * A basket.
     *
     * @param payment the method picked; none where none is
     * @param codeLists the lists one of whose codes was given
     * @param at in the shop's time zone; none for whatever day it is
     * @param expected what it must come to; none where nothing is said
     */
    public record Order(
            List<Line> lines,
            Customer customer,
            @Nullable String payment,
            Set<String> codes,
            Set<String> codeLists,
            @Nullable ZonedDateTime at,
            @Nullable Expected expected) {}

    /** A line of a basket. */
    public sealed interface Line {

        /** One that the document's cards price. */
        record Asked(OrderLine line, BigDecimal quantity) implements Line {}

        /** One whose total is given. */
        record Given(Item item, long quantity, BigDecimal total) implements Line {}
    }

    /**
     * What a basket must come to: a total with what else is said, or a refusal's place.
     *
     * @param lines what is left of each; empty where nothing is said
     * @param used the names of deals in the order in which they were applied; none where nothing is said
     * @param tax by rate; empty where nothing is said
     */
    public record Expected(
            @Nullable BigDecimal total,
            List<BigDecimal> lines,
            @Nullable List<String> used,
            Map<BigDecimal, BigDecimal> tax,
            @Nullable BigDecimal toPay,
            @Nullable String refused) {}
}
