package dev.steelyard.web.goods.list;

import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The goods made ready for lists, once for each price book. */
@Component
class GoodsShelves {

    private final Books books;
    private volatile @Nullable GoodsShelf held;

    GoodsShelves(Books books) {
        this.books = books;
    }

    GoodsShelf now() {
        BookInForce book = books.inForce();
        GoodsShelf shelf = held;
        if (shelf == null || shelf.book() != book) {
            shelf = shelf == null ? GoodsShelf.of(book) : shelf.next(book);
            held = shelf;
        }
        return shelf;
    }
}
