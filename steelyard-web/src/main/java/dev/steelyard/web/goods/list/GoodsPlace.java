package dev.steelyard.web.goods.list;

import dev.steelyard.web.goods.SoldProduct;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A place in a sorted list of goods: what is sorted by and the number of the goods that stood there. It is found again
 * though goods came or went meanwhile, and though those that stood there are gone.
 */
record GoodsPlace(long id, String value) {

    static GoodsPlace of(SoldProduct one, GoodsOrder order) {
        return new GoodsPlace(
                one.id(),
                switch (order) {
                    case NAME -> one.key();
                    case SKU -> one.product().sku().value();
                    case PRICE -> Objects.toString(one.product().shelfPrice(), "");
                    case CHANGED -> one.changedAt().toString();
                });
    }

    /** “17:bow shackle”; none for a text that is no place. */
    static @Nullable GoodsPlace read(@Nullable String text) {
        if (text == null || !text.matches("(?s)\\d{1,18}:.*")) {
            return null;
        }
        int end = text.indexOf(':');
        return new GoodsPlace(Long.parseLong(text.substring(0, end)), text.substring(end + 1));
    }

    @Override
    public String toString() {
        return id + ":" + value;
    }

    /** How many goods of a list sorted upwards stand before this place, itself not counted; -1 where it is no place in it. */
    int before(List<SoldProduct> sorted, GoodsOrder order) {
        SoldProduct probe = probe(order);
        if (probe == null) {
            return -1;
        }
        int at = Collections.binarySearch(sorted, probe, order.comparator(false));
        return at < 0 ? -at - 1 : at;
    }

    private @Nullable SoldProduct probe(GoodsOrder order) {
        try {
            return GoodsProbe.of(
                    id,
                    order == GoodsOrder.NAME ? value : "",
                    order == GoodsOrder.SKU ? value : "-",
                    order == GoodsOrder.PRICE && !value.isEmpty() ? new BigDecimal(value) : null,
                    order == GoodsOrder.CHANGED ? Instant.parse(value) : Instant.EPOCH);
        } catch (DateTimeException | IllegalArgumentException noPlace) {
            return null;
        }
    }
}
