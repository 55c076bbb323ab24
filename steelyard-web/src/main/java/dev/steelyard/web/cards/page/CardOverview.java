package dev.steelyard.web.cards.page;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.format.Documents;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.cards.store.CardEntry;
import dev.steelyard.web.cards.trial.Subject;
import dev.steelyard.web.cards.trial.Weights;
import dev.steelyard.web.cards.words.CoversWords;
import dev.steelyard.web.page.Show;
import dev.steelyard.web.shop.Shops;
import java.util.List;
import org.springframework.stereotype.Component;

/** What lists say of a card. */
@Component
public class CardOverview {

    private static final int FINDING_BUDGET = 200;

    private final Shops shops;
    private final Books books;

    CardOverview(Shops shops, Books books) {
        this.shops = shops;
        this.books = books;
    }

    /**
     * A card in a line.
     *
     * @param sentence what it does
     * @param covers which goods it is for, in words
     * @param products how many goods it covers now
     * @param wrong how many things in it cannot be read
     * @param warnings how many findings warn or stop
     */
    public record Line(
            long id,
            String name,
            String sentence,
            String covers,
            int products,
            int wrong,
            long warnings,
            String changed) {}

    /** The line of each card. */
    public List<Line> lines(List<CardEntry> entries) {
        Subject subject = Subject.of(shops, books);
        return entries.stream().map(entry -> line(entry, subject)).toList();
    }

    private static Line line(CardEntry entry, Subject subject) {
        Documents.DraftReading reading =
                Documents.readDraft(entry.document().card(), subject.shop().currency());
        List<Product> covered = subject.covered(reading.card());
        PreparedCard prepared = reading.prepared();
        long warnings = prepared == null || covered.isEmpty()
                ? 0
                : warnings(prepared, covered.get(0).items().get(0), entry, subject);
        return new Line(
                entry.id(),
                entry.name(),
                Sentences.inOneLine(entry.document()),
                CoversWords.of(entry.document(), subject.names()),
                covered.size(),
                reading.issues().size(),
                warnings,
                Show.moment(entry.changedAt(), subject.shop().zone()) + " by " + entry.changedBy());
    }

    private static long warnings(PreparedCard prepared, Item item, CardEntry entry, Subject subject) {
        return new CardFindings(subject.shop().rules(), subject.shop().smallestMargin(), FINDING_BUDGET)
                .of(prepared, item, subject.today(), Weights.kept(entry.document(), prepared.card(), subject)).stream()
                        .filter(finding -> finding.code().severity() != Finding.Severity.NOTE)
                        .count();
    }
}
