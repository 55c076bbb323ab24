package dev.steelyard.web.goods;

import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What is said of goods, as the texts of a goods sheet, many goods at a time; those out of the shop too. */
@Repository
public class GoodsTexts {

    private static final String PRODUCTS =
            "select p.id, p.sku, p.name, p.description, b.name, p.type, p.supplier, t.name, p.shelf_price, p.unit_cost,"
                    + " p.unit_price_decimals, p.rows_over, p.removed_at is not null, p.version from product p"
                    + " join tax_class t on t.id = p.tax_class_id left join brand b on b.id = p.brand_id where ";
    private static final String VARIANTS =
            "select v.id, v.product_id, v.sku, v.name, v.shelf_price, v.unit_cost, p.sku, p.version,"
                    + " p.removed_at is not null from variant v join product p on p.id = v.product_id where ";

    private final JdbcTemplate sql;
    private final Shelving shelving;

    GoodsTexts(JdbcTemplate sql, Shelving shelving) {
        this.sql = sql;
        this.shelving = shelving;
    }

    /**
     * A product or variant as it stands.
     *
     * @param variantId none for a product
     * @param isOut whether it is sold no longer
     */
    public record Now(
            long productId, @Nullable Long variantId, long version, boolean isOut, Map<GoodsColumn, String> texts) {

        public String sku() {
            return texts.getOrDefault(GoodsColumn.SKU, "");
        }
    }

    /** Those of some SKUs, by SKU. */
    @Transactional(readOnly = true)
    public Map<String, Now> bySku(Collection<String> skus) {
        Map<String, Now> found = new HashMap<>();
        if (!skus.isEmpty()) {
            String among = " in (" + GoodsReader.marks(skus.size()) + ")";
            Object[] values = skus.toArray();
            products("p.sku" + among, values).forEach(one -> found.put(one.sku(), one));
            variants("v.sku" + among + " order by v.position, v.id", values).forEach(one -> found.put(one.sku(), one));
        }
        return found;
    }

    /** Some products, each followed by its variants, in the order of their numbers. */
    @Transactional(readOnly = true)
    public List<Now> of(List<Long> ids) {
        if (ids.isEmpty()) {
            return List.of();
        }
        String among = " in (" + GoodsReader.marks(ids.size()) + ")";
        Map<Long, List<Now>> byProduct = new LinkedHashMap<>();
        for (Now one : products("p.id" + among + " order by p.id", ids.toArray())) {
            byProduct.put(one.productId(), new ArrayList<>(List.of(one)));
        }
        for (Now one : variants("v.product_id" + among + " order by v.position, v.id", ids.toArray())) {
            byProduct.get(one.productId()).add(one);
        }
        return byProduct.values().stream().flatMap(List::stream).toList();
    }

    /** SKUs of the shop that differ from some in case alone, by the SKU in small letters. */
    @Transactional(readOnly = true)
    public Map<String, String> alike(Collection<String> skus) {
        Map<String, String> found = new HashMap<>();
        if (!skus.isEmpty()) {
            List<Object> small =
                    new ArrayList<>(skus.stream().map(GoodsTexts::small).toList());
            String among = " where sku_key in (" + GoodsReader.marks(small.size()) + ")";
            small.addAll(List.copyOf(small));
            sql.query(
                    "select sku from product" + among + " union all select sku from variant" + among,
                    row -> {
                        found.put(small(row.getString(1)), row.getString(1));
                    },
                    small.toArray());
        }
        return found;
    }

    /** A SKU as those that differ in case alone are found by. */
    public static String small(String sku) {
        return sku.toLowerCase(Locale.ROOT);
    }

