package dev.steelyard.web.goods;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The prices of goods as history keeps them: names and figures. */
@Repository
public class PriceStates {

    /** The name under which the shelf price stands; a variant's has the variant's name before it. */
    public static final String SHELF_PRICE = StoredPriceState.SHELF_PRICE;

    private final ProductRepository products;

    PriceStates(ProductRepository products) {
        this.products = products;
    }

    /** Those of a product now; none where there is no such product. */
    @Transactional(readOnly = true)
    public Optional<Map<String, String>> now(long product) {
        return products.findById(product).map(StoredPriceState::of);
    }

    /** What the prices of a variant have before their names. */
    public static String lead(String variant) {
        return StoredPriceState.lead(variant);
    }
}
