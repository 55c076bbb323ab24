package dev.steelyard.format;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A card with its shop, its goods and orders to be priced.
 *
 * @param id none where it has none
 * @param card prepared
 */
public record Document(@Nullable String id, ShopRules shop, Product product, PreparedCard card, List<Order> orders)
        implements Priceable {

    /**
     * An order to be priced.
     *
     * @param before lines that stand before it in the same basket
     * @param at in the shop's time zone; none for whatever day it is
     * @param expected what it must come to; none where nothing is said
     */
    public record Order(
            Line line, List<Line> before, Customer customer, @Nullable ZonedDateTime at, @Nullable Expected expected) {}

    /**
     * A line.
     *
     * @param sku of a variant; none for the product
     * @param quantity as written; only whole numbers can be ordered
     */
    public record Line(@Nullable String sku, BigDecimal quantity, Answers answers) {}

    /** What an order must come to: a line with its shown price and billable amount where given, or a refusal's place. */
    public record Expected(
            @Nullable BigDecimal line,
            @Nullable BigDecimal unit,
            @Nullable BigDecimal billable,
            @Nullable String refused) {}
}