    private List<Now> products(String which, Object... values) {
        Map<Long, String> paths = paths();
        List<Now> found = sql.query(
                PRODUCTS + which,
                (row, n) -> {
                    Map<GoodsColumn, String> texts = new EnumMap<>(GoodsColumn.class);
                    texts.put(GoodsColumn.SKU, row.getString(2));
                    texts.put(GoodsColumn.NAME, row.getString(3).strip());
                    texts.put(
                            GoodsColumn.DESCRIPTION,
                            row.getString(4).replace("\r\n", "\n").strip());
                    texts.put(GoodsColumn.BRAND, text(row.getString(5)));
                    texts.put(GoodsColumn.TYPE, text(row.getString(6)));
                    texts.put(GoodsColumn.SUPPLIER, text(row.getString(7)));
                    texts.put(GoodsColumn.TAX_CLASS, row.getString(8));
                    texts.put(GoodsColumn.SHELF_PRICE, plain(row.getBigDecimal(9)));
                    texts.put(GoodsColumn.UNIT_COST, plain(row.getBigDecimal(10)));
                    texts.put(GoodsColumn.DECIMALS, text(row.getString(11)));
                    texts.put(GoodsColumn.COUNT_OVER, row.getString(12).toLowerCase(Locale.ROOT));
                    texts.put(GoodsColumn.VARIANT_OF, "");
                    texts.put(GoodsColumn.VARIANT_NAME, "");
                    texts.put(GoodsColumn.TAKEN_OUT, row.getBoolean(13) ? GoodsCells.YES : "");
                    return new Now(row.getLong(1), null, row.getLong(14), row.getBoolean(13), texts);
                },
                values);
        Map<Long, TreeSet<String>> shelves = new HashMap<>();
        Map<Long, TreeSet<String>> tags = new HashMap<>();
        if (!found.isEmpty()) {
            Object[] ids = found.stream().map(Now::productId).toArray();
            String among = " where product_id in (" + GoodsReader.marks(ids.length) + ")";
            sql.query(
                    "select product_id, category_id from product_category" + among,
                    row -> {
                        shelves.computeIfAbsent(row.getLong(1), any -> new TreeSet<>())
                                .add(paths.getOrDefault(row.getLong(2), ""));
                    },
                    ids);
            sql.query(
                    "select product_id, tag from product_tag" + among,
                    row -> {
                        tags.computeIfAbsent(row.getLong(1), any -> new TreeSet<>(String.CASE_INSENSITIVE_ORDER))
                                .add(row.getString(2));
                    },
                    ids);
        }
        for (Now one : found) {
            one.texts()
                    .put(
                            GoodsColumn.CATEGORY,
                            String.join(GoodsCells.AND, shelves.getOrDefault(one.productId(), new TreeSet<>())));
            one.texts().put(GoodsColumn.TAGS, String.join(", ", tags.getOrDefault(one.productId(), new TreeSet<>())));
        }
        return found;
    }

    private List<Now> variants(String which, Object... values) {
        return sql.query(
                VARIANTS + which,
                (row, n) -> {
                    Map<GoodsColumn, String> texts = new EnumMap<>(GoodsColumn.class);
                    texts.put(GoodsColumn.SKU, row.getString(3));
                    texts.put(GoodsColumn.VARIANT_NAME, row.getString(4).strip());
                    texts.put(GoodsColumn.SHELF_PRICE, plain(row.getBigDecimal(5)));
                    texts.put(GoodsColumn.UNIT_COST, plain(row.getBigDecimal(6)));
                    texts.put(GoodsColumn.VARIANT_OF, row.getString(7));
                    return new Now(row.getLong(2), row.getLong(1), row.getLong(8), row.getBoolean(9), texts);
                },
                values);
    }

    /** The path of each category, by its number. */
    public Map<Long, String> paths() {
        Map<Long, Shelving.Category> all = shelving.names().categories();
        return all.keySet().stream().collect(Collectors.toMap(id -> id, id -> path(all, id)));
    }

    private static String path(Map<Long, Shelving.Category> all, long id) {
        List<String> names = new ArrayList<>();
        Shelving.Category at = all.get(id);
        for (int depth = 0; at != null && depth <= all.size(); depth++) {
            names.add(0, at.name());
            at = at.parent() == null ? null : all.get(at.parent());
        }
        return String.join(GoodsCells.BELOW, names);
    }

    private static String text(@Nullable String text) {
        return text == null ? "" : text;
    }

    private static String plain(@Nullable BigDecimal value) {
        return value == null ? "" : GoodsCells.plain(value);
    }
}
