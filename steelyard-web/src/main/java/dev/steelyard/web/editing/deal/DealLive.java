package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.format.Documents;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.live.Comparison;
import dev.steelyard.web.editing.live.Gate;
import dev.steelyard.web.editing.live.LiveShown;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.editing.words.PlaceWords;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.sold.replay.Tried;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Versions of deals beside each other, and what stands between one and the shoppers. */
@Component
class DealLive implements LiveShown {

    private static final int MOST_SAID = 8;

    private final DealEditor editor;
    private final DealOrder order;
    private final Shops shops;
    private final Books books;

    DealLive(DealEditor editor, DealOrder order, Shops shops, Books books) {
        this.editor = editor;
        this.order = order;
        this.shops = shops;
        this.books = books;
    }

    /** A version, read. */
    private record Side(DraftDocument document, Documents.DealReading reading) {

        static Side of(DraftDocument document, Subject subject) {
            return new Side(
                    document, Documents.readDeal(document.root(), subject.shop().zone()));
        }

        Deal deal() {
            return Objects.requireNonNull(reading.deal());
        }
    }

    @Override
    public DraftKind kind() {
        return DraftKind.DEAL;
    }

    @Override
    public Gate gate(Draft entry, DraftDocument version, Subject subject) {
        Side side = Side.of(version, subject);
        List<String> stops = new ArrayList<>();
        for (FormatIssue issue : side.reading.issues()) {
            stops.add(PlaceWords.of(issue.at()) + ": " + issue.message());
        }
        String samples = FindingLine.sampleWords(version);
        if (!samples.isEmpty()) {
            stops.add(samples);
        }
        List<String> warnings = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        if (side.reading.issues().isEmpty()) {
            for (Finding finding : editor.findings(side.deal(), entry.id(), books.inForce(), subject)) {
                String words = FindingLine.words(finding);
                switch (finding.code().severity()) {
                    case STOPS -> stops.add(words);
                    case WARNS -> (ends(finding) ? stops : warnings).add(words);
                    case NOTE -> notes.add(words);
                }
            }
        }
        return new Gate(
                FirstLines.of(stops, MOST_SAID),
                List.of(),
                0,
                FirstLines.of(warnings, MOST_SAID),
                FirstLines.of(notes, MOST_SAID),
                CoveredGoods.of(side.deal().acted(), subject).words());
    }

    /** A deal that is over, or for nothing, does nothing by going live. */
    private static boolean ends(Finding finding) {
        return finding.code() == Finding.Code.EXPIRED || finding.code() == Finding.Code.COVERS_NOTHING;
    }

    @Override
    public Optional<Tried> tried(Draft entry, DraftDocument version, String label, Subject subject) {
        BookInForce book = books.inForce();
        return Side.of(version, subject)
                .reading()
                .sound()
                .map(deal -> new Tried(
                        label, book.book().withDeals(order.with(entry.id(), deal.in(CardState.LIVE), book)), null));
    }

    @Override
    public Comparison compared(Draft entry, DraftDocument earlier, DraftDocument later, Subject subject) {
        Side before = Side.of(earlier, subject);
        Side after = Side.of(later, subject);
        BookInForce book = books.inForce();
        TypedBasket text = TypedBasket.read(entry.trial()).filledFor(after.deal(), subject);
        BasketTrial trial = new BasketTrial(text, subject, book, after.deal().conditions(), shops.now());
        PricedBasket was = price(entry, before, trial, book);
        PricedBasket is = price(entry, after, trial, book);
        int minor = subject.shop().minorDigits();
        List<Comparison.Row> rows = new ArrayList<>();
        List<TypedBasket.Row> typed = text.rows();
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
        return new Comparison(DocumentChanges.between(earlier, later), rows, null);
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
