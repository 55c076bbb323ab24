package dev.steelyard.web.counter;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.pricing.OrderLine;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Who is at the counter, with a copy of their basket.
 *
 * @param basketId none for someone who has not put anything anywhere yet
 * @param group the customer group they are in; none for a guest
 * @param at the moment prices are for, in the shop's time zone
 * @param today whether that is now; else noon of another day
 */
public record Shopper(
        @Nullable Long basketId, @Nullable String group, LocalDateTime at, boolean today, List<Picked> picked) {

    /** A line of the basket before it has a price. */
    public record Picked(String sku, String name, int quantity) {}

    /** The day prices are for. */
    public LocalDate day() {
        return at.toLocalDate();
    }

    public Customer customer() {
        return new Customer(group);
    }

    public List<OrderLine> orderLines() {
        return picked.stream()
                .map(line -> new OrderLine(new Sku(line.sku()), line.quantity()))
                .toList();
    }

    /** Pieces in the basket, of all lines. */
    public long pieces() {
        return picked.stream().mapToLong(Picked::quantity).sum();
    }

    /** Pieces of one SKU in the basket. */
    public int piecesOf(String sku) {
        return picked.stream()
                .filter(line -> line.sku().equals(sku))
                .mapToInt(Picked::quantity)
                .sum();
    }
}
