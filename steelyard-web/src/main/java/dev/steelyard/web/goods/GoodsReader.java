package dev.steelyard.web.goods;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.said.Wording;
import dev.steelyard.web.base.database.UtcColumns;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.stereotype.Component;

/**
 * Reads goods with all that prices need, many at a time: a query for each table and none for each product, in the
 * caller's transaction.
 */
@Component
class GoodsReader {

    private static final int AT_A_TIME = 5_000;

    private final JdbcTemplate sql;
    private final Shelving shelving;

    GoodsReader(JdbcTemplate sql, Shelving shelving) {
        this.sql = new JdbcTemplate(Objects.requireNonNull(sql.getDataSource()));
        this.sql.setFetchSize(AT_A_TIME);
        this.shelving = shelving;
    }

    /** The folder of drawings, each of which stands for goods without a picture. */
    private static final String DRAWINGS = "/assets/counter/drawings/";

    /** A price row with its id. */
    record KeptRow(long id, @Nullable Long variantId, Break row) {

        private static final Comparator<KeptRow> ORDER =
                Comparator.comparing((KeptRow one) -> one.row().from()).thenComparingLong(KeptRow::id);
    }

    /** One of the goods as it was read. */
    record Read(
            long id,
            String picture,
            @Nullable String brand,
            List<String> categories,
            long version,
            Instant changedAt,
            String changedBy,
            @Nullable Instant removedAt,
            Product product,
            List<Long> variantIds,
            List<KeptRow> rows,
            Set<String> alone) {}

    private static final Which STRETCH = new Which(
            "p.removed_at is null and p.id > ? and p.id <= ?", " where t.product_id > ? and t.product_id <= ?");

    /** Those that are sold now with a number above one and up to another. */
    List<Read> stretch(long after, long upTo, Shelving.Names names, Same same) {
        return read(STRETCH, names, same, after, upTo);
    }

    /** The number of the last of so many that are sold after one; none after all. */
    @Nullable
    Long lastOf(long after, int many) {
        return sql.queryForObject(
                "select max(id) from (select id from product where removed_at is null and id > ? order by id limit ?)"
                        + " some",
                Long.class,
                after,
                many);
    }

    /** Those that were changed after a revision of prices, taken out of the shop or not. */
    List<Read> changedAfter(long revision) {
        return read(new Which("p.revision > ?", JOINED + "p.revision > ?"), revision);
    }

    /** Those of some ids. */
    List<Read> of(List<Long> ids) {
        String among = " in (" + marks(ids.size()) + ")";
        return ids.isEmpty()
                ? List.of()
                : read(new Which("p.id" + among, " where t.product_id" + among), ids.toArray());
    }

    /** The one whose own SKU it is; an empty list for none. */
    List<Read> ofSku(String sku) {
        return read(new Which("p.sku = ?", JOINED + "p.sku = ?"), sku);
    }

    /** The numbers of products by their SKUs. */
    Map<String, Long> ids(Set<String> skus) {
        Map<String, Long> ids = new HashMap<>();
        if (!skus.isEmpty()) {
            sql.query(
                    "select sku, id from product where sku in (" + marks(skus.size()) + ")",
                    row -> {
                        ids.put(row.getString(1), row.getLong(2));
                    },
                    skus.toArray());
        }
        return ids;
    }

    static String marks(int count) {
        return String.join(",", Collections.nCopies(count, "?"));
    }

    private record VariantRow(long id, Sku sku, String name, @Nullable BigDecimal shelf, @Nullable BigDecimal cost) {}

    /**
     * Which goods are read.
     *
     * @param goods a condition on the product, p
     * @param parts what follows a table of the product's parts, t, to the same end
     */
    private record Which(String goods, String parts) {}

    private static final String JOINED = " join product p on p.id = t.product_id where ";

    /** Of equal things the first: traits, shelves and drawings are the same for thousands of goods. */
    static final class Same {

