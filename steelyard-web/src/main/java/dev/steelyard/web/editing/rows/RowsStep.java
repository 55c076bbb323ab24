package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.web.editing.page.EditStep;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A step of a product's page: the prices of the product, of one of its variants, or the check weights.
 *
 * @param at where what is edited on it stands; empty for the product itself
 * @param variant none for the product and for check weights
 */
record RowsStep(String code, String title, String at, @Nullable Variant variant) implements EditStep {

    private static final RowsStep WEIGHTS = new RowsStep("weights", "Check weights", "/checkWeights", null);

    static List<RowsStep> of(Product product) {
        List<RowsStep> steps = new ArrayList<>();
        steps.add(new RowsStep("prices", product.variants().isEmpty() ? "Prices" : "All variants", "", null));
        product.variants()
                .forEach(variant -> steps.add(new RowsStep(
                        "variant-" + variant.sku().value(), variant.name(), RowsDocument.place(variant), variant)));
        steps.add(WEIGHTS);
        return steps;
    }

    /** The step of a code; the first where there is none. */
    static RowsStep of(Product product, String code) {
        List<RowsStep> steps = of(product);
        return steps.stream()
                .filter(step -> step.code().equals(code))
                .findFirst()
                .orElse(steps.get(0));
    }

    boolean isWeights() {
        return this == WEIGHTS;
    }

    @Override
    public String template() {
        return isWeights() ? code : "prices";
    }

    @Override
    public boolean has(String place) {
        return at.isEmpty()
                ? EditStep.in(List.of(RowsDocument.SHELF_PRICE, RowsDocument.OVER, RowsDocument.ROWS), place)
                : EditStep.in(List.of(at), place);
    }

    /** What the picture and the findings are of: the variant, or the product as a variant without its own prices. */
    Item item(Product product) {
        return new Item(
                product,
                variant == null
                        ? null
                        : product.variants().stream()
                                .filter(other -> other.sku().equals(variant.sku()))
                                .findFirst()
                                .orElseThrow());
    }
}
