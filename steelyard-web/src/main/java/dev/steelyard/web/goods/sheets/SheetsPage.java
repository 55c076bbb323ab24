package dev.steelyard.web.goods.sheets;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchLine;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.shop.Shops;
import java.time.ZoneId;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The page of all sheets: taken out, read in, and all that were. */
@Component
class SheetsPage {

    private static final int MOST_LISTED = 100;

    private final Batches batches;
    private final Books books;
    private final Shops shops;

    SheetsPage(Batches batches, Books books, Shops shops) {
        this.batches = batches;
        this.books = books;
        this.shops = shops;
    }

    /** @param fault what is wrong with a file that was sent; empty for nothing */
    String fill(Model model, Batch.Origin picked, String fault) {
        ZoneId zone = shops.current().zone();
        model.addAttribute("fault", fault);
        model.addAttribute("picked", picked.name());
        model.addAttribute(
                "batches",
                batches.latest(MOST_LISTED).stream()
                        .map(batch -> BatchLine.of(batch, zone))
                        .toList());
        model.addAttribute("groups", shops.groups());
        model.addAttribute("hasGoods", !books.inForce().goods().isEmpty());
        model.addAttribute("goods", Show.whole(books.inForce().goods().size()));
        return "sheets/list";
    }
}
