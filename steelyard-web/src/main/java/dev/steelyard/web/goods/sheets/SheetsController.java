package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.goods.batch.Batch;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of sheets, and prices taken out. */
@Controller
class SheetsController {

    private final SheetsPage page;
    private final TakeOut takeOut;
    private final Books books;

    SheetsController(SheetsPage page, TakeOut takeOut, Books books) {
        this.page = page;
        this.takeOut = takeOut;
        this.books = books;
    }

    @GetMapping("/sheets")
    String list(@RequestParam(defaultValue = "SHEET") Batch.Origin of, Model model) {
        return page.fill(model, of, "");
    }

    /** The prices of everything that is sold. Sheets of picked goods are taken out where they are picked. */
    @GetMapping("/sheets/out")
    void out(
            @RequestParam(defaultValue = "XLSX") TableKind kind,
            @RequestParam(defaultValue = "POINT") CsvForm form,
            @RequestParam(defaultValue = "false") boolean shelf,
            @RequestParam(defaultValue = "false") boolean everyone,
            @RequestParam(defaultValue = "") Set<String> group,
            HttpServletResponse response)
            throws IOException {
        BookInForce book = books.inForce();
        List<Long> all = book.sold().stream().map(SoldProduct::id).toList();
        response.setContentType(kind.mediaType());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment("prices", "prices", kind.ending()));
        takeOut.write(all, new TakeOut.Picked(shelf, everyone, group), kind, form, response.getOutputStream());
    }
}
