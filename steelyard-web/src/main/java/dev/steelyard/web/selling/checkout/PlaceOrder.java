package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.checkout.StoredCheckout.State;
import dev.steelyard.web.selling.counter.BasketView;
import dev.steelyard.web.selling.counter.Baskets;
import dev.steelyard.web.selling.counter.PricedPicks;
import dev.steelyard.web.selling.counter.Shopper;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.orders.Orders;
import dev.steelyard.web.selling.payment.NoAnswer;
import dev.steelyard.web.selling.payment.PaymentAnswer;
import dev.steelyard.web.selling.payment.PaymentRefused;
import dev.steelyard.web.selling.payment.Payments;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * From a pressed button to an order. The basket is priced and frozen under the newest prices, paid by a key of its own,
 * then stored; each step can be repeated, so pressing twice, a lost answer or a crash between steps end in one order and
 * one payment.
 */
@Service
class PlaceOrder {

    /** How long it is waited before it is looked whether the answer came to another node. */
    private static final Duration LOOK_AFTER = Duration.ofSeconds(1);

    private final Checkouts checkouts;
    private final Payments payments;
    private final PaymentAnswers answers;
    private final Baskets baskets;
    private final Freezing freezing;
    private final Buyers buyers;
    private final Orders orders;
    private final JsonMapper mapper;
    private final Clock clock;
    private final Duration patience;

    /** @param patience how long the answer of the payment service is waited for while the shopper looks on */
    PlaceOrder(
            Checkouts checkouts,
            Payments payments,
            PaymentAnswers answers,
            Baskets baskets,
            Freezing freezing,
            Buyers buyers,
            Orders orders,
            JsonMapper mapper,
            Clock clock,
            @Value("${steelyard.payments.patience:4s}") Duration patience) {
        this.checkouts = checkouts;
        this.payments = payments;
        this.answers = answers;
        this.baskets = baskets;
        this.freezing = freezing;
        this.buyers = buyers;
        this.orders = orders;
        this.mapper = mapper;
        this.clock = clock;
        this.patience = patience;
    }

    /** Where a checkout stands once it has been priced: over already, or with a payment to make. */
    private record Begun(@Nullable PlacingOutcome over, @Nullable Payment payment) {}

    private record Payment(String key, NewOrder order) {}

    PlacingOutcome place(String key, SeenPrices seen, Buyer buyer, @Nullable String basketToken) {
        checkouts.ensure(key);
        PlacingOutcome earlier = settleEarlier(key);
        if (earlier != null) {
            return earlier;
        }
        Long basket = baskets.id(basketToken).orElse(null);
        for (String other : checkouts.payingFrom(basket, key)) {
            if (settleEarlier(other) instanceof PlacingOutcome.Unanswered unanswered) {
                return unanswered;
            }
        }
        Begun begun = checkouts.lockedUnderNewestPrices(
                key, (checkout, book) -> begin(checkout, book, key, seen, buyer, basketToken));
        return begun.over() != null ? begun.over() : pay(key, Objects.requireNonNull(begun.payment()), buyer);
    }

    /** A payment begun by an earlier press is either found taken, and the order placed, or made sure never to be. */
    private @Nullable PlacingOutcome settleEarlier(String key) {
        String unsettled =
                checkouts.locked(key, checkout -> checkout.state() == State.PAYING ? checkout.paymentKey() : "");
        if (unsettled.isEmpty()) {
            return null;
        }
        PaymentAnswer answer;
        try {
            answer = payments.cancel(unsettled);
        } catch (NoAnswer away) {
            return new PlacingOutcome.Unanswered();
        }
        if (answer instanceof PaymentAnswer.Approved approved) {
            return checkouts.place(key, unsettled, approved.reference());
        }
        return checkouts.refused(key, unsettled, PaymentRefused.CALLED_OFF) instanceof PlacingOutcome.Placed placed
                ? placed
                : null;
    }

    private Begun begin(
            StoredCheckout checkout,
            BookInForce book,
            String key,
            SeenPrices seen,
            Buyer buyer,
            @Nullable String basketToken) {
        if (checkout.state() == State.PLACED) {
            return new Begun(new PlacingOutcome.Placed(), null);
        }
        if (checkout.state() == State.PAYING) {
            return new Begun(new PlacingOutcome.Unanswered(), null); // another press began a payment this very moment
        }
        baskets.hold(basketToken, buyer.payment());
        Shopper shopper = buyers.ordering(baskets.shopper(basketToken, book), buyer.email());
        PricedPicks priced = PricedPicks.of(shopper, book);
        BasketView view = BasketView.of(priced);
        if (view.refusal() != null) {
            return new Begun(new PlacingOutcome.NotOrderable(view.refusal()), null);
        }
        List<String> changes = seen.changesTo(CheckoutSummaries.seen(view), shopper.words());
        if (!changes.isEmpty()) {
            return new Begun(
                    new PlacingOutcome.Changed(
                            buyers.withReasons(changes, baskets.shopper(basketToken, book), shopper)),
                    null);
        }
        if (!checkouts.payingFrom(shopper.basketId(), key).isEmpty()) {
            return new Begun(new PlacingOutcome.NotOrderable(shopper.words().text("checkout.elsewhere")), null);
        }
        List<String> spent = buyers.useCodes(shopper, priced.basket(), key, buyer.email());
        if (!spent.isEmpty()) {
            return new Begun(new PlacingOutcome.Changed(spent), null);
        }
        NewOrder order = freezing.freeze(key, buyer, priced);
        checkout.startPaying(
                shopper.basketId(), buyer, order.total(), mapper.writeValueAsString(order), clock.instant());
        if (!buyer.payment().atOnce()) {
            orders.place(order);
            checkouts.finish(checkout);
            return new Begun(new PlacingOutcome.Placed(), null);
        }
        return new Begun(null, new Payment(checkout.paymentKey(), order));
    }

    private PlacingOutcome pay(String key, Payment payment, Buyer buyer) {
        answers.expect(payment.key());
        try {
            payments.ask(payment.key(), payment.order().total(), payment.order().currency(), buyer.cardDigits());
            return answered(key, payment.key());
        } catch (NoAnswer none) {
            return new PlacingOutcome.Unanswered();
        } finally {
            answers.forget(payment.key());
        }
    }

    private PlacingOutcome answered(String key, String paymentKey) {
        Instant until = clock.instant().plus(patience);
        while (true) {
            Duration left = Duration.between(clock.instant(), until);
            if (left.isNegative() || left.isZero()) {
                return new PlacingOutcome.Unanswered();
            }
            answers.await(paymentKey, left.compareTo(LOOK_AFTER) < 0 ? left : LOOK_AFTER);
            PlacingOutcome outcome = checkouts.outcome(key, paymentKey);
            if (outcome != null) {
                return outcome;
            }
        }
    }
}
