package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.shop.Shops;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finds the goods that fit a filter. Cheap questions are asked before dear ones. */
@Component
class GoodsFinder {

    /** Where more than one in so many of all fit, all are gone through in their order and not those that fit sorted. */
    private static final int MANY = 20;

    private final CountedFindings findings;
    private final Shops shops;

    GoodsFinder(CountedFindings findings, Shops shops) {
        this.findings = findings;
        this.shops = shops;
    }

    /** All that fit, in an order, upwards. */
    List<SoldProduct> find(GoodsFilter filter, GoodsShelf shelf, GoodsOrder order) {
        SharedList<SoldProduct> all = shelf.sorted(order);
        if (filter.isOpen()) {
            return all;
        }
        List<SoldProduct> byName = filter.isByTraits() ? shelf.all(traits(filter)) : matching(filter, shelf);
        if (order == GoodsOrder.NAME) {
            return byName;
        } else if (byName.size() < all.size() / MANY) {
            return byName.stream().sorted(order.comparator(false)).toList();
        }
        Set<SoldProduct> found = Collections.newSetFromMap(new IdentityHashMap<>(byName.size()));
        found.addAll(byName);
        return all.stream().filter(found::contains).toList();
    }

    private List<SoldProduct> matching(GoodsFilter filter, GoodsShelf shelf) {
        return likely(filter, shelf).filter(matching(filter, shelf.book())).toList();
    }

    /** Those among which all that fit are, by name: found by what they say or are where that is asked, without looking at all. */
    private Stream<SoldProduct> likely(GoodsFilter filter, GoodsShelf shelf) {
        if (filter.findings()) {
            return findings.all(shelf.book(), shops.today()).stream().map(CountedFindings.Counted::one);
        }
        return filter.find().isEmpty()
                ? shelf.all(traits(filter)).stream()
                : shelf.book().assortment().saying(filter.find());
    }

    private Predicate<SoldProduct> matching(GoodsFilter filter, BookInForce book) {
        // where goods are found by what they are, nothing is left to be asked of each
        boolean byTraits = !filter.findings() && filter.find().isEmpty();
        GoodsRule traits = byTraits ? GoodsRule.EVERYTHING : traits(filter);
        Predicate<SoldProduct> all = one -> traits.fits(one.product());
        if (filter.least() != null || filter.most() != null) {
            all = all.and(one -> priceBetween(one.product(), filter.least(), filter.most()));
        }
        if (filter.findings() && !filter.find().isEmpty()) {
            Set<SoldProduct> saying = Collections.newSetFromMap(new IdentityHashMap<>());
            book.assortment().saying(filter.find()).forEach(saying::add);
            all = all.and(saying::contains);
        }
        if (!filter.group().isEmpty()) {
            all = all.and(one -> hasRowsFor(one.product(), filter.group()));
        }
        if (!filter.card().isEmpty()) {
            all = all.and(pricedBy(filter.card(), book));
        }
        return all;
    }

    private static GoodsRule traits(GoodsFilter filter) {
        List<GoodsRule> rules = new ArrayList<>();
        add(Attribute.CATEGORY, filter.category(), rules);
        add(Attribute.BRAND, filter.brand(), rules);
        add(Attribute.TYPE, filter.type(), rules);
        add(Attribute.SUPPLIER, filter.supplier(), rules);
        add(Attribute.TAG, filter.tag(), rules);
        return rules.isEmpty() ? GoodsRule.EVERYTHING : new GoodsRule.All(rules);
    }

    private static void add(Attribute attribute, String asked, List<GoodsRule> to) {
        if (!asked.isEmpty()) {
            to.add(new GoodsRule.Is(attribute, Set.of(asked)));
        }
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
