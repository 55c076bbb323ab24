package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** So many of one SKU with one set of answers. The name is kept, so that goods gone meanwhile can still be named. */
@Entity
@Table(name = "basket_line")
class BasketLine extends Stored {

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "basket_id")
    private @Nullable ShopperBasket basket;

    private String sku = "";
    private String name = "";
    private int quantity;

    @Column(columnDefinition = "longtext")
    private String answers = "{}";

    private @Nullable String pack;

    @Column(columnDefinition = "longtext")
    private String variants = "[]";

    @Column(columnDefinition = "char(64)")
    private String lineKey = "";

    private @Nullable String seen;

    protected BasketLine() {}

    /** @param what answers and variants as JSON, with the key that equal lines share */
    BasketLine(ShopperBasket basket, String sku, String name, int quantity, LineContent what) {
        this.basket = basket;
        this.sku = sku;
        this.name = name;
        this.quantity = quantity;
        this.answers = what.answers();
        this.pack = what.pack().isEmpty() ? null : what.pack();
        this.variants = what.variants();
        this.lineKey = what.key();
    }

    String sku() {
        return sku;
    }

    String name() {
        return name;
    }

    int quantity() {
        return quantity;
    }

    String answers() {
        return answers;
    }

    String pack() {
        return pack == null ? "" : pack;
    }

    String variants() {
        return variants;
    }

    String lineKey() {
        return lineKey;
    }

    @Nullable
    String seen() {
        return seen;
    }

    void setSeen(String price) {
        seen = price;
    }

    void setQuantity(int pieces) {
        quantity = pieces;
    }
}
