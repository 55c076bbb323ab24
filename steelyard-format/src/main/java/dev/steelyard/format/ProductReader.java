package dev.steelyard.format;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Reads the goods of a document. */
final class ProductReader {

    private ProductReader() {}

    static Product read(Obj in) {
        Sku sku = sku(in);
        String name = in.optionalText("name");
        Over over = in.word("rowsOver", FormatWords.OVER, Over.LINE);
        if (over == Over.CARD) {
            in.fault("rowsOver", "own rows count over line or product");
        }
        Set<String> alone = in.textSet("alone");
        Product product = new Product(
                sku,
                name == null ? sku.value() : name,
                money(in, "shelfPrice"),
                money(in, "unitCost"),
                in.optionalWhole("unitPriceDecimals", 0, Rounding.MOST_UNIT_PRICE_DECIMALS),
                rows(in, over, alone),
                in.objects("variants", variant -> variant(variant, over, alone)),
                new Traits(
                        in.textSet("categories"),
                        one(in, "brand"),
                        one(in, "type"),
                        one(in, "supplier"),
                        in.textSet("tags"),
                        Objects.requireNonNullElse(in.optionalText("taxClass"), Traits.STANDARD_TAX)));
        in.done();
        return product;
    }

    private static Variant variant(Obj in, Over over, Set<String> alone) {
        Sku sku = sku(in);
        String name = in.optionalText("name");
        Variant variant = new Variant(
                sku,
                name == null ? sku.value() : name,
                money(in, "shelfPrice"),
                money(in, "unitCost"),
                rows(in, over, alone));
        in.done();
        return variant;
    }

    static Sku sku(Obj in) {
        String text = in.text("sku");
        String fault = Sku.fault(text);
        if (fault != null) {
            in.fault("sku", fault);
        }
        return new Sku(fault == null ? text : "none");
    }

    static @Nullable BigDecimal money(Obj in, String field) {
        BigDecimal value = in.optionalDecimal(field);
        if (value != null && value.signum() < 0) {
            in.fault(field, "this is 0 or more, not " + value.toPlainString());
        }
        return value;
    }

    static Set<String> one(Obj in, String field) {
        String value = in.optionalText(field);
        return value == null ? Set.of() : Set.of(value);
    }

    private static @Nullable PriceRows rows(Obj in, Over over, Set<String> alone) {
        if (!in.has("rows")) {
            return null;
        }
        List<Break> rows = LadderReader.rows(in, "rows");
        try {
            return PriceRows.of(over, rows, alone);
        } catch (IllegalArgumentException clash) {
            in.fault("rows", Objects.requireNonNullElse(clash.getMessage(), "these rows do not go together"));
            return null;
        }
    }
}
