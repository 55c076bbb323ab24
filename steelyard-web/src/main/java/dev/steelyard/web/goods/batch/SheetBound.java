package dev.steelyard.web.goods.batch;

import dev.steelyard.core.replay.Assumption;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.replay.DearerBound;
import dev.steelyard.web.sold.replay.Replays;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Holds what is to be applied, whoever brought it, against the shop's bound on dearer orders, where it has one. */
@Component
class SheetBound {

    private final Replays replays;
    private final Books books;
    private final Shops shops;

    SheetBound(Replays replays, Books books, Shops shops) {
        this.replays = replays;
        this.books = books;
        this.shops = shops;
    }

    /** Why a job may not apply it; none where it may. */
    @Nullable
    String stop(Batch batch, BatchJob job) {
        BookInForce book = books.inForce();
        BigDecimal bound = book.shop().bounds().dearest();
        if (bound == null || batch.state() != BatchState.READY) {
            return null;
        }
        Which which = DearerBound.orders(book.shop(), shops.today());
        return replays.atOnce(
                        job.tried(batch.id(), book),
                        new Replays.Terms(which, Assumption.SAME, bound),
                        Integer.MAX_VALUE)
                .map(result -> DearerBound.stop(result, bound, book.shop().minorDigits()))
                .orElse(null);
    }
}
