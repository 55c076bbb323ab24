package dev.steelyard.web.selling.orders;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** A line of a placed order, with the reckoning it was sold by. */
@Entity
@Table(name = "order_line")
class StoredOrderLine extends Stored {

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "order_id")
    private @Nullable StoredOrder order;

    private int position;
    private @Nullable Long productId;
    private String sku = "";
    private String name = "";
    private int quantity;
    private BigDecimal pricePerPiece = BigDecimal.ZERO;
    private byte pieceDecimals;
    private BigDecimal total = BigDecimal.ZERO;
    private @Nullable BigDecimal afterDeals;
    private @Nullable BigDecimal taxRate;
    private @Nullable BigDecimal tax;
    private @Nullable BigDecimal charged;
    private String card = "";
    private @Nullable Long cardId;
    private @Nullable Long cardVersion;

    @Column(columnDefinition = "longtext")
    private String answers = "[]";

    private @Nullable String told;

    @Column(columnDefinition = "longtext")
    private String reckoning = "";

    @Column(columnDefinition = "longtext")
    private @Nullable String asked;

    @Column(precision = 30, scale = 12)
    private @Nullable BigDecimal amount;

    @Column(precision = 30, scale = 12)
    private @Nullable BigDecimal reached;

    private @Nullable BigDecimal reduced;

    @Column(precision = 30, scale = 12)
    private @Nullable BigDecimal cost;

    protected StoredOrderLine() {}

    /** What of a line is kept as JSON. */
    record Written(@Nullable String told, String answers, String reckoning, @Nullable String asked) {}

    /** @param charged by the owner's own store; none where it did not say, and at the counter */
    StoredOrderLine(
            StoredOrder order, int position, NewOrder.Line line, @Nullable BigDecimal charged, Written written) {
        this.charged = charged;
        this.order = order;
        this.position = position;
        this.productId = line.productId();
        this.sku = line.sku();
        this.name = line.name();
        this.quantity = line.quantity();
        this.pricePerPiece = line.pricePerPiece();
        this.pieceDecimals = (byte) line.pieceDecimals();
        this.total = line.total();
        this.afterDeals = line.afterDeals();
        this.taxRate = line.taxRate();
        this.tax = line.tax();
        this.told = written.told();
        this.answers = written.answers();
        this.card = line.card();
        this.cardId = line.cardId();
        this.cardVersion = line.cardVersion();
        this.reckoning = written.reckoning();
        this.asked = written.asked();
        NewOrder.Figures figures = line.figures();
        if (figures != null) {
            this.amount = figures.amount();
            this.reached = figures.reached();
            this.reduced = figures.reduced();
            this.cost = figures.cost();
        }
    }

    String sku() {
        return sku;
    }

    String name() {
        return name;
    }

    /** Its name in the languages it is written in; none for one alone. */
    @Nullable
    String told() {
        return told;
    }

    int quantity() {
        return quantity;
    }

    BigDecimal pricePerPiece() {
        return pricePerPiece;
    }

    int pieceDecimals() {
        return pieceDecimals;
    }

    /** What the store charged for it; none where it did not say, and at the counter. */
    @Nullable
    BigDecimal charged() {
        return charged;
    }

    BigDecimal total() {
        return total;
    }

    /** What deals left of it; none for a line of before there were any. */
    @Nullable
    BigDecimal afterDeals() {
        return afterDeals;
    }

    @Nullable
    BigDecimal taxRate() {
        return taxRate;
    }

    @Nullable
    BigDecimal tax() {
        return tax;
    }

    String card() {
        return card;
    }

    @Nullable
    Long cardId() {
        return cardId;
    }

    @Nullable
    Long cardVersion() {
        return cardVersion;
    }

    String answers() {
        return answers;
    }

    String reckoning() {
        return reckoning;
    }
}
