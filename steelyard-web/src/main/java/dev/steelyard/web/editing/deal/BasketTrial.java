package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.NumberSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.selling.shown.AnswerWords;
import dev.steelyard.web.selling.shown.HourWords;
import dev.steelyard.web.selling.shown.TriedAt;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Prices the trial's basket by the live cards and some deals. What goods ask for is answered with their usual answers. */
final class BasketTrial {

    private final TypedBasket text;
    private final Subject subject;
    private final BookInForce book;
    private final ZonedDateTime at;
    private final boolean moved;
    private final Customer customer;
    private final @Nullable String codeList;

    /**
     * @param tried the conditions of the deal that is tried; where it asks for a code of a list, one is taken as given
     * @param now the moment it is tried for where its day is today, no time is typed and the deal counts then
     */
    BasketTrial(TypedBasket text, Subject subject, BookInForce book, Conditions tried, ZonedDateTime now) {
        Times times = tried.times();
        this.codeList = tried.codeList();
        this.text = text;
        this.subject = subject;
        this.book = book;
        LocalDate day = Objects.requireNonNullElse(text.day(subject), now.toLocalDate());
        boolean rightNow = text.time() == null
                && now.toLocalDate().equals(day)
                && times.reasonAgainst(now) != PassedOverFor.NOT_NOW;
        TriedAt moment = rightNow ? new TriedAt(now, false) : TriedAt.of(day, text.time(), times, now.getZone());
        this.at = moment.moment();
        this.moved = moment.moved();
        this.customer = text.customer(subject);
    }

    /** When it is tried, where days or hours of the deal moved that; none where they did not. */
    @Nullable
    String moved() {
        return moved ? HourWords.moment(at) : null;
    }

    /** The basket under these deals and the live cards, with all reckonings. */
    PricedBasket price(List<Deal> deals) {
        PriceBook prices = book.book().withDeals(deals);
        List<TypedBasket.Row> rows = text.rows();
        List<OrderLine> asked = new ArrayList<>();
        rows.forEach(row -> asked.add(order(row)));
        List<LineResult> priced = prices.explain(asked, customer, at);
        List<LineResult> lines = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            lines.add(line(rows.get(i), asked.get(i), priced.get(i)));
        }
        return prices.settle(
                lines,
                Occasion.of(customer, text.payment(), text.codes(), at)
                        .withCodesOf(codeList == null ? Set.of() : Set.of(codeList)),
                true);
    }

    private static final Sku NOTHING = new Sku("-");

    private OrderLine order(TypedBasket.Row row) {
        Item item = subject.item(row.sku());
        BigDecimal pieces = TypedNumbers.pieces(row.quantity()).value();
        long quantity = pieces == null ? 0 : pieces.longValueExact();
        if (item == null) {
            return new OrderLine(NOTHING, quantity);
        }
        PreparedCard card = book.book().cardFor(item.sku(), customer, at);
        return card == null
                ? new OrderLine(item.sku(), quantity)
                : new OrderLine(
                        item.sku(), quantity, usual(card, row.sku()).answers().answers(card.card()));
    }

    private TrialText usual(PreparedCard card, String sku) {
        return new TrialText(Map.of(TrialText.SKU, sku)).filledFor(card.card(), subject);
    }

    private LineResult line(TypedBasket.Row row, OrderLine asked, LineResult priced) {
        DecimalText.Reading quantity = TypedNumbers.pieces(row.quantity());
        if (quantity.fault() != null) {
            return new RefusedLine(Place.QUANTITY, NumberSays.quantity(quantity.fault()));
        }
        Item item = subject.item(row.sku());
        if (row.total().isBlank() || item == null) {
            return priced;
        }
        DecimalText.Reading total = TypedNumbers.read(row.total());
        if (total.value() == null || total.value().signum() < 0) {
            return new RefusedLine(
                    Place.TOTAL,
                    total.fault() != null
                            ? NumberSays.answer(Part.name("total"), total.fault())
                            : Fact.of(Refusal.TOTAL_NEGATIVE, Part.typed(row.total())));
        }
        return PricedLine.given(
                item,
                asked.quantity(),
                book.shop().rules().rounding().lineTotal(total.value()),
                book.shop().rules().rounding());
    }

    /** What was answered for a row, in words: “Length 5 m”; empty where nothing is asked. */
    String answers(TypedBasket.Row row) {
        Item item = subject.item(row.sku());
        @Nullable PreparedCard card = item == null ? null : book.book().cardFor(item.sku(), customer, at);
        return card == null || card.card().asks().isEmpty()
                ? ""
                : String.join(
                        " · ",
                        AnswerWords.of(
                                        card.card(),
                                        usual(card, row.sku()).answers().answers(card.card()))
                                .stream()
                                .map(Words.owners()::say)
                                .toList());
    }
}
