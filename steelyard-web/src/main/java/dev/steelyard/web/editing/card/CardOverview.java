package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.OrderFindings;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.format.Documents;
import dev.steelyard.web.base.page.KeptAnswers;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.list.Line;
import dev.steelyard.web.editing.live.Standings;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.CoversWords;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What lists say of a card. */
@Component
class CardOverview {

    private static final int FINDING_BUDGET = 200;

    private final Shops shops;
    private final Books books;
    private final Releases releases;
    private final Standings standings;
    private final Drafts cards;

    private final KeptAnswers<DraftKind, Map<Integer, List<Finding>>> orders = new KeptAnswers<>();
    private final KeptAnswers<Long, Reach> reaches = new KeptAnswers<>();

    private record OrderOf(List<RateCard> cards, GoodsDirectory goods) {}

    private record ReachOf(Covers covers, GoodsDirectory goods) {}

    /** @param first of the goods that are covered; none for none */
    private record Reach(@Nullable Product first, String words) {}

    CardOverview(Shops shops, Books books, Releases releases, Standings standings, Drafts cards) {
        this.shops = shops;
        this.books = books;
        this.releases = releases;
        this.standings = standings;
        this.cards = cards;
    }

    /**
     * What the list has of a card beside.
     *
     * @param covers which goods it is for, in words
     * @param products “3 products” that it covers now
     */
    record More(String covers, String products) {}

    /** The line of each card. */
    List<Line> lines(List<Draft> entries) {
        Subject subject = Subject.of(shops, books);
        Map<Long, Standing> all = releases.all(DraftKind.CARD);
        List<Documents.DraftReading> readings = entries.stream()
                .map(entry -> Documents.readDraft(
                        entry.document().root(), subject.shop().rules()))
                .toList();
        List<RateCard> cardsInOrder =
                readings.stream().map(Documents.DraftReading::card).toList();
        Map<Integer, List<Finding>> order = orders.of(
                DraftKind.CARD,
                new OrderOf(cardsInOrder, subject.directory()),
                () -> OrderFindings.of(cardsInOrder, subject.directory()));
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            Draft entry = entries.get(i);
            Standing standing = all.get(entry.id());
            lines.add(line(
                    entry,
                    readings.get(i),
                    standing == null ? releases.of(entry.id()) : standing,
                    order.getOrDefault(i, List.of()),
                    subject));
        }
        return lines;
    }

    private Line line(
            Draft entry, Documents.DraftReading reading, Standing standing, List<Finding> beside, Subject subject) {
        Reach reach = reaches.of(
                entry.id(), new ReachOf(reading.card().covers(), subject.directory()), () -> reach(reading, subject));
        PreparedCard prepared = reading.prepared();
        List<String> warnings = new ArrayList<>();
        if (prepared != null && reach.first() != null) {
            warnings.addAll(warnings(
                    prepared, reading.card().covers().items(reach.first()).get(0), subject));
        }
        beside.stream().filter(CardOverview::counts).forEach(finding -> warnings.add(words(finding)));
        DraftDocument seen = cards.seen(entry, standing.liveNumber());
        return Line.of(
                entry,
                DraftKind.CARD,
                standing,
                standings.of(standing, entry.id(), entry.number()),
                Sentences.inOneLine(seen),
                reading.issues().size(),
                warnings,
                failing(entry.document(), reading, subject),
                failingLive(entry, standing, subject),
                subject.shop().zone(),
                new More(CoversWords.of(seen, subject::called), reach.words()));
    }

    private static Reach reach(Documents.DraftReading reading, Subject subject) {
        List<Product> covered = subject.covered(reading.card());
        return new Reach(
                covered.isEmpty() ? null : covered.get(0),
                CoveredGoods.of(reading.card().covers(), covered, subject).words());
    }

    private static List<String> warnings(PreparedCard prepared, Item item, Subject subject) {
        return new CardFindings(subject.shop().rules(), subject.margins(), FINDING_BUDGET)
                .of(prepared, item, subject.today(), List.of()).stream()
                        .filter(CardOverview::counts)
                        .map(CardOverview::words)
                        .toList();
    }

    private static boolean counts(Finding finding) {
        return finding.code().severity() != Finding.Severity.NOTE;
    }

    private static String words(Finding finding) {
        return FindingLine.words(finding);
    }

    private static List<String> failing(DraftDocument document, Documents.DraftReading reading, Subject subject) {
        return Weights.views(document, reading.card(), reading.prepared(), subject).stream()
                .filter(weight -> !weight.holds())
                .map(weight -> "“" + weight.name() + "” was " + weight.wanted() + ", is " + weight.found())
                .toList();
    }

    private List<String> failingLive(Draft entry, Standing standing, Subject subject) {
        if (standing.liveNumber() == 0 || standing.liveNumber() == entry.number()) {
            return List.of();
        }
        return cards.version(entry.id(), standing.liveNumber())
                .map(document -> failing(
                        document,
                        Documents.readDraft(document.root(), subject.shop().rules()),
                        subject))
                .orElse(List.of());
    }
}
