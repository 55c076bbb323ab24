package dev.steelyard.web.goods;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** One form of a product. */
@Entity
@Table(name = "variant")
class StoredVariant {

    @Id
    private long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "product_id")
    private @Nullable StoredProduct product;

    private String sku = "";
    private String name = "";
    private int position;
    private @Nullable BigDecimal shelfPrice;
    private @Nullable BigDecimal unitCost;

    protected StoredVariant() {}

    long id() {
        return id;
    }

    String sku() {
        return sku;
    }

    String name() {
        return name;
    }

    @Nullable
    BigDecimal shelfPrice() {
        return shelfPrice;
    }

    @Nullable
    BigDecimal unitCost() {
        return unitCost;
    }

    void setShelfPrice(@Nullable BigDecimal price) {
        shelfPrice = price;
    }
}
