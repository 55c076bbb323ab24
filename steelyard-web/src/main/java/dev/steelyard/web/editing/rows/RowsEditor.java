package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.page.DraftFields;
import dev.steelyard.web.editing.page.EditForm;
import dev.steelyard.web.editing.page.EditStep;
import dev.steelyard.web.editing.page.Editor;
import dev.steelyard.web.editing.page.Wishes;
import dev.steelyard.web.editing.table.LadderRows;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.table.MarginToKeep;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.CardTrials;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.ListedPrices;
import dev.steelyard.web.sold.lines.Counted;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.under.Hanging;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** A product's own prices on their page: every picture, figure and finding from one reading of them. */
@Component
class RowsEditor implements Editor {

    /** The field that remembers which step the trial was last shown on. */
    private static final String SCOPE = "scope";

    private final GoodsStore goods;
    private final ListedPrices listed;

    RowsEditor(GoodsStore goods, ListedPrices listed) {
        this.goods = goods;
        this.listed = listed;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.ROWS;
    }

    @Override
    public EditStep step(String code, Draft entry) {
        return RowsStep.of(product(entry).product(), code);
    }

    @Override
    public EditStep opensAt(Draft entry) {
        return RowsStep.of(product(entry).product(), "");
    }

    @Override
    public Wishes wishes() {
        return RowsWishes.by(wished -> RowsScale.of(
                        wished.document(), product(wished.entry()).product(), wished.subject())
                .forWeights());
    }

    private GoodsEntry product(Draft entry) {
        return goods.find(entry.id()).orElseThrow(() -> kind().missing(entry.id()));
    }

    /** What a product is called is not changed here. */
    @Override
    public DraftDocument typed(EditForm form, DraftDocument base) {
        DraftDocument typed = form.onto(base);
        typed.put("/name", base.name());
        return typed;
    }

    @Override
    public void tidy(DraftDocument document) {
        List<String> lists = new ArrayList<>(List.of(RowsDocument.ROWS));
        document.at("/variants").propertyNames().forEach(sku -> lists.add(RowsDocument.place(sku) + "/rows"));
        LadderRows rows = new LadderRows(document);
        lists.forEach(list -> {
            rows.tidy(list);
            tidyEveryone(document, list);
        });
    }

    /** Where everyone's price was emptied and a group has one from there, the row is the group's alone. */
    private static void tidyEveryone(DraftDocument document, String list) {
        for (int i = document.at(list).size() - 1; i >= 0; i--) {
            JsonNode row = document.at(list).get(i);
            boolean shared = document.at(list)
                    .valueStream()
                    .anyMatch(other -> other != row
                            && Stream.of("from", "fromDate", "untilDate")
                                    .allMatch(field -> other.path(field).equals(row.path(field)))
                            && !other.path("value").asString("").isEmpty());
            if (row.path("value").asString("").isEmpty() && shared) {
                document.remove(list + "/" + i);
            }
        }
    }

    @Override
    public String write(DraftDocument document) {
        throw new NotThere("Own prices are written out as a price sheet, under Goods.");
    }

    @Override
    public Shown show(Showing showing, Subject all) {
        GoodsEntry entry = product(showing.entry());
        DraftDocument typed = showing.typed();
        EditForm form = showing.form();
        RowsStep step = RowsStep.of(entry.product(), form.step());
        RowsScale scale = RowsScale.of(typed, entry.product(), all);
        RowsReading reading = scale.reading();
        Subject subject = scale.subject();
        Item item = step.item(reading.product());
        Rounding rounding = subject.shop().rules().roundingFor(item);
        TrialText text = trial(form, step, scale);
        CardTrial trial = CardTrial.read(text, scale.shelf().card(), subject);
        RowsReading.Part part = reading.part(step.isWeights() ? "" : step.at());
        LadderTable table = table(step, showing, subject, item, trial, rounding);
        RowsPictures pictures = new RowsPictures(item, new RowFields(step, part, table, typed), trial, rounding);
        DraftFields fields =
                new DraftFields(typed, reading.issues(), subject.shop().currency());
        Beam beam = pictures.beam(form.axisEnd());
        RowsPage page = new RowsPage(
                fields,
                step.at(),
                entry.sku(),
                reading.product().items().get(0).sku().value(),
                !entry.product().variants().isEmpty(),
                step.variant() == null ? "" : Show.field(reading.product().shelfPrice(), rounding.unitPriceDecimals()),
                subject.groupNames(),
                table,
                beam,
                new CardTrials(subject, scale.shelf().card(), scale.shelf(), text, trial)
                        .view(reading.issues().size()),
                new RowsFindings(subject).lines(item, part),
                Weights.views(typed, scale.shelf().card(), scale.shelf(), subject),
                facts(entry, item, rounding),
                listed.of(entry.product()),
                DocumentChanges.between(counts(entry, typed), typed),
                form.value("why"));
        List<RowsStep> steps = RowsStep.of(entry.product());
        return new Shown(
                steps,
                summaries(steps, typed),
                step.isWeights() ? List.of() : pictures.sentence(),
                fields,
                page,
                beam == null ? null : hanging(beam, entry, item));
    }

