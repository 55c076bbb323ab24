package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.format.Documents;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Kind;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.live.CardStates;
import dev.steelyard.web.editing.live.Comparison;
import dev.steelyard.web.editing.live.Gate;
import dev.steelyard.web.editing.live.LivePage;
import dev.steelyard.web.editing.live.LiveShown;
import dev.steelyard.web.editing.live.LiveWords;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.web.editing.words.PlaceWords;
import dev.steelyard.web.shop.Shops;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page on which a deal's draft becomes what shoppers see. */
@Component
class DealLivePages implements LiveShown {

    private static final int MOST_SAID = 8;

    private final Drafts drafts;
    private final Releases releases;
    private final DealPages pages;
    private final DealOrder order;
    private final DealStandings standings;
    private final Shops shops;
    private final Books books;

    DealLivePages(
            Drafts drafts,
            Releases releases,
            DealPages pages,
            DealOrder order,
            DealStandings standings,
            Shops shops,
            Books books) {
        this.drafts = drafts;
        this.releases = releases;
        this.pages = pages;
        this.order = order;
        this.standings = standings;
        this.shops = shops;
        this.books = books;
    }

    /** A version, read. */
    private record Side(long number, String words, DraftDocument document, Documents.DealReading reading) {

        Deal deal() {
            return Objects.requireNonNull(reading.deal());
        }
    }

    @Override
    public Kind kind() {
        return Kind.DEAL;
    }

    @Override
    public LivePage page(Draft entry, long a, long b, LivePage.Form form, @Nullable String notice) {
        Subject subject = Subject.of(shops, books);
        Standing standing = releases.of(entry.id());
        long left = a == 0 ? standing.liveNumber() : a;
        Side after = side(
                entry, b == 0 ? entry.number() : b, standing, subject.shop().zone());
        Side before =
                left == 0 ? null : side(entry, left, standing, subject.shop().zone());
        CardState state = standings.state(standing, entry.id());
        return new LivePage(
                "/deals",
                entry.id(),
                entry.name(),
                CardStates.word(state),
                LiveWords.sentence(entry, standing, state, subject.shop().zone()),
                entry.number(),
                standing.liveNumber(),
                standing.latest(),
                standing.paused(),
                entry.removedAt() != null,
                before == null ? null : before.words,
                after.words,
                after.number,
                before == null ? null : compared(entry, before, after, subject),
                before != null && before.number == after.number,
                gate(entry, after, subject),
                after.number < standing.liveNumber(),
                LiveWords.lines(standing.coming(), standing, subject.shop().zone()),
                LiveWords.lines(
                        releases.list(entry.id()), standing, subject.shop().zone()),
                form,
                notice);
    }

    private Side side(Draft entry, long number, Standing standing, ZoneId zone) {
        DraftDocument document = drafts.version(entry.id(), number)
                .orElseThrow(() -> new NotThere("This deal has no version " + number + "."));
        return new Side(
                number,
                LiveWords.version(number, entry.number(), standing),
                document,
                Documents.readDeal(document.root(), zone));
    }

    @Override
    public Gate gate(Draft entry, long number) {
        Subject subject = Subject.of(shops, books);
        return gate(
                entry,
                side(entry, number, releases.of(entry.id()), subject.shop().zone()),
                subject);
    }

    private Gate gate(Draft entry, Side side, Subject subject) {
        List<String> stops = new ArrayList<>();
        for (FormatIssue issue : side.reading.issues()) {
            stops.add(PlaceWords.of(issue.at()) + ": " + issue.message());
        }
        List<String> warnings = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        if (stops.isEmpty()) {
            for (Finding finding : pages.findings(side.deal(), entry.id(), books.inForce(), subject)) {
                String words = finding.code().title() + ": " + finding.message();
                switch (finding.code().severity()) {
                    case STOPS -> stops.add(words);
                    case WARNS -> (ends(finding) ? stops : warnings).add(words);
                    case NOTE -> notes.add(words);
                }
            }
        }
        int covered = (int) subject.directory()
                .items(side.deal().acted())
                .map(item -> item.product().sku())
                .distinct()
                .count();
        return new Gate(
                FirstLines.of(stops, MOST_SAID),
                List.of(),
                0,
                FirstLines.of(warnings, MOST_SAID),
                FirstLines.of(notes, MOST_SAID),
                covered);
    }

    /** A deal that is over, or for nothing, does nothing by going live. */
    private static boolean ends(Finding finding) {
        return finding.code() == Finding.Code.EXPIRED || finding.code() == Finding.Code.COVERS_NOTHING;
    }

    private Comparison compared(Draft entry, Side before, Side after, Subject subject) {
        BookInForce book = books.inForce();
        BasketText text = BasketText.read(entry.trial()).filledFor(after.deal(), subject);
        BasketTrial trial =
                new BasketTrial(text, subject, book, after.deal().conditions().times(), shops.now());
        PricedBasket was = price(entry, before, trial, book);
        PricedBasket is = price(entry, after, trial, book);
        int minor = subject.shop().minorDigits();
        List<Comparison.Row> rows = new ArrayList<>();
        List<BasketText.Row> typed = text.rows();
        for (int i = 0; i < typed.size(); i++) {
            if (was.left(i) != null && is.left(i) != null) {
                String name =
                        Objects.requireNonNull(subject.item(typed.get(i).sku())).name();
                rows.add(row(
                        "line",
                        typed.get(i).quantity() + " × " + name,
                        Objects.requireNonNull(was.left(i)).value(),
                        Objects.requireNonNull(is.left(i)).value(),
                        minor));
            }
        }
        rows.add(row("trial basket", "To pay", was.toPay().value(), is.toPay().value(), minor));
        return new Comparison(DocumentChanges.between(before.document, after.document), rows, null);
    }

    private static Comparison.Row row(String kind, String order, BigDecimal was, BigDecimal is, int minor) {
        return new Comparison.Row(
                kind,
                order,
                Show.money(was, minor),
                Show.money(is, minor),
                Comparison.difference(was, is, minor),
                was.compareTo(is) != 0);
    }

    private PricedBasket price(Draft entry, Side side, BasketTrial trial, BookInForce book) {
        return trial.price(
                side.reading.sound().isPresent()
                        ? order.with(entry.id(), side.deal().in(CardState.LIVE), book)
                        : order.without(entry.id(), book));
    }
}
