package dev.steelyard.web.goods.list;

import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.shop.Shops;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;

/** Goods whose own prices have findings. */
@Component
public class OddGoods {

    private final CountedFindings findings;
    private final Shops shops;

    OddGoods(CountedFindings findings, Shops shops) {
        this.findings = findings;
        this.shops = shops;
    }

    /** One of them. */
    public record Odd(long id, String name, int findings) {}

    /** All of a book, by name. */
    public List<Odd> of(BookInForce book) {
        LocalDate today = shops.today();
        return book.sold().stream()
                .map(one -> odd(one, book, today))
                .filter(one -> one.findings() > 0)
                .toList();
    }

    private Odd odd(SoldProduct one, BookInForce book, LocalDate today) {
        return new Odd(one.id(), one.product().name(), findings.of(one, book.shop(), today));
    }
}
