package dev.steelyard.web.editing.deal;

import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.format.Documents;
import dev.steelyard.web.base.page.KeptAnswers;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.list.Line;
import dev.steelyard.web.editing.live.Standings;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** All deals in their order, each with how it stands and what is odd about it. */
@Component
class DealOverview {

    private final Drafts drafts;
    private final Releases releases;
    private final Standings standings;
    private final DealEditor pages;
    private final Shops shops;
    private final Books books;

    private final KeptAnswers<Long, List<Finding>> kept = new KeptAnswers<>();

    private record MadeOf(Deal deal, PriceBook book, Shop shop, ZonedDateTime hour) {}

    DealOverview(Drafts drafts, Releases releases, Standings standings, DealEditor pages, Shops shops, Books books) {
        this.drafts = drafts;
        this.releases = releases;
        this.standings = standings;
        this.pages = pages;
        this.shops = shops;
        this.books = books;
    }

    List<Line> lines() {
        Subject subject = Subject.of(shops, books);
        BookInForce book = books.inForce();
        Map<Long, Standing> all = releases.all(DraftKind.DEAL);
        return drafts.inOrder(DraftKind.DEAL).stream()
                .map(draft -> line(draft, Objects.requireNonNull(all.get(draft.id())), subject, book))
                .toList();
    }

    private Line line(Draft draft, Standing standing, Subject subject, BookInForce book) {
        Documents.DealReading reading =
                Documents.readDeal(draft.document().root(), subject.shop().zone());
        Deal deal = Objects.requireNonNull(reading.deal());
        List<String> warnings = reading.issues().isEmpty()
                ? kept
                        .of(
                                draft.id(),
                                new MadeOf(
                                        deal,
                                        book.book(),
                                        book.shop(),
                                        shops.now().truncatedTo(ChronoUnit.HOURS)),
                                () -> pages.findings(deal, draft.id(), book, subject))
                        .stream()
                        .filter(finding -> finding.code().severity() != Finding.Severity.NOTE)
                        .map(finding -> FindingLine.words(finding))
                        .toList()
                : List.of();
        DraftDocument seen = drafts.seen(draft, standing.liveNumber());
        Deal told = seen == draft.document()
                ? deal
                : Objects.requireNonNull(
                        Documents.readDeal(seen.root(), subject.shop().zone()).deal());
        return Line.of(
                draft,
                DraftKind.DEAL,
                standing,
                standings.of(standing, draft.id(), draft.number()),
                DealSentence.text(told, seen, book.book()),
                reading.issues().size(),
                warnings,
                List.of(),
                List.of(),
                subject.shop().zone(),
                new More(DealSummaries.who(told.conditions()), told.combine() == Deal.Combine.STANDS_ALONE));
    }

    /**
     * What the list has of a deal beside.
     *
     * @param who for whom and when
     * @param alone whether it stands alone
     */
    record More(String who, boolean alone) {}
}
