package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.pricelist.PriceListWriter;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.shop.Shops;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What other programs read: all cards and deals in the open format, and a price list with schema.org's words. */
@Controller
class OpenFilesController {

    private final Drafts drafts;
    private final Books books;
    private final Shops shops;
    private final JsonMapper mapper;

    private final Reductions reductions;

    OpenFilesController(Drafts drafts, Books books, Shops shops, JsonMapper mapper, Reductions reductions) {
        this.reductions = reductions;
        this.drafts = drafts;
        this.books = books;
        this.shops = shops;
        this.mapper = mapper;
    }

    /** As they are drafted, in their orders. */
    @GetMapping("/sheets/cards.json")
    void cards(HttpServletResponse response) throws IOException {
        ObjectNode all = mapper.createObjectNode();
        for (DraftKind kind : List.of(DraftKind.CARD, DraftKind.DEAL)) {
            ArrayNode list = all.putArray(kind == DraftKind.CARD ? "cards" : "deals");
            drafts.inOrder(kind).forEach(draft -> list.add(draft.document().root()));
        }
        begin(response, MediaType.APPLICATION_JSON_VALUE, "cards and deals", "json");
        mapper.writerWithDefaultPrettyPrinter().writeValue(response.getOutputStream(), all);
    }

    /** What everyone pays now. */
    @GetMapping("/sheets/price-list.jsonld")
    void priceList(HttpServletResponse response) throws IOException {
        BookInForce book = books.inForce();
        begin(response, "application/ld+json", "price list", "jsonld");
        new PriceListWriter(book.book(), shops.now())
                .naming(reductions::lowest)
                .write(book.shop().name(), book.goods(), response.getOutputStream());
    }

    private static void begin(HttpServletResponse response, String type, String name, String ending) {
        response.setContentType(type);
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment(name, name, ending));
    }
}
