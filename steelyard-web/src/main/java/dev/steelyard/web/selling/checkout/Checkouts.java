package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.checkout.StoredCheckout.State;
import dev.steelyard.web.selling.codes.Codes;
import dev.steelyard.web.selling.counter.Baskets;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.orders.Orders;
import dev.steelyard.web.selling.payment.PaymentRefused;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** The stored side of checkouts: each step in a transaction of its own, with the checkout's row locked. */
@Service
class Checkouts {

    private static final int MOST_AT_ONCE = 50;

    private final EntityManager entities;
    private final TransactionTemplate transactions;
    private final Orders orders;
    private final Baskets baskets;
    private final Books books;
    private final PaymentAnswers answers;
    private final Codes codes;
    private final JsonMapper mapper;

    Checkouts(
            EntityManager entities,
            TransactionTemplate transactions,
            Orders orders,
            Baskets baskets,
            Books books,
            PaymentAnswers answers,
            Codes codes,
            JsonMapper mapper) {
        this.codes = codes;
        this.entities = entities;
        this.transactions = transactions;
        this.orders = orders;
        this.baskets = baskets;
        this.books = books;
        this.answers = answers;
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
        return Objects.requireNonNull(transactions.execute(status -> step.apply(lock(key))));
    }

    /**
     * The same under the newest prices, which nobody changes meanwhile. They are held before the checkout is: what is read
     * first decides what all of a transaction sees, and a basket's group is read with it.
     */
    <T> T lockedUnderNewestPrices(String key, BiFunction<StoredCheckout, BookInForce, T> step) {
        books.refresh(); // outside the transaction, so that nobody is kept from publishing while a book is made
        return Objects.requireNonNull(transactions.execute(status -> {
            BookInForce book = books.newestHeld();
            return step.apply(lock(key), book);
        }));
    }

    private StoredCheckout lock(String key) {
        return entities.createQuery("select c from StoredCheckout c where c.checkoutKey = :key", StoredCheckout.class)
                .setParameter("key", key)
                .setLockMode(LockModeType.PESSIMISTIC_WRITE)
                .getSingleResult();
    }

    /** Whether there is a checkout of a key. */
    boolean knows(String key) {
        return Objects.requireNonNull(transactions.execute(status -> count(key))) == 1;
    }

    /** Where a payment stands: its order is placed, it was refused, or nothing is decided; none for the last. */
    @Nullable
    PlacingOutcome outcome(String key, String paymentKey) {
        StoredCheckout checkout = Objects.requireNonNull(transactions.execute(status -> entities.createQuery(
                        "select c from StoredCheckout c where c.checkoutKey = :key", StoredCheckout.class)
                .setParameter("key", key)
                .getSingleResult()));
        if (checkout.state() == State.PLACED) {
            return new PlacingOutcome.Placed();
        }
        return checkout.state() == State.OPEN && checkout.paymentKey().equals(paymentKey)
                ? new PlacingOutcome.Refused(PaymentRefused.kept(Objects.requireNonNullElse(checkout.refusedWhy(), "")))
                : null;
    }

    /** The keys of other checkouts that wait for a payment for a basket. */
    List<String> payingFrom(@Nullable Long basketId, String butFor) {
        return Objects.requireNonNull(transactions.execute(status -> entities.createQuery(
                        "select c.checkoutKey from StoredCheckout c where c.basketId = :basket and c.state = :state"
                                + " and c.checkoutKey <> :key",
                        String.class)
                .setParameter("basket", basketId)
                .setParameter("state", State.PAYING)
                .setParameter("key", butFor)
                .getResultList()));
    }

    /** Payments that nobody has heard of since a moment, by their keys. */
    List<String> payingSince(Instant moment) {
        return Objects.requireNonNull(transactions.execute(status -> entities.createQuery(
                        "select c from StoredCheckout c where c.state = :state and c.payingSince < :moment",
                        StoredCheckout.class)
                .setParameter("state", State.PAYING)
                .setParameter("moment", moment)
                .setMaxResults(MOST_AT_ONCE)
                .getResultStream()
                .map(StoredCheckout::paymentKey)
                .toList()));
    }

    /**
     * Turns an approved payment into an order, once, and empties the basket it came from.
     *
     * @return none where the payment is not, or no longer, the one this checkout waits for
     */
    @Nullable
    PlacingOutcome place(String key, String paymentKey, String reference) {
        Optional<PlacingOutcome> outcome = locked(key, checkout -> {
            if (checkout.state() == State.PLACED) {
                return Optional.<PlacingOutcome>of(new PlacingOutcome.Placed());
            }
            if (checkout.state() != State.PAYING || !checkout.paymentKey().equals(paymentKey)) {
                return Optional.<PlacingOutcome>empty();
            }
            orders.place(mapper.readValue(checkout.frozen(), NewOrder.class).paid(reference));
            finish(checkout);
            return Optional.<PlacingOutcome>of(new PlacingOutcome.Placed());
        });
        answers.came(paymentKey);
        return outcome.orElse(null);
    }

    /** Says that an order has been placed, in the caller's transaction. */
    void finish(StoredCheckout checkout) {
        checkout.placed();
        if (checkout.basketId() != null) {
            baskets.empty(checkout.basketId());
        }
    }

    /** After a refused payment another can be tried, unless a later press has begun one already. */
    PlacingOutcome refused(String key, String paymentKey, PaymentRefused why) {
        PlacingOutcome outcome = locked(key, checkout -> {
            if (checkout.state() == State.PLACED) {
                return new PlacingOutcome.Placed();
            }
            if (checkout.state() == State.PAYING && checkout.paymentKey().equals(paymentKey)) {
                codes.release(key);
                checkout.reopen(why.name());
            }
            return new PlacingOutcome.Refused(why);
        });
        answers.came(paymentKey);
        return outcome;
    }

    /** The order of a payment that a checkout waits for, frozen; none where it waits for no such payment. */
    @Nullable
    NewOrder awaited(String key, String paymentKey) {
        return locked(
                        key,
                        checkout -> checkout.state() == State.PAYING
                                        && checkout.paymentKey().equals(paymentKey)
                                ? Optional.of(mapper.readValue(checkout.frozen(), NewOrder.class))
                                : Optional.<NewOrder>empty())
                .orElse(null);
    }
}
