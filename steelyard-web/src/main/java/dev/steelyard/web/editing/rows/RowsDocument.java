package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A product's own prices as a document: {@code shelfPrice}, {@code over} (“line” or “product”), {@code rows} as those of a
 * card's ladder, and {@code variants} by SKU with the same where they have prices of their own. Prices are texts with two
 * decimals at least. {@code alone} are the groups whose rows stand alone.
 */
final class RowsDocument {

    static final String SHELF_PRICE = "/shelfPrice";
    static final String ROWS = "/rows";
    static final String OVER = "/over";
    static final String ALONE = "/alone";

    private static final int LEAST_DECIMALS = 2;

    private RowsDocument() {}

    /** Where a variant's prices stand; a SKU may have a slash in it (RFC 6901, section 3). */
    static String place(Variant variant) {
        return place(variant.sku().value());
    }

    static String place(String sku) {
        return "/variants/" + sku.replace("~", "~0").replace("/", "~1");
    }

    /** @param alone groups whose rows stand alone */
    static DraftDocument of(Product product, Set<String> alone) {
        ObjectNode root = Json.object();
        root.put("name", product.name());
        Over over = Stream.concat(
                        Stream.ofNullable(product.ownRows()),
                        product.variants().stream().map(Variant::ownRows).flatMap(Stream::ofNullable))
                .map(PriceRows::over)
                .findFirst()
                .orElse(Over.LINE);
        root.put("over", over == Over.PRODUCT ? "product" : "line");
        put(root, product.shelfPrice(), product.ownRows());
        if (!alone.isEmpty()) {
            ArrayNode groups = root.putArray("alone");
            alone.stream().sorted().forEach(groups::add);
        }
        ObjectNode variants = Json.object();
        for (Variant variant : product.variants()) {
            if (variant.shelfPrice() != null || variant.ownRows() != null) {
                put(variants.putObject(variant.sku().value()), variant.shelfPrice(), variant.ownRows());
            }
        }
        if (!variants.isEmpty()) {
            root.set("variants", variants);
        }
        return DraftDocument.of(root);
    }

    private static void put(ObjectNode to, @Nullable BigDecimal shelfPrice, @Nullable PriceRows rows) {
        if (shelfPrice != null) {
            to.put("shelfPrice", Decimals.plain(shelfPrice, LEAST_DECIMALS));
        }
        if (rows != null && !rows.breaks().isEmpty()) {
            ArrayNode list = to.putArray("rows");
            rows.breaks().forEach(row -> put(list.addObject(), row));
        }
    }

    private static void put(ObjectNode to, Break row) {
        to.put("from", "" + row.pieces()).put("value", Decimals.plain(row.value(), LEAST_DECIMALS));
        if (row.group() != null) {
            to.put("group", row.group());
        }
        if (row.validity().from() != null) {
            to.put("fromDate", row.validity().from().toString());
        }
        if (row.validity().until() != null) {
            to.put("untilDate", row.validity().until().toString());
        }
    }
}