    /** Pieces of the whole product, as its rows count them; those of the variant shown, where they count by line. */
    private static Hanging hanging(Beam beam, GoodsEntry entry, Item item) {
        PriceRows rows = item.ownRows();
        return new Hanging(
                beam,
                Which.Of.product(entry.sku()),
                null,
                new Counted(Counted.What.PIECES, rows == null ? Over.LINE : rows.over(), null, null),
                rows == null ? List.of() : Hanging.thresholds(rows.breaks()));
    }

    /** What shoppers see, with the check weights of the draft: they are no prices. */
    private static DraftDocument counts(GoodsEntry entry, DraftDocument typed) {
        return RowsDocument.of(entry.product(), entry.alone()).weighedAs(typed);
    }

    /** A trial shown on another variant's step than before is of that variant. */
    private static TrialText trial(EditForm form, RowsStep step, RowsScale scale) {
        TrialText text = new TrialText(form.trial());
        if (step.variant() != null && !step.code().equals(text.get(SCOPE))) {
            text = text.with(TrialText.SKU, step.variant().sku().value());
        }
        return text.with(SCOPE, step.code()).filledFor(scale.shelf().card(), scale.subject());
    }

    private static LadderTable table(
            RowsStep step, Showing showing, Subject subject, Item item, CardTrial trial, Rounding rounding) {
        LadderTable table = LadderTable.of(
                (step.isWeights() ? "" : step.at()) + RowsDocument.ROWS,
                showing.kept(),
                showing.typed(),
                subject.groupNames());
        return new RowsTable(
                        item,
                        item.ownRows() == null
                                ? null
                                : PieceCurve.of(item, null, trial.day(), rounding)
                                        .orElse(null),
                        subject.margins(),
                        showing.form().value(MarginToKeep.FIELD),
                        rounding.unitPriceDecimals())
                .worked(table);
    }

    private static Map<String, String> summaries(List<RowsStep> steps, DraftDocument typed) {
        Map<String, String> summaries = new LinkedHashMap<>();
        steps.forEach(step -> summaries.put(step.code(), summary(step, typed)));
        return summaries;
    }

    private static String summary(RowsStep step, DraftDocument typed) {
        if (step.isWeights()) {
            int kept = typed.weights().size();
            return kept == 0 ? "none kept" : kept == 1 ? "1 kept" : kept + " kept";
        }
        String rows = step.at() + RowsDocument.ROWS;
        List<String> thresholds = IntStream.range(0, typed.at(rows).size())
                .mapToObj(i -> typed.text(rows + "/" + i + "/from"))
                .distinct()
                .toList();
        if (!thresholds.isEmpty()) {
            return "breaks from " + String.join(", ", thresholds);
        }
        boolean priced = !typed.text(step.at() + RowsDocument.SHELF_PRICE).isEmpty();
        return priced ? "shelf price only" : step.variant() == null ? "no price yet" : "as all variants";
    }

    private static List<RowsPage.Fact> facts(GoodsEntry entry, Item item, Rounding rounding) {
        List<RowsPage.Fact> facts = new ArrayList<>();
        facts.add(new RowsPage.Fact("SKU", item.sku().value()));
        facts.add(new RowsPage.Fact("In", String.join(", ", entry.categories())));
        if (entry.brand() != null) {
            facts.add(new RowsPage.Fact("Brand", entry.brand()));
        }
        if (item.unitCost() != null) {
            facts.add(new RowsPage.Fact("Unit cost", Show.money(item.unitCost(), rounding.unitPriceDecimals())));
        }
        facts.add(new RowsPage.Fact("Price decimals", "" + rounding.unitPriceDecimals()));
        return facts;
    }
}
