package dev.steelyard.web.counter;

import dev.steelyard.web.database.Stored;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** So many of one SKU. The name is kept, so that goods gone meanwhile can still be named. */
@Entity
@Table(name = "basket_line")
class BasketLine extends Stored {

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "basket_id")
    private @Nullable Basket basket;

    private String sku = "";
    private String name = "";
    private int quantity;

    protected BasketLine() {}

    BasketLine(Basket basket, String sku, String name, int quantity) {
        this.basket = basket;
        this.sku = sku;
        this.name = name;
        this.quantity = quantity;
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

    void setQuantity(int pieces) {
        quantity = pieces;
    }
}
