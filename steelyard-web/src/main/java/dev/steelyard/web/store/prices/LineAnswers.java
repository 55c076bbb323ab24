package dev.steelyard.web.store.prices;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedCard.FigureShown;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.FactWriter;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.shown.UnitPrice;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Says in the words of the API what lines come to. */
public final class LineAnswers {

    private final BookInForce book;
    private final Customer customer;
    private final ZonedDateTime at;
    private final Words words;
    private final boolean reckoning;
    private final @Nullable Reductions reductions;

    /** @param reckoning whether to say how each price came about */
    LineAnswers(
            BookInForce book,
            Customer customer,
            ZonedDateTime at,
            Words words,
            boolean reckoning,
            Reductions reductions) {
        this.reductions = customer.group() == null ? reductions : null;
        this.book = book;
        this.customer = customer;
        this.at = at;
        this.words = words;
        this.reckoning = reckoning;
    }

    /** @param token the line signed; none where that was not asked for */
    LineAnswer of(AskedLine asked, LineResult result, @Nullable String token) {
        return result instanceof PricedLine line
                ? priced(asked, line, null, null, token)
                : refused(asked, (RefusedLine) result);
    }

    /** A line of a basket, by its place. */
    LineAnswer of(AskedLine asked, PricedBasket basket, int place) {
        LineResult result = basket.lines().get(place);
        return result instanceof PricedLine line
                ? priced(asked, line, basket.left(place), basket.taxOf(place), null)
                : refused(asked, (RefusedLine) result);
    }

    private LineAnswer priced(
            AskedLine asked, PricedLine line, @Nullable Money left, @Nullable Money tax, @Nullable String token) {
        Step.Figure billable = line.billable();
        int decimals = line.shownPerPiece().value().scale();
        return new LineAnswer(
                asked.id(),
                asked.sku(),
                line.quantity(),
                line.total().toString(),
                line.shownPerPiece().toString(),
                billable == null ? null : new LineAnswer.Amount(digits(billable), code(billable.unit())),
                billable == null || billable.unit() == null ? null : perUnit(line, billable.value(), billable.unit()),
                line.next() == null
                        ? null
                        : new LineAnswer.Next(
                                line.next().more(), line.next().pricePerPiece().toString()),
                card(line),
                line.shelfPrice() == null ? null : money(line.shelfPrice(), decimals),
                lowest(line, decimals),
                line.figures().isEmpty()
                        ? null
                        : line.figures().stream().map(this::figure).toList(),
                reckoning ? steps(line.reckoning()) : null,
                left == null ? null : left.toString(),
                tax == null ? null : tax.toString(),
                null,
                token);
    }

    /** Of a price that is reduced for a time, for everyone: the lowest of the thirty days before. */
    private @Nullable String lowest(PricedLine line, int decimals) {
        return reductions == null
                ? null
                : reductions
                        .of(line.item().sku().value())
                        .map(Reductions.Reduction::lowest)
                        .map(lowest -> money(lowest, decimals))
                        .orElse(null);
    }

    private static String money(BigDecimal value, int decimals) {
        return Decimals.plain(value, decimals);
    }

    private LineAnswer.@Nullable PerUnit perUnit(PricedLine line, BigDecimal amount, Unit unit) {
        return UnitPrice.each(
                        line.shownPerPiece().value(),
                        unit.toBase(amount),
                        unit,
                        book.shop().minorDigits())
                .map(each -> new LineAnswer.PerUnit(
                        each.money().toPlainString(), each.unit().code()))
                .orElse(null);
    }

    /** None for the shelf price, which is no card's. */
    private LineAnswer.@Nullable Card card(PricedLine line) {
        PreparedCard card = book.book().cardFor(line.item().sku(), customer, at);
        CardInForce found = card == null ? null : book.version(card);
        return found == null ? null : new LineAnswer.Card(line.card(), found.version());
    }

    private LineAnswer.Figure figure(FigureShown shown) {
        return new LineAnswer.Figure(
                words.in(shown.label()),
                digits(shown.figure()),
                code(shown.figure().unit()));
    }

    private List<LineAnswer.Step> steps(Reckoning told) {
        return told.steps().stream()
                .map(step -> new LineAnswer.Step(
                        words.say(step.what()),
                        words.say(step.how()),
                        digits(step.result()),
                        code(step.result().unit()),
                        step.point() == null ? null : step.point().name()))
                .toList();
    }

    private static String digits(Step.Figure figure) {
        return Decimals.plain(figure.value(), figure.decimals());
    }

    private static @Nullable String code(@Nullable Unit unit) {
        return unit == null || unit.code().isEmpty() ? null : unit.code();
    }

    private LineAnswer refused(AskedLine asked, RefusedLine refused) {
        List<LineAnswer.Fault> faults =
                refused.faults().stream().map(fault -> fault(fault, words)).toList();
        return new LineAnswer(
                asked.id(),
                asked.sku(),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                new LineAnswer.Refused(refused.place().code(), words.say(refused.what()), faults),
                null);
    }

    static LineAnswer.Fault fault(Fault fault, Words words) {
        return new LineAnswer.Fault(
                fault.place().code(),
                words.say(fault.what()),
                fault.what().code().id(),
                FactWriter.write(fault.what()).path("figures"));
    }
}
