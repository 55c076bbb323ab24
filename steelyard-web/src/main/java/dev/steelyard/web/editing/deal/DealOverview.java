package dev.steelyard.web.editing.deal;

import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.format.Documents;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Kind;
import dev.steelyard.web.editing.draft.Release;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.shop.Shops;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** All deals in their order, each with how it stands and what is odd about it. */
@Component
public class DealOverview {

    private final Drafts drafts;
    private final Releases releases;
    private final DealStandings standings;
    private final DealPages pages;
    private final Shops shops;
    private final Books books;

    DealOverview(Drafts drafts, Releases releases, DealStandings standings, DealPages pages, Shops shops, Books books) {
        this.drafts = drafts;
        this.releases = releases;
        this.standings = standings;
        this.pages = pages;
        this.shops = shops;
        this.books = books;
    }

    public List<DealLine> lines() {
        Subject subject = Subject.of(shops, books);
        BookInForce book = books.inForce();
        Map<Long, Standing> all = releases.all(Kind.DEAL);
        return drafts.inOrder(Kind.DEAL).stream()
                .map(draft -> line(draft, Objects.requireNonNull(all.get(draft.id())), subject, book))
                .toList();
    }

    private DealLine line(Draft draft, Standing standing, Subject subject, BookInForce book) {
        Documents.DealReading reading =
                Documents.readDeal(draft.document().root(), subject.shop().zone());
        Deal deal = Objects.requireNonNull(reading.deal());
        List<String> warnings = reading.issues().isEmpty()
                ? pages.findings(deal, draft.id(), book, subject).stream()
                        .filter(finding -> finding.code().severity() != Finding.Severity.NOTE)
                        .map(finding -> finding.code().title() + ": " + finding.message())
                        .toList()
                : List.of();
        return new DealLine(
                draft.id(),
                draft.name(),
                DealStart.of(draft.document().text("/kind"))
                        .map(DealStart::title)
                        .orElse(""),
                DealSentence.text(deal, draft.document(), book.book()),
                DealSummaries.who(deal.conditions()),
                deal.combine() == Deal.Combine.STANDS_ALONE,
                standings.of(standing, draft.id(), draft.number()),
                reading.issues().size(),
                warnings,
                standing.coming().isEmpty() ? "" : planned(standing.coming().get(0), subject),
                Show.moment(draft.changedAt(), subject.shop().zone()) + " by " + draft.changedBy());
    }

    private static String planned(Release next, Subject subject) {
        return "version " + next.number() + " begins on "
                + Show.moment(next.starts(), subject.shop().zone());
    }
}
