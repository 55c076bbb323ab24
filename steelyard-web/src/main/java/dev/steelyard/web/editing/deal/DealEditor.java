package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.SoldLine;
import dev.steelyard.core.finding.DealFindings;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.format.DealWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.page.DraftFields;
import dev.steelyard.web.editing.page.EditForm;
import dev.steelyard.web.editing.page.EditStep;
import dev.steelyard.web.editing.page.Editor;
import dev.steelyard.web.editing.page.Wishes;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.Vocabulary;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.editing.words.Translations;
import dev.steelyard.web.selling.codes.Codes;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.selling.payment.PaymentWays;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Language;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A deal on its page. */
@Component
class DealEditor implements Editor {

    private final PaymentWays ways;
    private final Shops shops;
    private final Books books;
    private final DealOrder order;
    private final Codes codes;

    DealEditor(Shops shops, Books books, DealOrder order, Codes codes, PaymentWays ways) {
        this.ways = ways;
        this.codes = codes;
        this.shops = shops;
        this.books = books;
        this.order = order;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.DEAL;
    }

    @Override
    public EditStep step(String code, Draft entry) {
        return DealStep.of(code);
    }

    @Override
    public EditStep opensAt(Draft entry) {
        return DealStep.GIVES;
    }

    @Override
    public Wishes wishes() {
        return DealWishes.ALL;
    }

    @Override
    public String write(DraftDocument document) {
        return Documents.readDeal(document.root(), shops.current().zone())
                .sound()
                .map(deal -> Json.write(DealWriter.write(deal)))
                .orElseGet(() -> Json.write(document.root()));
    }

    @Override
    public Shown show(Showing showing, Subject subject) {
        long id = showing.entry().id();
        DraftDocument typed = showing.typed();
        EditForm form = showing.form();
        BookInForce book = books.inForce();
        Documents.DealReading reading =
                Documents.readDeal(typed.root(), subject.shop().zone());
        Deal deal = Objects.requireNonNull(reading.deal());
        Deal tried = deal.in(CardState.LIVE);
        TypedBasket text = new TypedBasket(form.trial()).filledFor(deal, subject);
        BasketTrial trial = new BasketTrial(text, subject, book, deal.conditions(), shops.now());
        boolean sound = reading.issues().isEmpty();
        PricedBasket basket = trial.price(sound ? order.with(id, tried, book) : order.without(id, book));
        DraftFields fields =
                new DraftFields(typed, reading.issues(), subject.shop().currency());
        DealStep step = DealStep.of(form.step());
        List<Language> languages = subject.shop().habits().languages();
        Beam beam = sound && step == DealStep.GIVES
                ? DealBeam.draw(
                        deal,
                        counted(deal, basket),
                        form.axisEnd(),
                        subject.shop().minorDigits())
                : null;
        DealPage page = new DealPage(
                fields,
                typed.text("/kind"),
                List.of(DealStart.values()),
                Vocabulary.of(subject),
                book.book().deals().deals().stream()
                        .map(Deal::oneOf)
                        .filter(Objects::nonNull)
                        .distinct()
                        .sorted()
                        .toList(),
                codes.names(),
                CoveredGoods.of(deal.acted(), subject).words(),
                ways.all(),
                beam,
                subject.today().toString(),
                BasketTrialView.of(text, trial, basket, tried, subject, book.book()),
                Stream.concat(
                                FindingLine.samples(typed).stream(),
                                sound
                                        ? findings(deal, id, book, subject).stream()
                                                .map(FindingLine::of)
                                        : Stream.empty())
                        .toList(),
                Translations.ofDeal(typed, languages));
        List<DealStep> steps = Translations.steps(DealStep.values(), DealStep.LANGUAGES, languages);
        return new Shown(
                steps,
                steps.stream()
                        .collect(Collectors.toMap(
                                DealStep::code,
                                one -> one == DealStep.LANGUAGES
                                        ? page.texts().summary()
                                        : DealSummaries.of(one, deal, book.book()))),
                DealSentence.of(deal, typed, book.book()),
                fields,
                page,
                beam == null ? null : DealHanging.of(id, deal, beam, book.directory()));
    }

    /** What is odd about a deal beside those that are live. */
    List<Finding> findings(Deal deal, long id, BookInForce book, Subject subject) {
        Set<String> payments = ways.all().stream().map(PaymentMethod::label).collect(Collectors.toSet());
        return new DealFindings(book.book(), book.directory(), payments, shops.now(), subject.margins())
                .of(deal, order.without(id, book));
    }

    /** What the trial's basket counts for a ladder; none for another deal or an empty basket. */
    private static @Nullable BigDecimal counted(Deal deal, PricedBasket basket) {
        if (!(deal.gives() instanceof OnLadder ladder)) {
            return null;
        }
        List<SoldLine> lines = new ArrayList<>();
        for (int place : basket.places()) {
            PricedLine line = (PricedLine) basket.lines().get(place);
            lines.add(new SoldLine(line.item(), line.quantity(), line.total(), null));
        }
        return lines.stream().anyMatch(line -> ladder.goods().has(line.item())) ? ladder.counted(lines) : null;
    }
}
