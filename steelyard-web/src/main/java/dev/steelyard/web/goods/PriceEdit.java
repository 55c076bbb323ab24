package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * New prices for a product, its variants, or some of them, and what the rows count over.
 *
 * @param basedOn the version of the product that the editor saw
 * @param alone groups whose rows stand alone
 * @param parts those whose prices are given; the others stay as they are
 * @param why whoever changes them wrote; empty for nothing
 */
public record PriceEdit(long productId, long basedOn, Over over, Set<String> alone, List<Part> parts, String why) {

    public PriceEdit {
        parts = List.copyOf(parts);
        alone = Set.copyOf(alone);
    }

    /**
     * All prices of the product itself or of one of its variants.
     *
     * @param variantId the variant; none for the product itself
     */
    public record Part(@Nullable Long variantId, @Nullable BigDecimal shelfPrice, List<Break> rows) {}

    /** An edit of one part, about which nothing more is said. */
    public PriceEdit(
            long productId,
            @Nullable Long variantId,
            long basedOn,
            @Nullable BigDecimal shelfPrice,
            Over over,
            List<Break> rows) {
        this(productId, basedOn, over, Set.of(), List.of(new Part(variantId, shelfPrice, rows)), "");
    }
}
