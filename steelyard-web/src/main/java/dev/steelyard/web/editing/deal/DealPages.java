package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.SoldLine;
import dev.steelyard.core.finding.DealFindings;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.format.Documents;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.Vocabulary;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.shop.Shops;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page of a deal. */
@Component
class DealPages {

    private final Shops shops;
    private final Books books;
    private final DealOrder order;

    DealPages(Shops shops, Books books, DealOrder order) {
        this.shops = shops;
        this.books = books;
        this.order = order;
    }

    /**
     * The page.
     *
     * @param kept the draft as it is kept
     * @param typed the draft with what is typed
     */
    DealPage page(Draft entry, DraftDocument typed, DealForm form, @Nullable Notice notice) {
        Subject subject = Subject.of(shops, books);
        BookInForce book = books.inForce();
        Documents.DealReading reading =
                Documents.readDeal(typed.root(), subject.shop().zone());
        Deal deal = Objects.requireNonNull(reading.deal());
        Deal tried = deal.in(CardState.LIVE);
        BasketText text = new BasketText(form.trial()).filledFor(deal, subject);
        BasketTrial trial =
                new BasketTrial(text, subject, book, deal.conditions().times(), shops.now());
        boolean sound = reading.issues().isEmpty();
        PricedBasket basket =
                trial.price(sound ? order.with(entry.id(), tried, book) : order.without(entry.id(), book));
        DealFields fields =
                new DealFields(typed, reading.issues(), subject.shop().currency());
        DealStep step = form.step();
        return new DealPage(
                entry.id(),
                typed.name(),
                entry.number(),
                entry.undo(),
                entry.redo(),
                "changed by " + entry.changedBy(),
                Show.moment(entry.changedAt(), subject.shop().zone()),
                step,
                Arrays.stream(DealStep.values())
                        .map(one -> new DealPage.StepLink(
                                one, DealSummaries.of(one, deal, book.book()), fields.count(one), one == step))
                        .toList(),
                DealSentence.of(deal, typed, book.book()),
                fields,
                typed.text("/kind"),
                List.of(DealStart.values()),
                Vocabulary.of(subject),
                covered(deal, subject),
                sound && step == DealStep.GIVES
                        ? DealBeam.draw(
                                deal,
                                counted(deal, basket),
                                held(form),
                                subject.shop().minorDigits())
                        : null,
                subject.today().toString(),
                BasketTrialView.of(text, trial, basket, tried, subject, book.book()),
                sound
                        ? findings(deal, entry.id(), book, subject).stream()
                                .map(FindingLine::of)
                                .toList()
                        : List.of(),
                notice);
    }

    /** What is odd about a deal beside those that are live. */
    List<Finding> findings(Deal deal, long id, BookInForce book, Subject subject) {
        Set<String> payments =
                Arrays.stream(PaymentMethod.values()).map(PaymentMethod::label).collect(Collectors.toSet());
        return new DealFindings(
                        book.book(),
                        book.directory(),
                        payments,
                        shops.now(),
                        subject.shop().smallestMargin())
                .of(deal, order.without(id, book));
    }

    private static int covered(Deal deal, Subject subject) {
        return (int) subject.directory()
                .items(deal.acted())
                .map(item -> item.product().sku())
                .distinct()
                .count();
    }

    private static @Nullable Double held(DealForm form) {
        BigDecimal end = DecimalText.read(form.value("axisEnd")).value();
        return end == null || end.signum() <= 0 ? null : end.doubleValue();
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
