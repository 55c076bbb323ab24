package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsRefusal;
import dev.steelyard.format.goods.GoodsShop;
import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.goods.GoodsTexts;
import dev.steelyard.web.goods.GoodsTexts.Now;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What becomes of one row: new, changed, the same, or refused with the column and the reason. */
final class GoodsRules {

    private final GoodsShop shop;
    private final NewNames names;
    private final SheetSkus skus;
    private final RowIds ids;
    private final Map<String, Parent> parents = new HashMap<>();
    private int untaxed;

    GoodsRules(GoodsShop shop, NewNames names, SheetSkus skus, RowIds ids) {
        this.shop = shop;
        this.names = names;
        this.skus = skus;
        this.ids = ids;
    }

    /** A product that has variants, as the sheet leaves it. */
    private record Parent(long id, Map<GoodsColumn, String> will) {}

    /** Whether a row is about a variant: one that is there, or one that says so. */
    boolean isOfVariant(IntakeRow row, @Nullable Now now) {
        return row.refusal() == null
                && !isLeftOut(row)
                && (now == null ? !said(row, GoodsColumn.VARIANT_OF).isEmpty() : now.variantId() != null);
    }

    /** How many new products say no tax class. */
    int untaxed() {
        return untaxed;
    }

    private static boolean isLeftOut(IntakeRow row) {
        return row.will().containsKey(GoodsColumn.ACTION);
    }

    private static String said(IntakeRow row, GoodsColumn column) {
        return row.will().getOrDefault(column, "");
    }

    /** @param alike SKUs of the shop that differ in case alone */
    IntakeRow product(IntakeRow row, @Nullable Now now, Map<String, String> alike) {
        if (row.refusal() != null) {
            return row;
        }
        if (isLeftOut(row)) {
            return leftOut(row);
        }
        GoodsRefusal fault = skuFault(row, now, alike);
        if (fault == null && now != null && !said(row, GoodsColumn.VARIANT_OF).isEmpty()) {
            fault = new GoodsRefusal(
                    GoodsColumn.VARIANT_OF, "“" + row.sku() + "” is a product here; it cannot become a variant");
        }
        if (fault == null && !said(row, GoodsColumn.VARIANT_NAME).isEmpty()) {
            fault = new GoodsRefusal(
                    GoodsColumn.VARIANT_NAME, "Only a variant has such a name; say which product it is a variant of");
        }
        Map<GoodsColumn, String> will = now == null ? fresh() : new EnumMap<>(now.texts());
        row.will().forEach(will::put);
        if (fault == null) {
            fault = completed(row, now, will);
        }
        if (fault != null) {
            return row.refused(fault.column(), fault.reason());
        }
        untaxed += now == null && said(row, GoodsColumn.TAX_CLASS).isEmpty() ? 1 : 0;
        long id = now == null ? ids.next() : now.productId();
        if (skus.hasVariants(row.sku())) {
            parents.put(row.sku(), new Parent(id, will));
        }
        return outcome(row, now, will, id, null);
    }

    private Map<GoodsColumn, String> fresh() {
        Map<GoodsColumn, String> fresh = new EnumMap<>(GoodsColumn.class);
        for (GoodsColumn column : GoodsColumn.values()) {
            if (column != GoodsColumn.ACTION) {
                fresh.put(column, "");
            }
        }
        return fresh;
    }

