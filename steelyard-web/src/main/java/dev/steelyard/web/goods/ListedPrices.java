package dev.steelyard.web.goods;

import dev.steelyard.core.card.Product;
import org.jspecify.annotations.Nullable;

/** Whoever knows what goods cost now; lists ask for a line of it. */
public interface ListedPrices {

    /** What everyone pays for a product at least, and by what. */
    Listed of(Product product);

    /**
     * A price in a list.
     *
     * @param price “from 21.40 per m²”; none where there is no price yet
     * @param card the name of the card that prices it; none for the shelf price
     * @param cardId of that card; none for the shelf price
     * @param ownRows whether the product's own price rows count in it
     */
    record Listed(@Nullable String price, @Nullable String card, @Nullable Long cardId, boolean ownRows) {}
}
