package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.web.base.database.Stored;
import dev.steelyard.web.shop.CustomerGroup;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** One own price row of a product, or of one of its variants. */
@Entity
@Table(name = "price_row")
class StoredPriceRow extends Stored {

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "product_id")
    private @Nullable StoredProduct product;

    private @Nullable Long variantId;

    @ManyToOne
    @JoinColumn(name = "group_id")
    private @Nullable CustomerGroup group;

    private int fromPieces;
    private BigDecimal price = BigDecimal.ZERO;
    private LocalDate starts = OpenDays.NO_START;
    private LocalDate ends = OpenDays.NO_END;

    protected StoredPriceRow() {}

    StoredPriceRow(StoredProduct product, @Nullable Long variantId, @Nullable CustomerGroup group, Break row) {
        this.product = product;
        this.variantId = variantId;
        this.group = group;
        this.fromPieces = row.pieces();
        this.price = row.value();
        this.starts = OpenDays.starts(row.validity());
        this.ends = OpenDays.ends(row.validity());
    }

    boolean isOf(@Nullable Long variant) {
        return variantId == null ? variant == null : variantId.equals(variant);
    }

    Break toBreak() {
        return new Break(
                fromPieces,
                price,
                group == null ? null : group.name(),
                OpenDays.validity(starts.toString(), ends.toString()));
    }
}
