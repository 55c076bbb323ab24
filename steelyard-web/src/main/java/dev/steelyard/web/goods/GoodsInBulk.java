package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.base.database.UtcColumns;
import java.math.BigDecimal;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes what is said of many goods at once, from the texts of a goods sheet. The caller holds the shop's row, has made sure
 * that all names are there, and tells {@link ChangedGoods} afterwards. Shelf prices of goods that are there already are
 * written with all other prices, by {@link BatchPrices}.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class GoodsInBulk {

    private static final int AT_A_TIME = 1_000;
    private static final String NO_DRAWING = "tray";

    private final JdbcTemplate sql;
    private final GoodsTexts texts;
    private final Clock clock;

    GoodsInBulk(JdbcTemplate sql, GoodsTexts texts, Clock clock) {
        this.sql = sql;
        this.texts = texts;
        this.clock = clock;
    }

    /** The numbers behind the names that goods are sorted under. */
    public record Numbers(Map<String, Long> brands, Map<String, Long> taxClasses, Map<String, Long> categories) {}

    /** The numbers as they stand: brands and tax classes by name, categories by path. */
    public Numbers numbers() {
        Map<String, Long> paths = new HashMap<>();
        texts.paths().forEach((id, path) -> paths.put(path, id));
        return new Numbers(named("brand"), named("tax_class"), paths);
    }

    /** The names of all brands. */
    @Transactional(readOnly = true)
    public Set<String> brands() {
        return named("brand").keySet();
    }

    private Map<String, Long> named(String table) {
        Map<String, Long> found = new HashMap<>();
        sql.query("select name, id from " + table, row -> {
            found.put(row.getString(1), row.getLong(2));
        });
        return found;
    }

    /** A product or variant with its numbers, as it shall be. */
    public record Said(long productId, @Nullable Long variantId, Map<GoodsColumn, String> texts) {

        String text(GoodsColumn column) {
            return texts.getOrDefault(column, "");
        }

        @Nullable
        String orNone(GoodsColumn column) {
            return text(column).isEmpty() ? null : text(column);
        }

        /** The number of a column; none where it is empty. */
        public @Nullable BigDecimal number(GoodsColumn column) {
            return text(column).isEmpty() ? null : new BigDecimal(text(column));
        }
    }

    /** Makes products. @param revision of prices that they carry */
    public void insertProducts(List<Said> some, Numbers numbers, long revision, String by) {
        LocalDateTime now = now();
        sql.batchUpdate(
                "insert into product (name, description, brand_id, type, supplier, tax_class_id, unit_cost,"
                        + " unit_price_decimals, rows_over, removed_at, id, sku, drawing, shelf_price, changed_at, changed_by,"
                        + " version, revision) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 0, ?)",
                some,
                AT_A_TIME,
                (to, one) -> {
                    int i = said(to, one, numbers, now);
                    to.setLong(i++, one.productId());
                    to.setString(i++, one.text(GoodsColumn.SKU));
                    to.setString(i++, NO_DRAWING);
                    to.setBigDecimal(i++, one.number(GoodsColumn.SHELF_PRICE));
                    to.setObject(i++, now);
                    to.setString(i++, by);
                    to.setLong(i, revision);
                });
        sorted(some, numbers);
    }

    /** Says all of products anew. */
    public void updateProducts(List<Said> some, Numbers numbers) {
        LocalDateTime now = now();
        sql.batchUpdate(
                "update product set name = ?, description = ?, brand_id = ?, type = ?, supplier = ?, tax_class_id = ?,"
                        + " unit_cost = ?, unit_price_decimals = ?, rows_over = ?, removed_at = if(? is null, null,"
                        + " coalesce(removed_at, ?)) where id = ?",
                some,
                AT_A_TIME,
                (to, one) -> {
                    int i = said(to, one, numbers, now);
                    to.setObject(i++, now);
                    to.setLong(i, one.productId());
                });
        List<Object[]> ids =
                some.stream().map(one -> new Object[] {one.productId()}).toList();
        sql.batchUpdate("delete from product_category where product_id = ?", ids);
        sql.batchUpdate("delete from product_tag where product_id = ?", ids);
        sorted(some, numbers);
    }

    private static int said(PreparedStatement to, Said one, Numbers numbers, LocalDateTime now) throws SQLException {
        int i = 1;
        to.setString(i++, one.text(GoodsColumn.NAME));
        to.setString(i++, one.text(GoodsColumn.DESCRIPTION));
        to.setObject(i++, number(numbers.brands(), one.orNone(GoodsColumn.BRAND)));
        to.setString(i++, one.orNone(GoodsColumn.TYPE));
        to.setString(i++, one.orNone(GoodsColumn.SUPPLIER));
        to.setObject(i++, number(numbers.taxClasses(), one.orNone(GoodsColumn.TAX_CLASS)));
        to.setBigDecimal(i++, one.number(GoodsColumn.UNIT_COST));
        to.setObject(i++, one.number(GoodsColumn.DECIMALS));
        String over = one.text(GoodsColumn.COUNT_OVER);
        to.setString(i++, over.isEmpty() ? Over.LINE.name() : over.toUpperCase(Locale.ROOT));
        to.setObject(i++, one.text(GoodsColumn.TAKEN_OUT).equals(GoodsCells.YES) ? now : null);
        return i;
    }

    private static @Nullable Long number(Map<String, Long> numbers, @Nullable String name) {
        return name == null ? null : Objects.requireNonNull(numbers.get(name), () -> "no number of " + name);
    }

    private void sorted(List<Said> some, Numbers numbers) {
        List<Object[]> shelves = new ArrayList<>();
        List<Object[]> tags = new ArrayList<>();
        for (Said one : some) {
            parts(one.text(GoodsColumn.CATEGORY), GoodsCells.AND)
                    .forEach(path -> shelves.add(new Object[] {one.productId(), number(numbers.categories(), path)}));
            parts(one.text(GoodsColumn.TAGS), ", ").forEach(tag -> tags.add(new Object[] {one.productId(), tag}));
        }
        sql.batchUpdate("insert into product_category (product_id, category_id) values (?, ?)", shelves);
        sql.batchUpdate("insert into product_tag (product_id, tag) values (?, ?)", tags);
    }

    private static List<String> parts(String text, String between) {
        return text.isEmpty() ? List.of() : Arrays.asList(text.split(between));
    }

    /** Makes variants, each after those its product has. */
    public void insertVariants(List<Said> some) {
        sql.batchUpdate(
                "insert into variant (id, product_id, sku, name, position, unit_cost, shelf_price) values (?, ?, ?, ?, ?, ?, ?)",
                some,
                AT_A_TIME,
                (to, one) -> {
                    to.setLong(1, Objects.requireNonNull(one.variantId()));
                    to.setLong(2, one.productId());
                    to.setString(3, one.text(GoodsColumn.SKU));
                    to.setString(4, one.text(GoodsColumn.VARIANT_NAME));
                    to.setInt(5, AT_A_TIME);
                    to.setBigDecimal(6, one.number(GoodsColumn.UNIT_COST));
                    to.setBigDecimal(7, one.number(GoodsColumn.SHELF_PRICE));
                });
    }

    /** Says all of variants anew. */
    public void updateVariants(List<Said> some) {
        sql.batchUpdate("update variant set name = ?, unit_cost = ? where id = ?", some, AT_A_TIME, (to, one) -> {
            to.setString(1, one.text(GoodsColumn.VARIANT_NAME));
            to.setBigDecimal(2, one.number(GoodsColumn.UNIT_COST));
            to.setLong(3, Objects.requireNonNull(one.variantId()));
        });
    }

    /**
     * Takes goods away for good, with all that is theirs.
     *
     * @param which a query for the numbers of products, as “id”
     */
    public void deleteProducts(String which, Object value) {
        for (String part :
                List.of("price_row", "price_alone", "product_tag", "product_category", "product_picture", "variant")) {
            sql.update("delete t from " + part + " t join (" + which + ") some on some.id = t.product_id", value);
        }
        sql.update("delete p from product p join (" + which + ") some on some.id = p.id", value);
    }

    /** The same of variants. */
    public void deleteVariants(String which, Object value) {
        sql.update("delete t from price_row t join (" + which + ") some on some.id = t.variant_id", value);
        sql.update("delete v from variant v join (" + which + ") some on some.id = v.id", value);
    }

    private LocalDateTime now() {
        return UtcColumns.utc(clock.instant());
    }
}
