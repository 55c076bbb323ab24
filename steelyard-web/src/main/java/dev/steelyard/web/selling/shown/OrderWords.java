package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.base.page.Show;

/** How many pieces can be ordered, in words beside the field: “12 to 48 pieces, in multiples of 6”. */
public final class OrderWords {

    private OrderWords() {}

    /** Empty where any number can be. */
    public static String of(OrderQuantity orders) {
        if (orders.equals(OrderQuantity.ANY)) {
            return "";
        }
        long least = orders.smallest().orElse(Quantity.LEAST);
        long most = orders.largest().orElse(Quantity.MOST);
        String range = least == most
                ? Show.whole(least) + " only"
                : most == Quantity.MOST && least > Quantity.LEAST
                        ? "at least " + Show.whole(least)
                        : Show.whole(least) + " to " + Show.whole(most);
        return "whole pieces, " + range + (orders.step() == 1 ? "" : ", in multiples of " + Show.whole(orders.step()));
    }
}
