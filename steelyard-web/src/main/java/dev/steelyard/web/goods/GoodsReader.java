package dev.steelyard.web.goods;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
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

    /** A price row with its id. */
    record KeptRow(long id, @Nullable Long variantId, Break row) {}

    /** One of the goods as it was read. */
    record Read(
            long id,
            String drawing,
            @Nullable String brand,
            List<String> categories,
            long version,
            Instant changedAt,
            String changedBy,
            @Nullable Instant removedAt,
            Product product,
            List<Long> variantIds,
            List<KeptRow> rows) {}

    /** All that are sold now. */
    List<Read> sold() {
        return read("p.removed_at is null");
    }

    /** Those that were changed after a revision of prices, taken out of the shop or not. */
    List<Read> changedAfter(long revision) {
        return read("p.revision > ?", revision);
    }

    /** Those of some ids. */
    List<Read> of(List<Long> ids) {
        return ids.isEmpty() ? List.of() : read("p.id in (" + marks(ids.size()) + ")", ids.toArray());
    }

    /** The one whose own SKU it is; an empty list for none. */
    List<Read> ofSku(String sku) {
        return read("p.sku = ?", sku);
    }

    static String marks(int count) {
        return String.join(",", Collections.nCopies(count, "?"));
    }

    private record VariantRow(long id, Sku sku, String name, @Nullable BigDecimal shelf, @Nullable BigDecimal cost) {}

    private List<Read> read(String where, Object... values) {
        Shelving.Names names = shelving.names();
        Map<Long, List<KeptRow>> rows = rows(where, values, names);
        Map<Long, List<VariantRow>> variants = variants(where, values);
        Map<Long, List<Long>> categories = categories(where, values);
        Map<Long, Set<String>> tags = tags(where, values);
        List<Read> found = new ArrayList<>();
        each(
                "select p.id, p.sku, p.name, p.drawing, p.brand_id, p.type, p.supplier, p.tax_class_id, p.shelf_price,"
                        + " p.unit_cost, p.unit_price_decimals, p.rows_over, p.version, p.changed_at, p.changed_by,"
                        + " p.removed_at from product p where "
                        + where,
                values,
                row -> {
                    long id = row.getLong(1);
                    List<KeptRow> own = rows.getOrDefault(id, List.of());
                    List<VariantRow> forms = variants.getOrDefault(id, List.of());
                    List<Long> shelves = categories.getOrDefault(id, List.of());
                    String brand = names.brands().get(row.getLong(5));
                    Over over = Over.valueOf(row.getString(12));
                    Traits traits = new Traits(
                            names.withAbove(shelves),
                            oneOrNone(brand),
                            oneOrNone(row.getString(6)),
                            oneOrNone(row.getString(7)),
                            tags.getOrDefault(id, Set.of()),
                            names.taxClasses().getOrDefault(row.getLong(8), Traits.STANDARD_TAX));
                    int decimals = row.getInt(11);
                    Product product = new Product(
                            new Sku(row.getString(2)),
                            row.getString(3),
                            row.getBigDecimal(9),
                            row.getBigDecimal(10),
                            row.getObject(11) == null ? null : decimals,
                            ladder(over, own, null),
                            forms.stream()
                                    .map(one -> new Variant(
                                            one.sku(),
                                            one.name(),
                                            one.shelf(),
                                            one.cost(),
                                            ladder(over, own, one.id())))
                                    .toList(),
                            traits);
                    found.add(new Read(
                            id,
                            row.getString(4),
                            brand,
                            shelves.stream().map(names::category).toList(),
                            row.getLong(13),
                            moment(row, 14),
                            row.getString(15),
                            row.getObject(16) == null ? null : moment(row, 16),
                            product,
                            forms.stream().map(VariantRow::id).toList(),
                            own));
                });
        return found;
    }

    private static Instant moment(ResultSet row, int column) throws SQLException {
        return row.getObject(column, LocalDateTime.class).toInstant(ZoneOffset.UTC);
    }

    /** The rows of the product, or of one variant, which count over whatever the product says. */
    private static @Nullable PriceRows ladder(Over over, List<KeptRow> rows, @Nullable Long variantId) {
        List<Break> breaks = new ArrayList<>();
        for (KeptRow one : rows) {
            if (Objects.equals(one.variantId(), variantId)) {
                breaks.add(one.row());
            }
        }
        return breaks.isEmpty() ? null : PriceRows.of(over, breaks);
    }

    private static Set<String> oneOrNone(@Nullable String text) {
        return text == null ? Set.of() : Set.of(text);
    }

    private Map<Long, List<KeptRow>> rows(String where, Object[] values, Shelving.Names names) {
        Map<Long, List<KeptRow>> found = new HashMap<>();
        each(
                "select r.product_id, r.id, r.variant_id, r.group_id, r.from_pieces, r.price, r.starts, r.ends"
                        + " from price_row r"
                        + joined("r", where) + " order by r.product_id, r.from_pieces, r.id",
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
        return found;
    }

    private Map<Long, List<VariantRow>> variants(String where, Object[] values) {
        Map<Long, List<VariantRow>> found = new HashMap<>();
        each(
                "select v.product_id, v.id, v.sku, v.name, v.shelf_price, v.unit_cost from variant v"
                        + joined("v", where) + " order by v.product_id, v.position, v.id",
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

    private Map<Long, List<Long>> categories(String where, Object[] values) {
        Map<Long, List<Long>> found = new HashMap<>();
        each(
                "select c.product_id, c.category_id from product_category c join category k on k.id = c.category_id"
                        + joined("c", where) + " order by c.product_id, k.position, k.id",
                values,
                row -> found.computeIfAbsent(row.getLong(1), any -> new ArrayList<>(1))
                        .add(row.getLong(2)));
        return found;
    }

    private Map<Long, Set<String>> tags(String where, Object[] values) {
        Map<Long, Set<String>> found = new LinkedHashMap<>();
        each("select t.product_id, t.tag from product_tag t" + joined("t", where), values, row -> found.computeIfAbsent(
                        row.getLong(1), any -> new HashSet<>())
                .add(row.getString(2)));
        return found;
    }

    private static String joined(String alias, String where) {
        return " join product p on p.id = " + alias + ".product_id where " + where;
    }

    private void each(String query, Object[] values, RowCallbackHandler row) {
        sql.query(query, row, values);
    }
}