        private final Map<Object, Object> first = new HashMap<>();

        @SuppressWarnings("unchecked") // what equals a T here was put in as one
        <T> T as(T one) {
            Object before = first.putIfAbsent(one, one);
            return before == null ? one : (T) before;
        }
    }

    private List<Read> read(Which which, Object... values) {
        return read(which, shelving.names(), new Same(), values);
    }

    private List<Read> read(Which which, Shelving.Names names, Same same, Object... values) {
        Map<Long, List<KeptRow>> rows = rows(which.parts(), values, names);
        Map<Long, List<VariantRow>> variants = variants(which.parts(), values);
        Map<Long, List<Long>> categories = categories(which.parts(), values);
        Map<Long, Set<String>> tags = tags(which.parts(), values);
        Map<Long, Set<String>> standingAlone = alone(which.parts(), values, names);
        Map<NameOf, Map<String, String>> told = told(which.parts(), values);
        List<Read> found = new ArrayList<>();
        each(
                "select p.id, p.sku, p.name, p.drawing, p.brand_id, p.type, p.supplier, p.tax_class_id, p.shelf_price,"
                        + " p.unit_cost, p.unit_price_decimals, p.rows_over, p.version, p.changed_at, p.changed_by,"
                        + " p.removed_at, p.picture from product p where "
                        + which.goods(),
                values,
                row -> {
                    long id = row.getLong(1);
                    List<KeptRow> own = rows.getOrDefault(id, List.of());
                    List<VariantRow> forms = variants.getOrDefault(id, List.of());
                    List<Long> shelves = categories.getOrDefault(id, List.of());
                    String brand = names.brands().get(row.getLong(5));
                    Over over = Over.valueOf(row.getString(12));
                    Set<String> alone = standingAlone.getOrDefault(id, Set.of());
                    Traits traits = same.as(new Traits(
                            names.withAbove(shelves),
                            oneOrNone(brand),
                            oneOrNone(row.getString(6)),
                            oneOrNone(row.getString(7)),
                            tags.getOrDefault(id, Set.of()),
                            names.taxClasses().getOrDefault(row.getLong(8), Traits.STANDARD_TAX)));
                    int decimals = row.getInt(11);
                    Product product = new Product(
                            new Sku(row.getString(2)),
                            row.getString(3),
                            row.getBigDecimal(9),
                            row.getBigDecimal(10),
                            row.getObject(11) == null ? null : decimals,
                            ladder(over, own, null, alone),
                            forms.stream()
                                    .map(one -> new Variant(
                                            one.sku(),
                                            one.name(),
                                            one.shelf(),
                                            one.cost(),
                                            ladder(over, own, one.id(), alone),
                                            wording(one.name(), told.get(new NameOf(id, one.id())))))
                                    .toList(),
                            traits,
                            wording(row.getString(3), told.get(new NameOf(id, 0))));
                    found.add(new Read(
                            id,
                            row.getString(17) == null
                                    ? same.as(DRAWINGS + row.getString(4) + ".svg")
                                    : GoodsPictures.address(row.getString(17), "small"),
                            brand,
                            same.as(names.inOrder(shelves)),
                            row.getLong(13),
                            UtcColumns.in(row, 14),
                            row.getString(15),
                            UtcColumns.orNone(row, 16),
                            product,
                            forms.stream().map(VariantRow::id).toList(),
                            own,
                            alone));
                });
        return found;
    }

    /**
     * Whose name it is.
     *
     * @param variantId 0 for the product itself
     */
    private record NameOf(long productId, long variantId) {}

    /** Names in languages beside the shop's own. */
    private Map<NameOf, Map<String, String>> told(String which, Object[] values) {
        Map<NameOf, Map<String, String>> found = new HashMap<>();
        each(
                "select t.product_id, t.variant_id, t.language, t.name from goods_wording t" + which,
                values,
                row -> found.computeIfAbsent(new NameOf(row.getLong(1), row.getLong(2)), any -> new HashMap<>(4))
                        .put(row.getString(3), row.getString(4)));
        return found;
    }

