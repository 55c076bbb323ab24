package dev.steelyard.format.goods;

import java.util.List;

/**
 * What a goods sheet is read for.
 *
 * @param currency ISO 4217 code of all prices
 * @param taxClasses their names; the first is that of new goods that say none
 */
public record GoodsShop(String currency, List<String> taxClasses) {

    public GoodsShop {
        taxClasses = List.copyOf(taxClasses);
    }
}
