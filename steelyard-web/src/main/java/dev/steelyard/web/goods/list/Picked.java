package dev.steelyard.web.goods.list;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.goods.SoldProduct;
import java.util.List;

/**
 * Goods that were picked: some by their numbers, or all that fit a filter.
 *
 * @param ids as sent, with commas between
 * @param all “true” for all that fit
 * @param query the filter, as in addresses
 */
record Picked(String ids, String all, String query, List<SoldProduct> goods) {

    List<Long> products() {
        return goods.stream().map(SoldProduct::id).toList();
    }

    /** “312 products”, “Bow shackle”. */
    public String words() {
        return goods.size() == 1 ? goods.get(0).product().name() : Show.whole(goods.size()) + " products";
    }

    public int size() {
        return goods.size();
    }

    /** The names of the first few. */
    public List<String> first() {
        return goods.stream().limit(5).map(one -> one.product().name()).toList();
    }
}
