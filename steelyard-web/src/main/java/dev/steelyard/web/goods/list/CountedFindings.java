package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.PriceFindings;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.shop.Shop;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * How many findings goods have in their own prices. Counted once for prices that stay as they are: a product that was not
 * changed is the same object in the next price book.
 */
@Component
class CountedFindings {

    private final Map<Long, Known> known = new ConcurrentHashMap<>();

    private record Known(Product product, LocalDate day, @Nullable BigDecimal margin, int count) {}

    int of(SoldProduct one, Shop shop, LocalDate day) {
        Known there = known.get(one.id());
        if (there != null
                && there.product() == one.product()
                && there.day().equals(day)
                && Objects.equals(there.margin(), shop.smallestMargin())) {
            return there.count();
        }
        int count = count(one.product(), shop, day);
        known.put(one.id(), new Known(one.product(), day, shop.smallestMargin(), count));
        return count;
    }

    private static int count(Product product, Shop shop, LocalDate day) {
        Set<Finding> found = new HashSet<>();
        for (Item item : product.items()) {
            found.addAll(new PriceFindings(shop.rules().roundingFor(item), shop.smallestMargin()).of(item, day));
        }
        return found.size();
    }
}
