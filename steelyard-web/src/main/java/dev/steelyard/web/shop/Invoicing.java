package dev.steelyard.web.shop;

import java.util.List;

/**
 * What an invoice says of the shop, and what its number begins with.
 *
 * @param address lines of it; empty for none
 * @param taxNumber empty for none
 * @param orderPrefix what the numbers of orders begin with; empty for nothing
 */
public record Invoicing(String address, String taxNumber, String orderPrefix) {

    public static final Invoicing NONE = new Invoicing("", "", "");

    /** The lines of the address. */
    public List<String> lines() {
        return address.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }
}