    /** What every product has stays, or is the shop's first; names are written as the shop writes them. */
    private @Nullable GoodsRefusal completed(IntakeRow row, @Nullable Now now, Map<GoodsColumn, String> will) {
        if (text(will, GoodsColumn.NAME).isEmpty()) {
            return now == null
                    ? new GoodsRefusal(
                            row.said().containsKey(GoodsColumn.NAME) ? GoodsColumn.NAME : GoodsColumn.SKU,
                            "“" + row.sku() + "” is not sold here, and new goods need a name")
                    : new GoodsRefusal(GoodsColumn.NAME, "A product has a name; this would take it away");
        }
        if (text(will, GoodsColumn.TAX_CLASS).isEmpty()) {
            will.put(
                    GoodsColumn.TAX_CLASS,
                    now == null ? shop.taxClasses().get(0) : text(now.texts(), GoodsColumn.TAX_CLASS));
        }
        if (text(will, GoodsColumn.COUNT_OVER).isEmpty()) {
            will.put(GoodsColumn.COUNT_OVER, now == null ? "line" : text(now.texts(), GoodsColumn.COUNT_OVER));
        }
        if (now != null && now.isOut() && differs(will, now, GoodsColumn.SHELF_PRICE)) {
            return new GoodsRefusal(
                    GoodsColumn.SHELF_PRICE,
                    "It is taken out; put it back on sale first, and change its price afterwards");
        }
        NewNames.Written paths = names.paths(text(will, GoodsColumn.CATEGORY), row.line());
        if (paths.refusal() != null) {
            return paths.refusal();
        }
        will.put(GoodsColumn.CATEGORY, paths.text());
        will.put(GoodsColumn.BRAND, names.brand(text(will, GoodsColumn.BRAND), row.line()));
        return null;
    }

    private static String text(Map<GoodsColumn, String> texts, GoodsColumn column) {
        return texts.getOrDefault(column, "");
    }

    private static boolean differs(Map<GoodsColumn, String> will, Now now, GoodsColumn column) {
        return !text(will, column).equals(text(now.texts(), column));
    }

    /** @param now the goods that are there, with the products that rows may be variants of */
    IntakeRow variant(IntakeRow row, Map<String, Now> now, Map<String, String> alike) {
        Now there = now.get(row.sku());
        String parentSku =
                there == null ? said(row, GoodsColumn.VARIANT_OF) : text(there.texts(), GoodsColumn.VARIANT_OF);
        GoodsRefusal fault = skuFault(row, there, alike);
        if (fault == null) {
            fault = parentFault(row, there, parentSku, now);
        }
        if (fault != null) {
            return row.refused(fault.column(), fault.reason());
        }
        Parent parent = parent(parentSku, now);
        if (parent == null) {
            return row.refused(
                    GoodsColumn.VARIANT_OF,
                    skus.has(parentSku)
                            ? "Its product “" + parentSku + "” is refused, in line " + skus.line(parentSku)
                            : "No product has the SKU “" + parentSku + "”, here or in this sheet");
        }
        fault = ofProduct(row, parentSku, parent);
        if (fault != null) {
            return row.refused(fault.column(), fault.reason());
        }
        Map<GoodsColumn, String> will = ofVariant(row, there, parentSku);
        return text(will, GoodsColumn.VARIANT_NAME).isEmpty()
                ? row.refused(
                        GoodsColumn.VARIANT_NAME, "A variant has a name that tells it from the others, like 12 mm")
                : outcome(row, there, will, parent.id(), there == null ? Long.valueOf(ids.next()) : there.variantId());
    }

    /** What a variant shall be: as it is, with what the row says of it alone. Its name may stand where products have theirs. */
    private static Map<GoodsColumn, String> ofVariant(IntakeRow row, @Nullable Now there, String parentSku) {
        Map<GoodsColumn, String> will = new EnumMap<>(GoodsColumn.class);
        will.putAll(there == null ? Map.of() : there.texts());
        row.will().forEach((column, text) -> {
            if (!column.isOfProducts()) {
                will.put(column, text);
            }
        });
        will.put(GoodsColumn.VARIANT_OF, parentSku);
        if (text(will, GoodsColumn.VARIANT_NAME).isEmpty()) {
            will.put(GoodsColumn.VARIANT_NAME, said(row, GoodsColumn.NAME));
        }
        return will;
    }

