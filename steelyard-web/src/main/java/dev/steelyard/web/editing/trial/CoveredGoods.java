package dev.steelyard.web.editing.trial;

import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What a card covers now: whole products, and single variants of others.
 *
 * @param shown the first of them
 * @param more how many there are beside
 * @param words “3 products”, “2 variants of 1 product”; empty for none
 */
public record CoveredGoods(List<One> shown, int more, String words) {

    private static final int MOST_SHOWN = 60;

    /** Goods that are covered. */
    public record One(String sku, String name, String shelfPrice) {}

    /** Of a card: products of which it covers something. */
    public static CoveredGoods of(Covers covers, List<Product> covered, Subject subject) {
        return of(covers::covers, covered, subject);
    }

    /** Of a set of goods. */
    public static CoveredGoods of(GoodsSet set, Subject subject) {
        List<Product> products =
                subject.directory().items(set).map(Item::product).distinct().toList();
        return of(set::has, products, subject);
    }

    private static CoveredGoods of(Predicate<Item> covers, List<Product> covered, Subject subject) {
        int decimals = subject.shop().rules().rounding().unitPriceDecimals();
        List<One> shown = new ArrayList<>();
        int whole = 0;
        int variants = 0;
        for (Product product : covered) {
            List<Item> meant = product.items().stream().filter(covers).toList();
            if (meant.size() == product.items().size()) {
                whole++;
                show(shown, product.sku().value(), product.name(), product.shelfPrice(), decimals);
            } else {
                variants += meant.size();
                meant.forEach(item -> show(shown, item.sku().value(), item.name(), item.shelfPrice(), decimals));
            }
        }
        int parted = covered.size() - whole;
        String part =
                parted == 0 ? "" : (variants == 1 ? "1 variant of " : variants + " variants of ") + products(parted);
        String words = covered.isEmpty()
                ? ""
                : part.isEmpty() ? products(whole) : whole == 0 ? part : products(whole) + " and " + part;
        return new CoveredGoods(List.copyOf(shown), whole + variants - shown.size(), words);
    }

    private static void show(List<One> shown, String sku, String name, @Nullable BigDecimal price, int decimals) {
        if (shown.size() < MOST_SHOWN) {
            shown.add(new One(sku, name, price == null ? "" : Decimals.plain(price, decimals)));
        }
    }

    private static String products(int count) {
        return count == 1 ? "1 product" : count + " products";
    }
}
