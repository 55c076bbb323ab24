package dev.steelyard.web.selling.counter;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.OpenBaskets;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Prices open baskets as they are, and as they would be. */
@Component
class ComparedBaskets implements OpenBaskets {

    private final Baskets baskets;
    private final Books books;
    private final JdbcTemplate sql;

    ComparedBaskets(Baskets baskets, Books books, JdbcTemplate sql) {
        this.baskets = baskets;
        this.books = books;
        this.sql = sql;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Compared> under(@Nullable TaxRules then, int most) {
        BookInForce now = books.inForce();
        BookInForce other = new BookInForce(
                now.shop(),
                now.assortment(),
                now.cards(),
                now.deals(),
                now.margins(),
                now.groups(),
                now.categories(),
                now.book().withTax(then));
        return sql
                .queryForList(
                        "select b.token from basket b where exists (select 1 from basket_line l where l.basket_id = b.id)"
                                + " order by b.touched_at desc limit " + most,
                        String.class)
                .stream()
                .map(token -> {
                    Shopper shopper = baskets.shopper(token, now);
                    return new Compared(
                            shopper.picked().size(),
                            toPay(PricedPicks.of(shopper, now).basket()),
                            toPay(PricedPicks.of(shopper, other).basket()));
                })
                .toList();
    }

    private static @Nullable BigDecimal toPay(PricedBasket basket) {
        Money sum = basket.sellable() ? basket.toPay() : null;
        return sum == null ? null : sum.value();
    }
}
