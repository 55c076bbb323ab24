package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A checkout under way: open, waiting for a payment, or placed. */
@Entity
@Table(name = "checkout")
class StoredCheckout extends Stored {

    private String checkoutKey = "";
    private @Nullable Long basketId;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(10)")
    private State state = State.OPEN;

    private int attempt;
    private String buyer = "";
    private String email = "";

    @Column(columnDefinition = "char(4)")
    private String cardEnding = "";

    private BigDecimal total = BigDecimal.ZERO;
    private String payment = "";
    private @Nullable Instant payingSince;
    private @Nullable String refusedWhy;

    @Column(columnDefinition = "longtext")
    private String frozen = "{}";

    @Version
    private long version;

    enum State {
        OPEN,
        PAYING,
        PLACED
    }

    protected StoredCheckout() {}

    StoredCheckout(String checkoutKey) {
        this.checkoutKey = checkoutKey;
    }

    State state() {
        return state;
    }

    @Nullable
    Long basketId() {
        return basketId;
    }

    BigDecimal total() {
        return total;
    }

    /** Why the last payment was refused; none where none was. */
    @Nullable
    String refusedWhy() {
        return refusedWhy;
    }

    String frozen() {
        return frozen;
    }

    /** One key for each attempt to pay, so that a card tried again is a payment of its own. */
    String paymentKey() {
        return checkoutKey + "/" + attempt;
    }

    void startPaying(@Nullable Long basket, Buyer by, BigDecimal amount, String frozenOrder, Instant now) {
        state = State.PAYING;
        attempt++;
        basketId = basket;
        buyer = by.name();
        email = by.email();
        cardEnding = by.cardEnding();
        payment = by.payment().label();
        payingSince = now;
        refusedWhy = null;
        total = amount;
        frozen = frozenOrder;
    }

    /** After a payment that was refused, so that another can be tried. */
    void reopen(String why) {
        state = State.OPEN;
        refusedWhy = why;
    }

    void placed() {
        state = State.PLACED;
    }
}