    private @Nullable GoodsRefusal parentFault(
            IntakeRow row, @Nullable Now there, String parent, Map<String, Now> now) {
        String says = said(row, GoodsColumn.VARIANT_OF);
        if (parent.equals(row.sku()) || says.equals(row.sku())) {
            return new GoodsRefusal(GoodsColumn.VARIANT_OF, "“" + row.sku() + "” would be a variant of itself");
        }
        if (there != null && row.will().containsKey(GoodsColumn.VARIANT_OF) && !says.equals(parent)) {
            return new GoodsRefusal(
                    GoodsColumn.VARIANT_OF,
                    "It is a variant of “" + parent + "” and stays one"
                            + (says.isEmpty() ? "; write that SKU here" : ""));
        }
        Now parentNow = now.get(parent);
        if (parentNow != null && parentNow.variantId() != null || parentNow == null && skus.parent(parent) != null) {
            return new GoodsRefusal(
                    GoodsColumn.VARIANT_OF,
                    "“" + parent + "” is a variant itself"
                            + (skus.has(parent) ? ", in line " + skus.line(parent) : "")
                            + "; only a product has variants");
        }
        return null;
    }

    /** The product as the sheet leaves it, else as it is. */
    private @Nullable Parent parent(String sku, Map<String, Now> now) {
        Parent bySheet = parents.get(sku);
        if (bySheet != null) {
            return bySheet;
        }
        Now there = now.get(sku);
        return there == null || there.variantId() != null ? null : new Parent(there.productId(), there.texts());
    }

    /** What is said of products only has to be empty in a variant's row, or what its product says. */
    private @Nullable GoodsRefusal ofProduct(IntakeRow row, String parentSku, Parent parent) {
        for (Map.Entry<GoodsColumn, String> one : row.will().entrySet()) {
            GoodsColumn column = one.getKey();
            String text = one.getValue();
            boolean isName = column == GoodsColumn.NAME
                    && (said(row, GoodsColumn.VARIANT_NAME).isEmpty()
                            || text.contains(said(row, GoodsColumn.VARIANT_NAME)));
            if (column.isOfProducts()
                    && !text.isEmpty()
                    && !isName
                    && !text.equalsIgnoreCase(text(parent.will(), column))) {
                return new GoodsRefusal(
                        column,
                        "It is said of the product “" + parentSku
                                + "” and not of one variant; empty it, or write it in that product’s row");
            }
        }
        return null;
    }

    private @Nullable GoodsRefusal skuFault(IntakeRow row, @Nullable Now now, Map<String, String> alike) {
        if (skus.line(row.sku()) != row.line()) {
            return new GoodsRefusal(
                    GoodsColumn.SKU, "“" + row.sku() + "” stands in line " + skus.line(row.sku()) + " already");
        }
        String other =
                now == null ? alike.getOrDefault(GoodsTexts.small(row.sku()), skus.spelled(row.sku())) : row.sku();
        return other.equals(row.sku())
                ? null
                : new GoodsRefusal(
                        GoodsColumn.SKU,
                        "“" + row.sku() + "” differs from “" + other + "” in case alone; people do not tell them apart."
                                + " Write it as it is there, or differently");
    }

    private static IntakeRow leftOut(IntakeRow row) {
        return of(row, Outcome.Kind.SAME, null, null, Map.of(), Map.of());
    }

    private static IntakeRow outcome(
            IntakeRow row, @Nullable Now now, Map<GoodsColumn, String> will, long productId, @Nullable Long variantId) {
        Map<GoodsColumn, String> was = now == null ? Map.of() : now.texts();
        Outcome.Kind kind = now == null ? Outcome.Kind.ADD : will.equals(was) ? Outcome.Kind.SAME : Outcome.Kind.CHANGE;
        return of(row, kind, productId, variantId, was, kind == Outcome.Kind.SAME ? Map.of() : will);
    }

    private static IntakeRow of(
            IntakeRow row,
            Outcome.Kind kind,
            @Nullable Long productId,
            @Nullable Long variantId,
            Map<GoodsColumn, String> was,
            Map<GoodsColumn, String> will) {
        return new IntakeRow(
                row.number(),
                row.line(),
                kind,
                row.sku(),
                variantId != null,
                productId,
                variantId,
                row.said(),
                was,
                will,
                null,
                List.of());
    }
}
