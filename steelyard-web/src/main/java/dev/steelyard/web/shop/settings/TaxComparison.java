package dev.steelyard.web.shop.settings;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.OpenBaskets;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.Taxes;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * What shoppers would pay if prices stood otherwise to tax: one piece each of the goods sold most, else of the first, and the
 * baskets that are open. Goods whose price follows from answers are left out; baskets have theirs.
 */
@Component
class TaxComparison {

    private static final int GOODS = 20;
    private static final int LOOKED_AT = 200;
    private static final int BASKETS = 10;

    private final Books books;
    private final Taxes taxes;
    private final List<OpenBaskets> baskets;
    private final JdbcTemplate sql;
    private final Shops shops;

    TaxComparison(Books books, Taxes taxes, List<OpenBaskets> baskets, JdbcTemplate sql, Shops shops) {
        this.shops = shops;
        this.books = books;
        this.taxes = taxes;
        this.baskets = baskets;
        this.sql = sql;
    }

    /** One of the goods, or a basket. */
    record Row(String name, String now, String then, boolean differs) {}

    /** Both tables. */
    record Compared(List<Row> goods, List<Row> baskets) {}

    Compared of(Taxes.Setting wanted) {
        BookInForce book = books.inForce();
        TaxRules then = taxes.rules(wanted);
        PriceBook other = book.book().withTax(then);
        Occasion home = Occasion.of(new Customer(null, false, false, book.shop().homeCountry()), shops.now());
        List<Row> goods = new ArrayList<>();
        for (String sku : skus(book)) {
            Money before = toPay(book.book(), sku, home);
            Money after = toPay(other, sku, home);
            if (before != null && after != null && goods.size() < GOODS) {
                goods.add(row(name(book, sku), before.value(), after.value(), book));
            }
        }
        List<Row> open = new ArrayList<>();
        baskets.forEach(all -> all.under(then, BASKETS)
                .forEach(one -> open.add(row(
                        one.lines() == 1 ? "a basket with 1 line" : "a basket with " + one.lines() + " lines",
                        one.now(),
                        one.then(),
                        book))));
        return new Compared(goods, open);
    }

    private static Row row(String name, @Nullable BigDecimal now, @Nullable BigDecimal then, BookInForce book) {
        int digits = book.shop().minorDigits();
        String before = now == null ? "cannot be ordered" : Show.money(now, digits);
        String after = then == null ? "cannot be ordered" : Show.money(then, digits);
        return new Row(name, before, after, !before.equals(after));
    }

    private static String name(BookInForce book, String sku) {
        return book.book().product(new Sku(sku)).map(product -> product.name()).orElse(sku) + ", " + sku;
    }

    private Set<String> skus(BookInForce book) {
        Set<String> skus = new LinkedHashSet<>(sql.queryForList(
                "select sku from order_line group by sku order by sum(quantity) desc, sku limit " + LOOKED_AT,
                String.class));
        book.goods().stream()
                .limit(LOOKED_AT)
                .flatMap(product -> product.items().stream())
                .forEach(item -> skus.add(item.sku().value()));
        return skus;
    }

    private static @Nullable Money toPay(PriceBook book, String sku, Occasion home) {
        PricedBasket basket = book.basket(List.of(new OrderLine(new Sku(sku), 1)), home);
        return basket.sellable() ? basket.toPay() : null;
    }
}
