package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The prices of a product, or of one of its variants, at one moment: what the page edits. */
record PriceState(@Nullable BigDecimal shelfPrice, Over over, List<Break> rows) {

    static PriceState of(Product product, @Nullable Variant variant) {
        PriceRows ladder = variant == null ? product.ownRows() : variant.ownRows();
        PriceRows any = ladder != null ? ladder : product.ownRows();
        return new PriceState(
                variant == null ? product.shelfPrice() : variant.shelfPrice(),
                any == null ? Over.LINE : any.over(),
                ladder == null ? List.of() : ladder.breaks());
    }

    @Nullable
    PriceRows ladder() {
        return rows.isEmpty() ? null : PriceRows.of(over, rows);
    }
}
