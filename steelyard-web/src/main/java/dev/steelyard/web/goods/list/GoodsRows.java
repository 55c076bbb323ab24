package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Traits;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.ListedPrices;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Component;

/** Makes the rows of a page of goods. */
@Component
class GoodsRows {

    private final ListedPrices prices;
    private final CountedFindings findings;
    private final Shops shops;
    private final Books books;

    GoodsRows(ListedPrices prices, CountedFindings findings, Shops shops, Books books) {
        this.books = books;
        this.prices = prices;
        this.findings = findings;
        this.shops = shops;
    }

    List<GoodsRow> of(List<SoldProduct> goods, Shop shop) {
        LocalDate today = shops.today();
        BookInForce book = books.inForce();
        return goods.stream().map(one -> row(one, shop, book, today)).toList();
    }

    private GoodsRow row(SoldProduct one, Shop shop, BookInForce book, LocalDate today) {
        Product product = one.product();
        Traits traits = product.traits();
        int decimals = product.unitPriceDecimals() != null
                ? product.unitPriceDecimals()
                : shop.rules().rounding().unitPriceDecimals();
        return new GoodsRow(
                one.id(),
                product.name(),
                one.picture(),
                product.sku().value(),
                String.join(", ", one.categories()),
                joined(traits.brand()),
                joined(traits.type()),
                joined(traits.supplier()),
                joined(traits.tags()),
                product.shelfPrice() == null ? null : Show.money(product.shelfPrice(), decimals),
                product.variants().size(),
                prices.of(product),
                product.items().stream().anyMatch(item -> item.ownRows() != null),
                findings.of(one, book, today),
                Show.day(one.changedAt().atZone(shop.zone()).toLocalDate()));
    }

    private static String joined(Collection<String> names) {
        return String.join(", ", names.stream().sorted().toList());
    }
}
