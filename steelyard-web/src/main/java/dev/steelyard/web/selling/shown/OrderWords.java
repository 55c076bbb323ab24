package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.words.Words;

/** How many pieces can be ordered, in words beside the field: “12 to 48 pieces, in multiples of 6”. */
public final class OrderWords {

    private OrderWords() {}

    /** Empty where any number can be. */
    public static String of(OrderQuantity orders, Words words) {
        if (orders.equals(OrderQuantity.ANY)) {
            return "";
        }
        long least = orders.smallest().orElse(Quantity.LEAST);
        long most = orders.largest().orElse(Quantity.MOST);
        boolean open = most == Quantity.MOST && least > Quantity.LEAST;
        return words.text(
                "orders",
                "only",
                least == most ? words.whole(least) : "",
                "least",
                words.whole(least),
                "most",
                open ? "" : words.whole(most),
                "step",
                orders.step() == 1 ? "" : words.whole(orders.step()));
    }
}
