package dev.steelyard.web.store.supply;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.format.Obj;
import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Goods that are to be added or changed, as rows of a goods sheet: a product, then its variants.
 *
 * @param rows only the columns that are said
 * @param places the JSON Pointer of each row
 */
record GoodsRequest(boolean allOrNothing, List<Map<GoodsColumn, String>> rows, List<String> places) {

    static final int MOST = 1_000;
    private static final int MOST_ROWS = 20_000;

    /** As it is published; the fields that are read are these. */
    @Schema(name = "GoodsRequest")
    record Body(
            @Schema(description = "whether one that is refused lets nothing be done") @Nullable Boolean allOrNothing,
            @Schema(description = "up to 1,000; a field that is left out stays as it is") List<ProductBody> goods) {}

    /** A product. */
    @Schema(name = "ProductPut")
    record ProductBody(
            String sku,
            @Schema(description = "a new product needs one") @Nullable String name,
            @Nullable String description,
            @Schema(description = "paths from the top", example = "[\"Rope & chain\"]") @Nullable
                    List<String> categories,
            @Schema(description = "a new one is made; empty for none") @Nullable String brand,
            @Nullable String type,
            @Nullable String supplier,
            @Nullable List<String> tags,
            @Schema(description = "one of the shop’s") @Nullable String taxClass,
            @Schema(example = "7.40") @Nullable String shelfPrice,
            @Schema(example = "4.15") @Nullable String unitCost,
            @Schema(description = "of the price of one piece") @Nullable Integer decimals,
            @Schema(description = "“line”, or “product”: whether its variants are counted together") @Nullable
                    String breaksCountOver,
            @Schema(description = "true takes it out of the shop, false puts it back") @Nullable Boolean removed,
            @Nullable List<VariantBody> variants) {}

    /** A variant. */
    @Schema(name = "VariantPut")
    record VariantBody(String sku, @Nullable String name, @Nullable String shelfPrice, @Nullable String unitCost) {}

    static GoodsRequest read(Obj in) {
        List<Map<GoodsColumn, String>> rows = new ArrayList<>();
        List<String> places = new ArrayList<>();
        List<String> products = in.objects("goods", one -> product(one, rows, places));
        if (products.isEmpty() || products.size() > MOST) {
            in.fault("goods", "1 to " + MOST + " products, not " + products.size());
        } else if (rows.size() > MOST_ROWS) {
            in.fault("goods", "at most " + MOST_ROWS + " products and variants, not " + rows.size());
        }
        return new GoodsRequest(in.flag("allOrNothing", false), rows, places);
    }

    private static String product(Obj in, List<Map<GoodsColumn, String>> rows, List<String> places) {
        Map<GoodsColumn, String> row = new EnumMap<>(GoodsColumn.class);
        String sku = in.text("sku");
        row.put(GoodsColumn.SKU, sku);
        text(in, "name", GoodsColumn.NAME, row);
        text(in, "description", GoodsColumn.DESCRIPTION, row);
        list(in, "categories", GoodsColumn.CATEGORY, GoodsCells.AND, row);
        text(in, "brand", GoodsColumn.BRAND, row);
        text(in, "type", GoodsColumn.TYPE, row);
        text(in, "supplier", GoodsColumn.SUPPLIER, row);
        list(in, "tags", GoodsColumn.TAGS, ", ", row);
        text(in, "taxClass", GoodsColumn.TAX_CLASS, row);
        number(in, "shelfPrice", GoodsColumn.SHELF_PRICE, row);
        number(in, "unitCost", GoodsColumn.UNIT_COST, row);
        Integer decimals = in.optionalWhole("decimals", 0, 6);
        if (decimals != null) {
            row.put(GoodsColumn.DECIMALS, "" + decimals);
        }
        text(in, "breaksCountOver", GoodsColumn.COUNT_OVER, row);
        Boolean removed = in.optionalFlag("removed");
        if (removed != null) {
            row.put(GoodsColumn.TAKEN_OUT, removed ? GoodsCells.YES : "no");
        }
        rows.add(row);
        places.add(in.place());
        in.objects("variants", one -> variant(one, sku, rows, places));
        in.done();
        return sku;
    }

    private static String variant(Obj in, String product, List<Map<GoodsColumn, String>> rows, List<String> places) {
        Map<GoodsColumn, String> row = new EnumMap<>(GoodsColumn.class);
        row.put(GoodsColumn.SKU, in.text("sku"));
        row.put(GoodsColumn.VARIANT_OF, product);
        text(in, "name", GoodsColumn.VARIANT_NAME, row);
        number(in, "shelfPrice", GoodsColumn.SHELF_PRICE, row);
        number(in, "unitCost", GoodsColumn.UNIT_COST, row);
        in.done();
        rows.add(row);
        places.add(in.place());
        return product;
    }

    private static void text(Obj in, String field, GoodsColumn column, Map<GoodsColumn, String> row) {
        String text = in.optionalText(field);
        if (text != null) {
            row.put(column, text);
        }
    }

    private static void list(Obj in, String field, GoodsColumn column, String between, Map<GoodsColumn, String> row) {
        if (in.has(field)) {
            row.put(column, String.join(between, in.texts(field)));
        }
    }

    /** Null takes a price away; a field that is left out leaves it. */
    private static void number(Obj in, String field, GoodsColumn column, Map<GoodsColumn, String> row) {
        BigDecimal number = in.optionalDecimal(field);
        if (number != null) {
            row.put(column, Decimals.plain(number, 0));
        } else if (in.names(field)) {
            row.put(column, "");
        }
    }
}
