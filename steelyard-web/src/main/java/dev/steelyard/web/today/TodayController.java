package dev.steelyard.web.today;

import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.cards.page.CardOverview;
import dev.steelyard.web.history.ChangeLine;
import dev.steelyard.web.history.Changes;
import dev.steelyard.web.kept.Drafts;
import dev.steelyard.web.kept.Kind;
import dev.steelyard.web.page.Show;
import dev.steelyard.web.shop.Shops;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The first page: where am I needed? */
@Controller
class TodayController {

    private static final int MOST_CHANGES = 8;

    private final Drafts cards;
    private final CardOverview overview;
    private final Changes changes;
    private final Books books;
    private final Shops shops;

    TodayController(Drafts cards, CardOverview overview, Changes changes, Books books, Shops shops) {
        this.cards = cards;
        this.overview = overview;
        this.changes = changes;
        this.books = books;
        this.shops = shops;
    }

    @GetMapping("/today")
    String today(Model model) {
        List<CardOverview.Line> lines = overview.lines(cards.inOrder(Kind.CARD));
        BookInForce book = books.inForce();
        model.addAttribute("day", Show.day(shops.today()));
        model.addAttribute(
                "drafts",
                lines.stream()
                        .filter(line -> line.standing().waits() || line.isNew())
                        .toList());
        model.addAttribute(
                "failing",
                lines.stream()
                        .filter(line ->
                                !line.failing().isEmpty() || !line.failingLive().isEmpty())
                        .toList());
        model.addAttribute(
                "odd",
                lines.stream()
                        .filter(line -> line.wrong() > 0 || !line.warnings().isEmpty())
                        .toList());
        model.addAttribute("soon", Soon.of(book, shops.now()));
        model.addAttribute(
                "live",
                lines.stream()
                        .filter(line -> line.standing().state().equals("live"))
                        .count());
        model.addAttribute("cards", lines.size());
        model.addAttribute("goods", book.goods().size());
        model.addAttribute("unpriced", Unpriced.of(book, shops.now()));
        model.addAttribute(
                "changes",
                changes.latest(null, null, "", null, MOST_CHANGES).stream()
                        .map(entry -> ChangeLine.of(entry, book.shop().zone()))
                        .toList());
        return "today/today";
    }
}
