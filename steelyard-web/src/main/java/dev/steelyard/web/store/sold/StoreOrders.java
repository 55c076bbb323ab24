package dev.steelyard.web.store.sold;

import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.codes.Codes;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.orders.OrderFreezer;
import dev.steelyard.web.selling.orders.Orders;
import dev.steelyard.web.selling.orders.SoldOrder;
import dev.steelyard.web.selling.orders.SoldOrders;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.web.store.prices.BasketPrices;
import dev.steelyard.web.store.prices.BasketRequest;
import dev.steelyard.web.store.prices.FrozenBaskets;
import dev.steelyard.web.store.quotes.Quotes;
import dev.steelyard.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import java.util.UUID;
import org.hibernate.exception.ConstraintViolationException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what a store sold, frozen with Steelyard's reckoning, as the counter's orders are. What was charged is kept beside it,
 * whatever it was: the sale has happened.
 */
@Service
public class StoreOrders {

    private static final Duration AHEAD = Duration.ofMinutes(10);

    private final Orders orders;
    private final SoldOrders sold;
    private final Quotes quotes;
    private final BasketPrices prices;
    private final FrozenBaskets frozen;
    private final Codes codes;
    private final Clock clock;

    StoreOrders(
            Orders orders,
            SoldOrders sold,
            Quotes quotes,
            BasketPrices prices,
            FrozenBaskets frozen,
            Codes codes,
            Clock clock) {
        this.orders = orders;
        this.sold = sold;
        this.quotes = quotes;
        this.prices = prices;
        this.frozen = frozen;
        this.codes = codes;
        this.clock = clock;
    }

    /** @throws ProblemFound where there is such an order already, or it cannot be reckoned */
    @Transactional(propagation = Propagation.MANDATORY)
    SoldOrder keep(SoldRequest request, StoreKey key, BookInForce book) {
        Instant at = request.placedAt() == null
                ? clock.instant().truncatedTo(ChronoUnit.MILLIS)
                : request.placedAt().toInstant();
        check(request, at);
        String checkout = UUID.randomUUID().toString();
        OrderFreezer.Who who = new OrderFreezer.Who(request.buyer(), request.email(), request.payment(), "");
        NewOrder reckoned = request.quote() == null
                ? reckoned(Objects.requireNonNull(request.basket()), checkout, who, book)
                : quoted(request.quote(), request.number());
        place(reckoned.soldBy(
                new NewOrder.Store(
                        request.number(), at, key.called(), request.quote(), request.charged(), request.lines()),
                checkout,
                who));
        codes.use(reckoned.codes(), checkout, request.email());
        return sold.find(request.number()).orElseThrow();
    }

    /** Of two that report the same order at once, one is told so. */
    private void place(NewOrder order) {
        try {
            orders.place(order);
        } catch (ConstraintViolationException meanwhile) {
            throw there(Objects.requireNonNull(order.store()).number());
        }
    }

    private static ProblemFound there(String number) {
        return new ProblemFound(Problem.ORDER_THERE, "There is an order " + number + " already");
    }

    private void check(SoldRequest request, Instant at) {
        if (at.isAfter(clock.instant().plus(AHEAD))) {
            throw new ProblemFound(Problem.DOCUMENT, "/placedAt: " + at + " is still to come");
        }
        if (orders.isThere(request.number())) {
            throw there(request.number());
        }
        if (orders.isOurs(request.number())) {
            throw new ProblemFound(
                    Problem.DOCUMENT,
                    "/number: “" + request.number() + "” is a number as the counter gives them; begin yours otherwise");
        }
    }

    private NewOrder reckoned(BasketRequest basket, String checkout, OrderFreezer.Who who, BookInForce book) {
        BasketPrices.Priced priced = prices.price(basket, book);
        Quotes.sellable(priced, Words.owners());
        return frozen.freeze(checkout, who, priced, Words.owners());
    }

    private NewOrder quoted(String id, String number) {
        Quotes.Held quote = quotes.hold(id)
                .orElseThrow(() -> new ProblemFound(Problem.NO_SUCH_QUOTE, "There is no quote “" + id + "”"));
        String fault = used(quote.order());
        if (fault == null && !clock.instant().isBefore(quote.validUntil())) {
            fault = "it held until " + quote.validUntil() + "; ask for another, or report the order without it";
        }
        if (fault != null) {
            throw new ProblemFound(Problem.QUOTE_OVER, "The quote “" + id + "” cannot be used: " + fault);
        }
        quotes.use(id, number);
        return quote.frozen();
    }

    private static @Nullable String used(@Nullable String order) {
        return order == null ? null : "the order " + order + " was placed by it";
    }
}
