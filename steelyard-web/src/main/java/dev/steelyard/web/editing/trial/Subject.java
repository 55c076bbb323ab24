package dev.steelyard.web.editing.trial;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a card is tried on: the shop with its groups and goods.
 *
 * @param margins to be kept
 * @param directory all goods that are sold
 */
public record Subject(
        Shop shop, Margins margins, List<CustomerGroup> groups, GoodsDirectory directory, LocalDate today) {

    /** Where the shop's own margin is the only one, and no tax is reckoned. */
    public Subject(Shop shop, List<CustomerGroup> groups, GoodsDirectory directory, LocalDate today) {
        this(shop, Margins.of(shop.smallestMargin()), groups, directory, today);
    }

    /** Goods that a field lists to be picked from; where there are more, they are found as one types. */
    public static final int MOST_LISTED = 300;

    public static Subject of(Shops shops, Books books) {
        BookInForce book = books.inForce();
        return new Subject(book.shop(), book.margins(), shops.groups(), book.directory(), shops.today());
    }

    public List<Product> goods() {
        return directory.all();
    }

    /** Whether there are so many goods that fields do not list them. */
    public boolean hasMany() {
        return goods().size() > MOST_LISTED;
    }

    public List<String> groupNames() {
        return groups.stream().map(CustomerGroup::name).toList();
    }

    /** What products are called, by their SKU; for shops with few. */
    public Map<String, String> names() {
        return directory.names();
    }

    /** What a product or variant of a SKU is called; the SKU itself where there is none. */
    public String called(String sku) {
        Item item = directory.item(sku);
        String product = directory.name(sku);
        return product != null ? product : item == null ? sku : item.name();
    }

    /** The goods a card covers, by name. */
    public List<Product> covered(RateCard card) {
        return directory.covered(card.covers()).toList();
    }

    /** What a SKU orders. */
    @Nullable
    public Item item(String sku) {
        return directory.item(sku);
    }
}
