package dev.steelyard.web.shop;

import java.util.List;

/**
 * What an invoice says of the shop.
 *
 * @param address lines of it; empty for none
 * @param taxNumber empty for none
 */
public record Invoicing(String address, String taxNumber) {

    public static final Invoicing NONE = new Invoicing("", "");

    /** The lines of the address. */
    public List<String> lines() {
        return address.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }
}
