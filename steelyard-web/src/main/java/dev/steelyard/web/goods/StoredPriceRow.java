package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.web.database.Stored;
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

    /** A period in the database has no open ends; these stand for them. */
    private static final LocalDate NO_START = LocalDate.of(1000, 1, 1);

    private static final LocalDate NO_END = LocalDate.of(9999, 12, 31);

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "product_id")
    private @Nullable StoredProduct product;

    private @Nullable Long variantId;

    @ManyToOne
    @JoinColumn(name = "group_id")
    private @Nullable CustomerGroup group;

    private int fromPieces;
    private BigDecimal price = BigDecimal.ZERO;
    private LocalDate starts = NO_START;
    private LocalDate ends = NO_END;

    protected StoredPriceRow() {}

    StoredPriceRow(StoredProduct product, @Nullable Long variantId, @Nullable CustomerGroup group, Break row) {
        this.product = product;
        this.variantId = variantId;
        this.group = group;
        this.fromPieces = row.pieces();
        this.price = row.value();
        LocalDate from = row.validity().from();
        LocalDate until = row.validity().until();
        this.starts = from == null ? NO_START : from;
        this.ends = until == null ? NO_END : until;
    }

    boolean isOf(@Nullable Long variant) {
        return variantId == null ? variant == null : variantId.equals(variant);
    }

    Break toBreak() {
        Validity validity = new Validity(starts.equals(NO_START) ? null : starts, ends.equals(NO_END) ? null : ends);
        return new Break(fromPieces, price, group == null ? null : group.name(), validity);
    }
}
