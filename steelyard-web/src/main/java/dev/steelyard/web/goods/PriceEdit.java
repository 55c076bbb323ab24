package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * New prices for a product or one of its variants: all of its own rows, its shelf price, and what the rows count over.
 *
 * @param variantId the variant; none for the product itself
 * @param basedOn the version of the product that the editor saw
 * @param why whoever changes them wrote; empty for nothing
 */
public record PriceEdit(
        long productId,
        @Nullable Long variantId,
        long basedOn,
        @Nullable BigDecimal shelfPrice,
        Over over,
        List<Break> rows,
        String why) {

    /** An edit about which nothing more is said. */
    public PriceEdit(
            long productId,
            @Nullable Long variantId,
            long basedOn,
            @Nullable BigDecimal shelfPrice,
            Over over,
            List<Break> rows) {
        this(productId, variantId, basedOn, shelfPrice, over, rows, "");
    }
}
