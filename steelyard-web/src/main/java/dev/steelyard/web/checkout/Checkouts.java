package dev.steelyard.web.checkout;

import dev.steelyard.web.checkout.StoredCheckout.State;
import dev.steelyard.web.counter.Baskets;
import dev.steelyard.web.orders.NewOrder;
import dev.steelyard.web.orders.Orders;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** The stored side of checkouts: each step in a transaction of its own, with the checkout's row locked. */
@Service
class Checkouts {

    private final EntityManager entities;
    private final TransactionTemplate transactions;
    private final Orders orders;
    private final Baskets baskets;
    private final JsonMapper mapper;

    Checkouts(
            EntityManager entities,
            TransactionTemplate transactions,
            Orders orders,
            Baskets baskets,
            JsonMapper mapper) {
        this.entities = entities;
        this.transactions = transactions;
        this.orders = orders;
        this.baskets = baskets;
        this.mapper = mapper;
    }

    /** Makes sure there is a row for a key; two at once make one. */
    void ensure(String key) {
        try {
            transactions.executeWithoutResult(status -> {
                if (count(key) == 0) {
                    entities.persist(new StoredCheckout(key));
                }
            });
        } catch (DataIntegrityViolationException otherWasFirst) {
            if (transactions.execute(status -> count(key)) != 1) {
                throw otherWasFirst;
            }
        }
    }

    private long count(String key) {
        return entities.createQuery("select count(c) from StoredCheckout c where c.checkoutKey = :key", Long.class)
                .setParameter("key", key)
                .getSingleResult();
    }

    /** Does something to a checkout while nobody else can. */
    <T> T locked(String key, Function<StoredCheckout, T> step) {
        Supplier<T> work = () -> step.apply(
                entities.createQuery("select c from StoredCheckout c where c.checkoutKey = :key", StoredCheckout.class)
                        .setParameter("key", key)
                        .setLockMode(LockModeType.PESSIMISTIC_WRITE)
                        .getSingleResult());
        return Objects.requireNonNull(transactions.execute(status -> work.get()));
    }

    /** Turns an approved payment into an order, once, and empties the basket it came from. */
    Outcome place(String key, String paymentKey, String reference) {
        return locked(key, checkout -> {
            if (checkout.state() == State.PLACED) {
                return new Outcome.Placed();
            }
            if (checkout.state() != State.PAYING || !checkout.paymentKey().equals(paymentKey)) {
                throw new IllegalStateException("an approved payment without its attempt: " + paymentKey);
            }
            NewOrder frozen = mapper.readValue(checkout.frozen(), NewOrder.class);
            orders.place(new NewOrder(
                    frozen.checkoutKey(),
                    frozen.pricedFor(),
                    frozen.pricedOn(),
                    frozen.buyer(),
                    frozen.email(),
                    frozen.currency(),
                    frozen.minorDigits(),
                    frozen.total(),
                    reference,
                    frozen.cardEnding(),
                    frozen.lines()));
            checkout.placed();
            if (checkout.basketId() != null) {
                baskets.empty(checkout.basketId());
            }
            return new Outcome.Placed();
        });
    }

    /** After a refused payment another can be tried, unless a later press has begun one already. */
    Outcome refused(String key, String paymentKey, String why) {
        return locked(key, checkout -> {
            if (checkout.state() == State.PLACED) {
                return new Outcome.Placed();
            }
            if (checkout.state() == State.PAYING && checkout.paymentKey().equals(paymentKey)) {
                checkout.reopen();
            }
            return new Outcome.Refused(why);
        });
    }
}
