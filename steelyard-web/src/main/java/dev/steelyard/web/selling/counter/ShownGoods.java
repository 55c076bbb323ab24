package dev.steelyard.web.selling.counter;

import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Goods as product pages show them, read once for a revision: a price follows every keystroke. */
@Component
public class ShownGoods {

    private static final int MOST = 5_000;

    private final GoodsStore goods;
    private volatile Held held = new Held(-1, new ConcurrentHashMap<>());

    ShownGoods(GoodsStore goods) {
        this.goods = goods;
    }

    private record Held(long revision, Map<String, Optional<GoodsEntry>> bySku) {}

    /** A product that is sold, by its own SKU. */
    public Optional<GoodsEntry> bySku(String sku, BookInForce book) {
        Held now = held;
        if (now.revision() != book.revision() || now.bySku().size() > MOST) {
            now = new Held(book.revision(), new ConcurrentHashMap<>());
            held = now;
        }
        return now.bySku().computeIfAbsent(sku, goods::findBySku).filter(entry -> !entry.isRemoved());
    }
}
