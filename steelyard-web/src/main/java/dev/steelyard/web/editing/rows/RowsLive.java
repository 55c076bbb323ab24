package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.live.Comparison;
import dev.steelyard.web.editing.live.Gate;
import dev.steelyard.web.editing.live.LiveShown;
import dev.steelyard.web.editing.live.Side;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.editing.words.PlaceWords;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.ListedPrices;
import dev.steelyard.web.sold.replay.Tried;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;

/** Versions of a product's own prices beside each other, and what stands between one and the shoppers. */
@Component
class RowsLive implements LiveShown {

    private static final int MOST_SAID = 8;
    private static final int MOST_ORDERS = 40;

    private final GoodsStore goods;
    private final ListedPrices listed;
    private final Books books;

    RowsLive(GoodsStore goods, ListedPrices listed, Books books) {
        this.goods = goods;
        this.listed = listed;
        this.books = books;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.ROWS;
    }

    private Product product(Draft entry) {
        return goods.find(entry.id())
                .orElseThrow(() -> kind().missing(entry.id()))
                .product();
    }

    @Override
    public Gate gate(Draft entry, DraftDocument version, Subject subject) {
        Product product = product(entry);
        RowsScale scale = RowsScale.of(version, product, subject);
        List<String> stops = new ArrayList<>();
        scale.reading().issues().forEach(issue -> stops.add(PlaceWords.of(issue.at()) + ": " + issue.message()));
        List<String> warnings = new ArrayList<>();
        RowsFindings findings = new RowsFindings(scale.subject());
        for (RowsStep step : RowsStep.of(scale.reading().product())) {
            boolean own = !step.isWeights()
                    && (step.variant() == null
                            || !scale.reading().part(step.at()).isOpen());
            for (Finding finding : own ? findings.of(step.item(scale.reading().product())) : List.<Finding>of()) {
                String whose = step.variant() == null ? "" : step.title() + ": ";
                String words = whose + FindingLine.words(finding);
                (finding.code().severity() == Finding.Severity.STOPS ? stops : warnings).add(words);
            }
        }
        RateCard shelf = scale.shelf().card();
        List<Weights.View> weights = Weights.views(version, shelf, scale.shelf(), scale.subject());
        ListedPrices.Listed now = listed.of(product);
        return new Gate(
                FirstLines.of(stops, MOST_SAID),
                weights.stream().filter(weight -> !weight.holds()).toList(),
                weights.size(),
                FirstLines.of(warnings, MOST_SAID),
                now.card() == null || now.ownRows()
                        ? List.of()
                        : List.of("Shoppers see the price by the rate card “" + now.card()
                                + "”, which does not use these prices"),
                "");
    }

    /** The product as it is sold, with prices as typed. */
    private static Product sold(Product sold, Product typed) {
        return new Product(
                sold.sku(),
                sold.name(),
                typed.shelfPrice(),
                sold.unitCost(),
                sold.unitPriceDecimals(),
                typed.ownRows(),
                typed.variants(),
                sold.traits(),
                sold.told());
    }

    @Override
    public Optional<Tried> tried(Draft entry, DraftDocument version, String label, Subject subject) {
        Product product = product(entry);
        RowsReading reading = RowsScale.of(version, product, subject).reading();
        BookInForce book = books.inForce();
        Product sold = book.book().product(product.sku()).orElse(null);
        if (!reading.issues().isEmpty() || sold == null) {
            return Optional.empty();
        }
        return Optional.of(new Tried(
                label,
                book.withGoods(List.of(sold), List.of(sold(sold, reading.product()))),
                Set.of(product.sku().value())));
    }

    @Override
    public Comparison compared(Draft entry, DraftDocument before, DraftDocument after, Subject subject) {
        Product product = product(entry);
        RowsScale was = RowsScale.of(before, product, subject);
        RowsScale is = RowsScale.of(after, product, subject);
        TrialText trial = TrialText.read(entry.trial()).filledFor(is.shelf().card(), is.subject());
        return Comparison.of(side(before, was), side(after, is), trial, orders(trial, was, is));
    }

    private static Side side(DraftDocument document, RowsScale scale) {
        Set<Long> thresholds = new TreeSet<>();
        scale.reading().part("").breaks().forEach(row -> thresholds.add((long) row.pieces()));
        return new Side(
                document, scale.shelf().card(), scale.reading().issues(), scale.shelf(), scale.subject(), thresholds);
    }

    /** An order at each break of each group and variant, of either version. */
    private static Map<TrialText, String> orders(TrialText trial, RowsScale was, RowsScale is) {
        Map<TrialText, String> orders = new LinkedHashMap<>();
        for (RowsScale scale : List.of(is, was)) {
            for (RowsStep step : RowsStep.of(scale.reading().product())) {
                Item item = step.isWeights() ? null : step.item(scale.reading().product());
                for (Break row : item == null ? List.<Break>of() : breaks(scale, step)) {
                    TrialText order = trial.with(TrialText.QUANTITY, "" + row.pieces())
                            .with(TrialText.GROUP, row.group() == null ? "" : row.group())
                            .with(TrialText.SKU, sku(scale, step));
                    if (orders.size() < MOST_ORDERS) {
                        orders.putIfAbsent(order, words(order, scale, step));
                    }
                }
            }
        }
        return orders;
    }

    private static List<Break> breaks(RowsScale scale, RowsStep step) {
        return scale.reading().part(step.at()).breaks();
    }

    /** What is ordered at a step's prices: the product's count for its first variant without any of its own. */
    private static String sku(RowsScale scale, RowsStep step) {
        List<Item> items = scale.reading().product().items();
        return step.variant() != null
                ? step.variant().sku().value()
                : items.stream()
                        .filter(item -> item.variant() == null || item.variant().ownRows() == null)
                        .findFirst()
                        .orElse(items.get(0))
                        .sku()
                        .value();
    }

    private static String words(TrialText order, RowsScale scale, RowsStep step) {
        RateCard shelf = scale.shelf().card();
        String words = Weights.words(CardTrial.read(order, shelf, scale.subject()), shelf);
        return step.variant() == null ? words : words + ", " + step.title();
    }
}
