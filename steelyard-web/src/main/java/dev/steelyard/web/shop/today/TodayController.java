package dev.steelyard.web.shop.today;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.DraftRequests;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.list.Line;
import dev.steelyard.web.editing.list.Listing;
import dev.steelyard.web.goods.list.OddGoods;
import dev.steelyard.web.shop.Noticed;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.ChangeLine;
import dev.steelyard.web.shop.history.Changes;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The first page: where am I needed? */
@Controller
class TodayController {

    private static final int MOST_CHANGES = 8;
    private static final int MOST_GOODS = 5;
    private static final int MOST_WAITING = 20;

    private final List<Listing> listings;
    private final Drafts drafts;
    private final Releases releases;
    private final Changes changes;
    private final Books books;
    private final Shops shops;
    private final OddGoods oddGoods;
    private final DatedRows dated;
    private final Unpriced unpriced;
    private final LeftToDo left;
    private final DraftRequests requests;
    private final List<Noticed> noticed;

    TodayController(
            List<Listing> listings,
            Drafts drafts,
            Releases releases,
            Changes changes,
            Books books,
            Shops shops,
            OddGoods oddGoods,
            DatedRows dated,
            Unpriced unpriced,
            LeftToDo left,
            DraftRequests requests,
            List<Noticed> noticed) {
        this.noticed = noticed;
        this.dated = dated;
        this.unpriced = unpriced;
        this.requests = requests;
        this.listings = listings;
        this.drafts = drafts;
        this.releases = releases;
        this.changes = changes;
        this.books = books;
        this.shops = shops;
        this.oddGoods = oddGoods;
        this.left = left;
    }

    @GetMapping("/today")
    String today(Model model) {
        List<Line> lines =
                listings.stream().flatMap(listing -> listing.lines().stream()).toList();
        BookInForce book = books.inForce();
        model.addAttribute("day", Show.day(shops.today()));
        List<Needed> needed = lines.stream().map(Needed::of).toList();
        ZoneId zone = book.shop().zone();
        Stream<Needed> prices =
                drafts.waiting(DraftKind.ROWS, MOST_WAITING).stream().map(waiting -> Needed.of(waiting, zone));
        model.addAttribute(
                "drafts",
                Stream.concat(needed.stream().filter(Needed::isDraft), prices).toList());
        model.addAttribute(
                "failing",
                lines.stream()
                        .filter(line ->
                                !line.failing().isEmpty() || !line.failingLive().isEmpty())
                        .toList());
        model.addAttribute("odd", needed.stream().filter(Needed::isOdd).toList());
        List<OddGoods.Odd> goods = oddGoods.of(book);
        model.addAttribute("oddGoods", goods.subList(0, Math.min(MOST_GOODS, goods.size())));
        model.addAttribute("oddGoodsCount", goods.size());
        model.addAttribute("soon", Soon.of(book, releases.planned(DraftKind.ROWS), dated.of(book), shops.now()));
        model.addAttribute("live", live(lines, DraftKind.CARD));
        model.addAttribute(
                "cards",
                lines.stream().filter(line -> line.kind() == DraftKind.CARD).count());
        model.addAttribute("deals", live(lines, DraftKind.DEAL));
        model.addAttribute("goods", book.goods().size());
        model.addAttribute(
                "asked", requests.all().stream().map(one -> Asked.of(one, zone)).toList());
        model.addAttribute(
                "notices",
                noticed.stream().flatMap(one -> one.notices().stream()).toList());
        model.addAttribute("left", left.items());
        model.addAttribute("unpriced", unpriced.of(book, shops.now()));
        model.addAttribute(
                "changes",
                changes.latestOfTheShop(MOST_CHANGES).stream()
                        .map(entry -> ChangeLine.of(entry, zone))
                        .toList());
        return "today/today";
    }

    /** A draft that somebody asked for. */
    record Asked(String name, String live, String by, String at, String why) {

        static Asked of(DraftRequests.Request one, ZoneId zone) {
            String own = one.kind() == DraftKind.ROWS ? ", own prices" : "";
            return new Asked(
                    one.name() + own,
                    "/" + one.kind().where() + "/" + one.draft() + "/live",
                    one.by(),
                    Show.moment(one.at(), zone),
                    one.why());
        }
    }

    private static long live(List<Line> lines, DraftKind kind) {
        return lines.stream()
                .filter(line -> line.kind() == kind && line.standing().state().equals("live"))
                .count();
    }
}
