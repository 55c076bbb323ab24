package dev.steelyard.web.selling.orders;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A placed order. It has no setters: what was sold stays as it was. */
@Entity
@Table(name = "shop_order")
class StoredOrder extends Stored {

    private String number = "";
    private String checkoutKey = "";
    private Instant placedAt = Instant.EPOCH;
    private @Nullable String pricedFor;
    private LocalDate pricedOn = LocalDate.EPOCH;
    private String buyer = "";
    private String email = "";

    @Column(columnDefinition = "char(3)")
    private String currency = "";

    private byte minorDigits;
    private BigDecimal total = BigDecimal.ZERO;

    @Column(columnDefinition = "char(2)")
    private @Nullable String country;

    private String payment = "";
    private @Nullable BigDecimal goodsTotal;
    private boolean taxIncluded;

    @Column(columnDefinition = "longtext")
    private String tax = "[]";

    @Column(columnDefinition = "longtext")
    private String deals = "[]";

    @Column(columnDefinition = "longtext")
    private String unusedDeals = "[]";

    @Column(columnDefinition = "longtext")
    private String codes = "[]";

    @Column(columnDefinition = "longtext")
    private String seller = "{}";

    private boolean withoutTax;
    private String language = "en";

    @Column(columnDefinition = "longtext")
    private @Nullable String asked;

    private @Nullable String keyName;
    private @Nullable String quote;
    private @Nullable BigDecimal charged;

    private String paymentReference = "";

    @Column(columnDefinition = "char(4)")
    private String cardEnding = "";

    @OneToMany(mappedBy = "order", cascade = CascadeType.PERSIST)
    @OrderBy("position")
    private List<StoredOrderLine> lines = new ArrayList<>();

    protected StoredOrder() {}

    /** What of an order is kept as JSON. */
    record Written(String tax, String deals, String unusedDeals, String codes, String seller, @Nullable String asked) {}

    StoredOrder(String number, Instant placedAt, NewOrder order, Written written) {
        this.number = number;
        this.placedAt = placedAt;
        this.checkoutKey = order.checkoutKey();
        this.pricedFor = order.pricedFor();
        this.pricedOn = order.pricedOn();
        this.buyer = order.buyer();
        this.email = order.email();
        this.currency = order.currency();
        this.minorDigits = (byte) order.minorDigits();
        this.total = order.total();
        this.country = order.country();
        this.payment = order.payment();
        this.goodsTotal = order.goodsTotal();
        this.taxIncluded = order.taxIncluded();
        this.tax = written.tax();
        this.deals = written.deals();
        this.unusedDeals = written.unusedDeals();
        this.codes = written.codes();
        this.seller = written.seller();
        this.asked = written.asked();
        this.withoutTax = order.withoutTax();
        this.language = Objects.requireNonNullElse(order.language(), "en");
        this.paymentReference = order.paymentReference();
        this.cardEnding = order.cardEnding();
        NewOrder.Store store = order.store();
        if (store != null) {
            this.keyName = store.key();
            this.quote = store.quote();
            this.charged = store.charged();
        }
    }

    /** By whose key it was reported; none for an order of the counter. */
    @Nullable
    String keyName() {
        return keyName;
    }

    /** By which it was sold; none where it was by none. */
    @Nullable
    String quote() {
        return quote;
    }

    /** What the store charged; none for an order of the counter. */
    @Nullable
    BigDecimal charged() {
        return charged;
    }

    String seller() {
        return seller;
    }

    /** In which the buyer read it. */
    String language() {
        return language;
    }

    boolean withoutTax() {
        return withoutTax;
    }

    void add(StoredOrderLine line) {
        lines.add(line);
    }

    String number() {
        return number;
    }

    Instant placedAt() {
        return placedAt;
    }

    @Nullable
    String pricedFor() {
        return pricedFor;
    }

    LocalDate pricedOn() {
        return pricedOn;
    }

    String buyer() {
        return buyer;
    }

    String email() {
        return email;
    }

    String currency() {
        return currency;
    }

    int minorDigits() {
        return minorDigits;
    }

    BigDecimal total() {
        return total;
    }

    @Nullable
    String country() {
        return country;
    }

    String payment() {
        return payment;
    }

    @Nullable
    BigDecimal goodsTotal() {
        return goodsTotal;
    }

    boolean taxIncluded() {
        return taxIncluded;
    }

    String tax() {
        return tax;
    }

    String deals() {
        return deals;
    }

    String unusedDeals() {
        return unusedDeals;
    }

    String codes() {
        return codes;
    }

    String paymentReference() {
        return paymentReference;
    }

    String cardEnding() {
        return cardEnding;
    }

    List<StoredOrderLine> lines() {
        return List.copyOf(lines);
    }
}
