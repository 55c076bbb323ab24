package dev.steelyard.web.checkout;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.BasketTotal;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.checkout.StoredCheckout.State;
import dev.steelyard.web.counter.BasketView;
import dev.steelyard.web.counter.Baskets;
import dev.steelyard.web.counter.Shopper;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.orders.NewOrder;
import dev.steelyard.web.page.ReckoningText;
import dev.steelyard.web.payment.NoAnswer;
import dev.steelyard.web.payment.PaymentAnswer;
import dev.steelyard.web.payment.Payments;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * From a pressed button to an order. The basket is priced and frozen under the newest prices, paid by a key of its own,
 * then stored; each step can be repeated, so pressing twice, a lost answer or a crash between steps end in one order and
 * one payment.
 */
@Service
class PlaceOrder {

    private final Checkouts checkouts;
    private final Payments payments;
    private final Books books;
    private final Baskets baskets;
    private final GoodsStore goods;
    private final JsonMapper mapper;

    PlaceOrder(
            Checkouts checkouts, Payments payments, Books books, Baskets baskets, GoodsStore goods, JsonMapper mapper) {
        this.checkouts = checkouts;
        this.payments = payments;
        this.books = books;
        this.baskets = baskets;
        this.goods = goods;
        this.mapper = mapper;
    }

    /** Where a checkout stands once it has been priced: over already, or with a payment to make. */
    private record Begun(@Nullable Outcome over, @Nullable Payment payment) {}

    private record Payment(String key, NewOrder order) {}

    Outcome place(String key, SeenPrices seen, Buyer buyer, @Nullable String basketToken) {
        checkouts.ensure(key);
        Outcome earlier = settleEarlier(key);
        if (earlier != null) {
            return earlier;
        }
        Begun begun = checkouts.locked(key, checkout -> begin(checkout, key, seen, buyer, basketToken));
        return begun.over() != null ? begun.over() : pay(key, Objects.requireNonNull(begun.payment()), buyer);
    }

    /** A payment begun by an earlier press is either found taken, and the order placed, or made sure never to be. */
    private @Nullable Outcome settleEarlier(String key) {
        String unsettled =
                checkouts.locked(key, checkout -> checkout.state() == State.PAYING ? checkout.paymentKey() : "");
        if (unsettled.isEmpty()) {
            return null;
        }
        if (payments.cancel(unsettled) instanceof PaymentAnswer.Approved approved) {
            return checkouts.place(key, unsettled, approved.reference());
        }
        return checkouts.refused(key, unsettled, "called off") instanceof Outcome.Placed placed ? placed : null;
    }

    private Begun begin(
            StoredCheckout checkout, String key, SeenPrices seen, Buyer buyer, @Nullable String basketToken) {
        if (checkout.state() == State.PLACED) {
            return new Begun(new Outcome.Placed(), null);
        }
        if (checkout.state() == State.PAYING) {
            return new Begun(new Outcome.Unanswered(), null); // another press began a payment this very moment
        }
        BookInForce book = books.newestHeld();
        Shopper shopper = baskets.shopper(basketToken, book);
        List<LineResult> results = BasketView.price(shopper, book);
        BasketView view = BasketView.of(shopper, results, book);
        if (view.refusal() != null) {
            return new Begun(new Outcome.NotOrderable(view.refusal()), null);
        }
        List<String> changes = seen.changesTo(Summaries.seen(view));
        if (!changes.isEmpty()) {
            return new Begun(new Outcome.Changed(changes), null);
        }
        NewOrder order = freeze(key, buyer, shopper, results, book);
        checkout.startPaying(shopper.basketId(), buyer, order.total(), mapper.writeValueAsString(order));
        return new Begun(null, new Payment(checkout.paymentKey(), order));
    }

    private Outcome pay(String key, Payment payment, Buyer buyer) {
        PaymentAnswer answer;
        try {
            answer = payments.charge(
                    payment.key(),
                    payment.order().total(),
                    payment.order().currency(),
                    buyer.card().digits());
        } catch (NoAnswer none) {
            return new Outcome.Unanswered();
        }
        if (answer instanceof PaymentAnswer.Approved approved) {
            return checkouts.place(key, payment.key(), approved.reference());
        }
        return checkouts.refused(key, payment.key(), ((PaymentAnswer.Refused) answer).reason());
    }

    private NewOrder freeze(String key, Buyer buyer, Shopper shopper, List<LineResult> results, BookInForce book) {
        Money total = Objects.requireNonNull(
                BasketTotal.of(results, book.shop().rules().rounding()));
        return new NewOrder(
                key,
                shopper.group(),
                shopper.day(),
                buyer.name(),
                buyer.email(),
                book.shop().currency(),
                book.shop().minorDigits(),
                total.value(),
                "",
                buyer.card().ending(),
                lines(shopper, results, book));
    }

    private List<NewOrder.Line> lines(Shopper shopper, List<LineResult> results, BookInForce book) {
        BasketView view = BasketView.of(shopper, results, book);
        List<NewOrder.Line> lines = new ArrayList<>();
        for (int i = 0; i < results.size(); i++) {
            lines.add(line((PricedLine) results.get(i), view.lines().get(i)));
        }
        return lines;
    }

    private NewOrder.Line line(PricedLine line, BasketView.Line shown) {
        long productId = goods.findBySku(line.item().product().sku().value())
                .orElseThrow()
                .id();
        List<String> answers = new ArrayList<>(shown.answers());
        if (!shown.variants().isEmpty()) {
            answers.add(shown.variants());
        }
        CardInForce version = shown.version();
        return new NewOrder.Line(
                productId,
                line.item().sku().value(),
                shown.name(),
                (int) line.quantity(),
                line.shownPerPiece().value(),
                line.shownPerPiece().value().scale(),
                line.total().value(),
                answers,
                line.card(),
                version == null ? null : version.id(),
                version == null ? null : version.number(),
                ReckoningText.of(line.reckoning()));
    }
}
