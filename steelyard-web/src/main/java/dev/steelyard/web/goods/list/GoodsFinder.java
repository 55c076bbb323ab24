package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.shop.Shops;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finds the goods that fit a filter. Cheap questions are asked before dear ones. */
@Component
class GoodsFinder {

    private final CountedFindings findings;
    private final Shops shops;

    GoodsFinder(CountedFindings findings, Shops shops) {
        this.findings = findings;
        this.shops = shops;
    }

    Predicate<SoldProduct> matching(GoodsFilter filter, BookInForce book) {
        Predicate<SoldProduct> all = one -> true;
        all = and(all, traits(filter));
        if (filter.least() != null || filter.most() != null) {
            all = and(all, one -> priceBetween(one.product(), filter.least(), filter.most()));
        }
        if (!filter.find().isEmpty()) {
            String[] words = SoldProduct.folded(filter.find()).split("\\s+");
            all = and(all, one -> hasAll(one.words(), words));
        }
        if (!filter.group().isEmpty()) {
            all = and(all, one -> hasRowsFor(one.product(), filter.group()));
        }
        if (!filter.card().isEmpty()) {
            all = and(all, pricedBy(filter.card(), book));
        }
        if (filter.findings()) {
            LocalDate today = shops.today();
            all = and(all, one -> findings.of(one, book.shop(), today) > 0);
        }
        return all;
    }

    /** All that fit, by name. */
    List<SoldProduct> find(GoodsFilter filter, GoodsShelf shelf) {
        return shelf.sorted(GoodsOrder.NAME).stream()
                .filter(matching(filter, shelf.book()))
                .toList();
    }

    private static Predicate<SoldProduct> and(Predicate<SoldProduct> one, Predicate<SoldProduct> other) {
        return one.and(other);
    }

    private static Predicate<SoldProduct> traits(GoodsFilter filter) {
        return one -> {
            Traits traits = one.product().traits();
            return has(traits.categories(), filter.category())
                    && has(traits.brand(), filter.brand())
                    && has(traits.type(), filter.type())
                    && has(traits.supplier(), filter.supplier())
                    && has(traits.tags(), filter.tag());
        };
    }

    private static boolean has(Set<String> values, String asked) {
        return asked.isEmpty() || values.contains(asked);
    }

    private static boolean hasAll(String words, String[] asked) {
        for (String word : asked) {
            if (!words.contains(word)) {
                return false;
            }
        }
        return true;
    }

    private static boolean priceBetween(Product product, @Nullable BigDecimal least, @Nullable BigDecimal most) {
        return product.items().stream()
                .map(Item::shelfPrice)
                .anyMatch(price -> price != null
                        && (least == null || price.compareTo(least) >= 0)
                        && (most == null || price.compareTo(most) <= 0));
    }

    private static boolean hasRowsFor(Product product, String group) {
        return isFor(product.ownRows(), group)
                || product.variants().stream().map(Variant::ownRows).anyMatch(rows -> isFor(rows, group));
    }

    private static boolean isFor(@Nullable PriceRows rows, String group) {
        return rows != null && rows.breaks().stream().anyMatch(row -> group.equals(row.group()));
    }

    private Predicate<SoldProduct> pricedBy(String card, BookInForce book) {
        boolean shelf = card.equals(GoodsFilter.BY_SHELF_PRICE);
        Set<PreparedCard> versions = Collections.newSetFromMap(new IdentityHashMap<>());
        for (CardInForce one : book.cards()) {
            if (shelf || card.equals("" + one.id())) {
                versions.add(one.card());
            }
        }
        ZonedDateTime now = shops.now();
        return one -> one.product().items().stream()
                .anyMatch(item -> versions.contains(book.book().cardFor(item.sku(), Customer.EVERYONE, now)) != shelf);
    }
}
