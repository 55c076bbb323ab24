package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.Documents;
import dev.steelyard.web.base.image.Pictures;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Vocabulary;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.selling.shown.PieceShape;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page of a card from a document and a trial: every picture, figure and finding from one reading of them. */
@Component
class CardPages {

    private static final int MOST_GOODS = 60;
    private static final int FINDING_BUDGET = 400;
    private static final int MOST_FINDINGS = 12;

    private final Pictures pictures;

    CardPages(Pictures pictures) {
        this.pictures = pictures;
    }

    /**
     * The page.
     *
     * @param typed the card with what is typed
     * @param form as sent; one without fields where the page is opened
     */
    CardPage page(
            Draft entry,
            DraftDocument kept,
            DraftDocument typed,
            CardForm form,
            Subject subject,
            @Nullable Notice notice) {
        Documents.DraftReading reading =
                Documents.readDraft(typed.root(), subject.shop().rules());
        RateCard card = reading.card();
        PreparedCard prepared = reading.prepared();
        TrialText text = new TrialText(form.trial()).filledFor(card, subject);
        CardTrial trial = CardTrial.read(text, card, subject);
        Asked asked = trial.faults().isEmpty() ? trial.asked() : null;
        Fields fields = new Fields(
                typed,
                reading.issues(),
                form.picks(typed),
                form.asFormulas(),
                subject.shop().currency());
        List<Product> covered = subject.covered(card);
        List<String> groups = groups(typed, subject);
        LadderTable table = typed.has("/ladder") ? LadderTable.of("/ladder/rows", kept, typed, groups) : null;
        Map<String, LadderTable> rateTables = rateTables(kept, typed, groups);
        Step step = form.step();
        Map<String, String> names = subject.names();
        return new CardPage(
                entry.id(),
                typed.name(),
                entry.number(),
                entry.undo(),
                entry.redo(),
                "changed by " + entry.changedBy(),
                Show.moment(entry.changedAt(), subject.shop().zone()),
                step,
                steps(step, typed, fields, names),
                fields,
                Sentences.of(step, typed, covered.size(), names),
                new Trials(subject, card, prepared, text, trial)
                        .view(reading.issues().size()),
                findings(prepared, asked, typed, subject),
                table,
                rateTables,
                prepared == null || asked == null
                        ? null
                        : beam(step, prepared, asked, table, rateTables, fields, subject, form),
                prepared == null || asked == null || step != Step.PIECE
                        ? null
                        : new CardPictures(prepared, subject, asked).over(over(card, text)),
                PieceShape.of(card, text.answers()),
                step == Step.COVERS ? goods(covered, subject) : List.of(),
                covered.size(),
                step == Step.COVERS ? Vocabulary.of(subject) : Map.of(),
                groups,
                Weights.views(typed, card, prepared, subject),
                Generator.read(form),
                prepared == null || step != Step.SHOP ? null : ShopPreview.of(prepared, subject, asked),
                formula -> prepared == null || asked == null
                        ? null
                        : prepared.valueOf(formula, asked).orElse(null),
                step == Step.ASK
                        ? pictures.all().stream()
                                .map(picture -> new CardPage.Picture(picture.file(), picture.name()))
                                .toList()
                        : List.of(),
                notice);
    }

    private static List<CardPage.StepLink> steps(
            Step current, DraftDocument document, Fields fields, Map<String, String> names) {
        return Arrays.stream(Step.values())
                .map(step -> new CardPage.StepLink(
                        step, Summaries.of(step, document, names), fields.count(step), step == current))
                .toList();
    }

    /** The shop’s groups, and those that the card’s breaks name. */
    private static List<String> groups(DraftDocument document, Subject subject) {
        TreeSet<String> named = new TreeSet<>();
        document.at("/ladder/rows").forEach(row -> named.add(row.path("group").asString("")));
        return Stream.concat(subject.groupNames().stream(), named.stream())
                .filter(group -> !group.isEmpty())
                .distinct()
                .toList();
    }

    private static Map<String, LadderTable> rateTables(DraftDocument kept, DraftDocument typed, List<String> groups) {
        Map<String, LadderTable> tables = new LinkedHashMap<>();
        for (int i = 0; i < typed.at("/cases").size(); i++) {
            String rate = "/cases/" + i + "/piece/rate";
            if (typed.has(rate + "/breaks")) {
                tables.put(rate, LadderTable.of(rate + "/breaks/rows", kept, typed, groups));
            }
        }
        return tables;
    }

    private static @Nullable Beam beam(
            Step step,
            PreparedCard prepared,
            Asked asked,
            @Nullable LadderTable table,
            Map<String, LadderTable> rateTables,
            Fields fields,
            Subject subject,
            CardForm form) {
        Double held = held(form);
        if (step == Step.BREAKS && table != null && CardBeam.has(prepared.card())) {
            return new CardBeam(prepared, subject, asked, table).draw(held);
        }
        if (step == Step.PIECE && !rateTables.isEmpty()) {
            Map.Entry<String, LadderTable> last = new ArrayList<>(rateTables.entrySet()).get(rateTables.size() - 1);
            return RateBeam.of(
                    last.getKey(),
                    fields,
                    last.getValue(),
                    billable(prepared, asked, fields.text(last.getKey() + "/unit"), subject),
                    held);
        }
        return null;
    }

    private static @Nullable Double held(CardForm form) {
        BigDecimal end = DecimalText.read(form.value("axisEnd")).value();
        return end == null || end.signum() <= 0 ? null : end.doubleValue();
    }

    private static @Nullable Double billable(PreparedCard card, Asked asked, String unit, Subject subject) {
        try {
            BigDecimal billable =
                    TrialLine.of(card, asked, subject.shop().rules()).piece().billable();
            return billable == null
                    ? null
                    : Unit.of(unit)
                            .map(known -> known.fromBase(billable).doubleValue())
                            .orElse(null);
        } catch (Refused noPrice) {
            return null; // the trial says why
        }
    }

    private static String over(RateCard card, TrialText text) {
        String wanted = text.get(TrialText.OVER);
        List<String> names = card.measurements().stream().map(ask -> ask.name()).toList();
        return names.contains(wanted) ? wanted : names.stream().findFirst().orElse("");
    }

    private static List<FindingLine> findings(
            @Nullable PreparedCard prepared, @Nullable Asked asked, DraftDocument document, Subject subject) {
        if (prepared == null || asked == null) {
            return List.of();
        }
        return new CardFindings(subject.shop().rules(), subject.shop().smallestMargin(), FINDING_BUDGET)
                .of(prepared, asked.item(), subject.today(), Weights.kept(document, prepared.card(), subject)).stream()
                        .limit(MOST_FINDINGS)
                        .map(FindingLine::of)
                        .toList();
    }

    private static List<CardPage.Goods> goods(List<Product> covered, Subject subject) {
        int decimals = subject.shop().rules().rounding().unitPriceDecimals();
        return covered.stream()
                .limit(MOST_GOODS)
                .map(product -> new CardPage.Goods(
                        product.sku().value(),
                        product.name(),
                        product.shelfPrice() == null ? "" : Decimals.plain(product.shelfPrice(), decimals)))
                .toList();
    }

    /** What goods are told apart by: for each word in files the values, each with what it is called. */
}