    private static Wording wording(String name, @Nullable Map<String, String> others) {
        return others == null ? Wording.of(name) : new Wording(name, "", others);
    }

    /** The rows of the product, or of one variant, which count over whatever the product says. */
    private static @Nullable PriceRows ladder(
            Over over, List<KeptRow> rows, @Nullable Long variantId, Set<String> alone) {
        List<Break> breaks = new ArrayList<>();
        for (KeptRow one : rows) {
            if (Objects.equals(one.variantId(), variantId)) {
                breaks.add(one.row());
            }
        }
        return breaks.isEmpty() ? null : PriceRows.of(over, breaks, alone);
    }

    private static Set<String> oneOrNone(@Nullable String text) {
        return text == null ? Set.of() : Set.of(text);
    }

    /** Groups whose rows stand alone, by product. */
    private Map<Long, Set<String>> alone(String which, Object[] values, Shelving.Names names) {
        Map<Long, Set<String>> found = new HashMap<>();
        each("select t.product_id, t.group_id from price_alone t" + which, values, row -> found.computeIfAbsent(
                        row.getLong(1), any -> new HashSet<>(2))
                .add(names.group(row.getLong(2))));
        return found;
    }

    private Map<Long, List<KeptRow>> rows(String which, Object[] values, Shelving.Names names) {
        Map<Long, List<KeptRow>> found = new HashMap<>();
        each(
                "select t.product_id, t.id, t.variant_id, t.group_id, t.from_pieces, t.price,"
                        + " if(t.dated, t.starts, null), if(t.dated, t.ends, null)"
                        + " from price_row t" + which + "",
                values,
                row -> found.computeIfAbsent(row.getLong(1), any -> new ArrayList<>(4))
                        .add(new KeptRow(
                                row.getLong(2),
                                row.getObject(3) == null ? null : (Long) row.getLong(3),
                                new Break(
                                        row.getInt(5),
                                        row.getBigDecimal(6),
                                        row.getObject(4) == null ? null : names.group(row.getLong(4)),
                                        OpenDays.validity(row.getString(7), row.getString(8))))));
        found.values().forEach(some -> some.sort(KeptRow.ORDER)); // few each: cheaper than all in the database
        return found;
    }

    private Map<Long, List<VariantRow>> variants(String which, Object[] values) {
        Map<Long, List<VariantRow>> found = new HashMap<>();
        each(
                "select t.product_id, t.id, t.sku, t.name, t.shelf_price, t.unit_cost from variant t" + which
                        + " order by t.product_id, t.position, t.id",
                values,
                row -> found.computeIfAbsent(row.getLong(1), any -> new ArrayList<>())
                        .add(new VariantRow(
                                row.getLong(2),
                                new Sku(row.getString(3)),
                                row.getString(4),
                                row.getBigDecimal(5),
                                row.getBigDecimal(6))));
        return found;
    }

    private Map<Long, List<Long>> categories(String which, Object[] values) {
        Map<Long, List<Long>> found = new HashMap<>();
        each("select t.product_id, t.category_id from product_category t" + which, values, row -> found.computeIfAbsent(
                        row.getLong(1), any -> new ArrayList<>(1))
                .add(row.getLong(2)));
        return found;
    }

    private Map<Long, Set<String>> tags(String which, Object[] values) {
        Map<Long, Set<String>> found = new LinkedHashMap<>();
        each("select t.product_id, t.tag from product_tag t" + which, values, row -> found.computeIfAbsent(
                        row.getLong(1), any -> new HashSet<>())
                .add(row.getString(2)));
        return found;
    }

    private void each(String query, Object[] values, RowCallbackHandler row) {
        sql.query(query, row, values);
    }
}
