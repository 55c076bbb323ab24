package dev.steelyard.web.goods.list;

import dev.steelyard.web.goods.SoldProduct;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/** What lists of goods can be sorted by. Goods that are the same there go by their number, so that places are unique. */
enum GoodsOrder {
    NAME("name", Comparator.comparing(SoldProduct::key)),
    SKU("sku", Comparator.comparing(one -> one.product().sku().value())),
    PRICE("price", Comparator.comparing(GoodsOrder::shelf, Comparator.nullsLast(Comparator.naturalOrder()))),
    CHANGED("changed", Comparator.comparing(SoldProduct::changedAt, Comparator.<Instant>reverseOrder()));

    private final String code;
    private final Comparator<SoldProduct> order;

    GoodsOrder(String code, Comparator<SoldProduct> order) {
        this.code = code;
        this.order = order.thenComparing(SoldProduct::id);
    }

    private static BigDecimal shelf(SoldProduct one) {
        return one.product().shelfPrice();
    }

    /** The word in addresses. */
    String code() {
        return code;
    }

    Comparator<SoldProduct> comparator(boolean down) {
        return down ? order.reversed() : order;
    }

    static Optional<GoodsOrder> of(String code) {
        return Arrays.stream(values()).filter(one -> one.code.equals(code)).findFirst();
    }
}
