package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.CardWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.image.Pictures;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.live.Neighbours;
import dev.steelyard.web.editing.page.EditForm;
import dev.steelyard.web.editing.page.EditStep;
import dev.steelyard.web.editing.page.Editor;
import dev.steelyard.web.editing.page.Wishes;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.table.MarginToKeep;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.CardTrials;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Vocabulary;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.editing.words.Translations;
import dev.steelyard.web.selling.shown.PieceShape;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A rate card on its page: every picture, figure and finding from one reading of the card and its trial. */
@Component
class CardEditor implements Editor {

    private static final int FINDING_BUDGET = 400;
    private static final int MOST_FINDINGS = 12;

    private final Pictures pictures;
    private final Neighbours neighbours;
    private final Shops shops;

    CardEditor(Pictures pictures, Neighbours neighbours, Shops shops) {
        this.pictures = pictures;
        this.neighbours = neighbours;
        this.shops = shops;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.CARD;
    }

    @Override
    public EditStep step(String code, Draft entry) {
        return CardStep.of(code);
    }

    /** A card by quantity asks nothing: what matters of it are its breaks. */
    @Override
    public EditStep opensAt(Draft entry) {
        DraftDocument card = entry.document();
        return card.at("/asks").isEmpty() && card.has("/ladder") ? CardStep.BREAKS : CardStep.ASK;
    }

    @Override
    public Wishes wishes() {
        return CardWishes.ALL;
    }

    @Override
    public DraftDocument typed(EditForm form, DraftDocument base) {
        DraftDocument document = form.onto(base);
        Picks.typed(form, document).forEach((place, picks) -> document.put(place, Picks.write(picks)));
        return document;
    }

    @Override
    public DraftDocument meant(DraftDocument base, DraftDocument typed) {
        return Renames.follow(base, typed);
    }

    @Override
    public void tidy(DraftDocument document) {
        GroupCells.tidy(document);
    }

    @Override
    public String write(DraftDocument document) {
        Documents.DraftReading reading =
                Documents.readDraft(document.root(), shops.current().rules());
        return Json.write(reading.prepared() == null ? document.root() : CardWriter.write(reading.card()));
    }

    @Override
    public Shown show(Showing showing, Subject subject) {
        DraftDocument typed = showing.typed();
        EditForm form = showing.form();
        Documents.DraftReading reading =
                Documents.readDraft(showing.meant().root(), subject.shop().rules());
        RateCard card = reading.card();
        PreparedCard prepared = reading.prepared();
        TrialText text = new TrialText(form.trial()).filledFor(card, subject);
        CardTrial trial = CardTrial.read(text, card, subject);
        Asked asked = trial.faults().isEmpty() ? trial.asked() : null;
        CardFields fields = new CardFields(
                typed,
                reading.issues(),
                Picks.typed(form, typed),
                form.asFormulas(),
                subject.shop().currency());
        CoveredGoods covered = CoveredGoods.of(card.covers(), subject.covered(card), subject);
        List<String> groups = groups(typed, subject);
        LadderTable table = typed.has("/ladder") ? LadderTable.of("/ladder/rows", showing.kept(), typed, groups) : null;
        Map<String, LadderTable> rateTables = rateTables(showing.kept(), typed, groups);
        CardStep step = CardStep.of(form.step());
        List<Language> languages = subject.shop().habits().languages();
        Beam beam = prepared == null || asked == null
                ? null
                : beam(step, prepared, asked, table, rateTables, fields, subject, form);
        CardPage page = new CardPage(
                fields,
                new CardTrials(subject, card, prepared, text, trial)
                        .view(reading.issues().size()),
                findings(prepared, asked, typed, subject),
                table == null
                        ? null
                        : LadderMargins.worked(
                                table,
                                card.ladder(),
                                prepared != null && trial.price(prepared, subject) instanceof PricedLine line
                                        ? line
                                        : null,
                                subject.margins(),
                                form.value(MarginToKeep.FIELD)),
                rateTables,
                beam,
                prepared == null || asked == null || step != CardStep.PIECE
                        ? null
                        : new CardPictures(prepared, subject, asked).over(over(card, text)),
                PieceShape.of(card, text.answers(), Words.owners()),
                covered,
                step == CardStep.COVERS ? Vocabulary.of(subject) : Map.of(),
                step == CardStep.COVERS ? neighbours.overlaps(showing.entry().id(), card) : List.of(),
                groups,
                Weights.views(typed, card, prepared, subject),
                Generator.read(form),
                prepared == null || step != CardStep.SHOP ? null : ShopPreview.of(prepared, subject, asked),
                formula -> prepared == null || asked == null
                        ? null
                        : prepared.valueOf(formula, asked).orElse(null),
                (price, amount) -> asked == null ? null : subject.margins().of(asked.item(), price, amount),
                step == CardStep.ASK
                        ? pictures.all().stream()
                                .map(picture -> new CardPage.Picture(picture.file(), picture.name()))
                                .toList()
                        : List.of(),
                Translations.ofCard(typed, languages));
        List<CardStep> steps = Translations.steps(CardStep.values(), CardStep.LANGUAGES, languages);
        return new Shown(
                steps,
                steps.stream()
                        .collect(Collectors.toMap(
                                CardStep::code,
                                one -> one == CardStep.LANGUAGES
                                        ? page.texts().summary()
                                        : CardSummaries.of(one, showing.meant(), subject::called))),
                Sentences.of(step, showing.meant(), covered, subject::called),
                fields,
                page,
                CardHanging.of(showing.entry().id(), card, subject.covered(card), beam, step == CardStep.PIECE));
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
            CardStep step,
            PreparedCard prepared,
            Asked asked,
            @Nullable LadderTable table,
            Map<String, LadderTable> rateTables,
            CardFields fields,
            Subject subject,
            EditForm form) {
        Double held = form.axisEnd();
        if (step == CardStep.BREAKS && table != null && CardBeam.has(prepared.card())) {
            return new CardBeam(prepared, subject, asked, table).draw(held);
        }
        if (step == CardStep.PIECE && !rateTables.isEmpty()) {
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
        List<FindingLine> samples = FindingLine.samples(document);
        if (prepared == null || asked == null) {
            return samples;
        }
        Stream<FindingLine> found = new CardFindings(subject.shop().rules(), subject.margins(), FINDING_BUDGET)
                .of(prepared, asked.item(), subject.today(), Weights.kept(document, prepared.card(), subject)).stream()
                        .limit(MOST_FINDINGS)
                        .map(FindingLine::of);
        return Stream.concat(samples.stream(), found).toList();
    }
}
