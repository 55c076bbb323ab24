package dev.steelyard.web.goods.list;

import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import java.util.List;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Goods whose own prices have findings. */
@Component
public class OddGoods {

    private final CountedFindings findings;
    private final Shops shops;
    private final Books books;

    OddGoods(CountedFindings findings, Shops shops, Books books) {
        this.findings = findings;
        this.books = books;
        this.shops = shops;
    }

    /** One of them. */
    public record Odd(long id, String name, int findings) {}

    /** All of a book, by name. */
    public List<Odd> of(BookInForce book) {
        return findings.all(book, shops.today()).stream()
                .map(odd -> new Odd(odd.one().id(), odd.one().product().name(), odd.count()))
                .toList();
    }

    /** Looks ahead, so that nobody waits for it: after a start or at midnight all goods are gone through. */
    @Scheduled(initialDelayString = "30s", fixedDelayString = "60s")
    void ahead() {
        BookInForce book = books.held();
        if (book != null) {
            findings.all(book, shops.today());
        }
    }
}
