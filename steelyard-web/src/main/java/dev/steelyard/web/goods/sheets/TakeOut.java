package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.format.sheet.SheetWriter;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.web.goods.GoodsPrices;
import dev.steelyard.web.goods.GoodsPrices.Priced;
import dev.steelyard.web.shop.Shops;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** Writes the prices of goods as a sheet, all as they were at one moment. */
@Component
public class TakeOut {

    private static final int GOODS_AT_A_TIME = 1_000;

    private final GoodsPrices prices;
    private final Shops shops;

    TakeOut(GoodsPrices prices, Shops shops) {
        this.prices = prices;
        this.shops = shops;
    }

    /**
     * Which prices are taken out.
     *
     * @param shelf shelf prices
     * @param everyone rows for everyone
     * @param groups rows for these customer groups
     */
    public record Picked(boolean shelf, boolean everyone, Set<String> groups) {

        Predicate<PriceLine> lines() {
            return line -> line.isShelf() ? shelf : line.group() == null ? everyone : groups.contains(line.group());
        }
    }

    /** @param to is left open */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(List<Long> products, Picked picked, TableKind kind, CsvForm form, OutputStream to)
            throws IOException {
        try (SheetWriter sheet = new SheetWriter(kind, form, to, shops.current().currency())) {
            for (int from = 0; from < products.size(); from += GOODS_AT_A_TIME) {
                List<Long> some = products.subList(from, Math.min(products.size(), from + GOODS_AT_A_TIME));
                for (Priced goods : inOrder(some)) {
                    sheet.add(
                            goods.now().item().sku(),
                            goods.now().item().name(),
                            goods.now().kept(),
                            picked.lines());
                }
            }
        }
    }

    private List<Priced> inOrder(List<Long> products) {
        List<Priced> found = prices.of(products);
        Map<Long, Integer> places = new HashMap<>();
        for (int i = 0; i < products.size(); i++) {
            places.put(products.get(i), i);
        }
        return found.stream()
                .sorted(Comparator.comparing(one -> places.get(one.productId())))
                .toList();
    }
}
