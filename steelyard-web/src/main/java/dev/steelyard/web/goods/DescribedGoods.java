package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes what is said of goods: the one place where products, their variants and their tags are written. The caller holds the
 * shop's row, and tells {@link ChangedGoods} afterwards.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class DescribedGoods {

    private final JdbcTemplate sql;
    private final GoodsNames names;
    private final RowIds ids;
    private final Clock clock;

    DescribedGoods(JdbcTemplate sql, GoodsNames names, RowIds ids, Clock clock) {
        this.sql = sql;
        this.names = names;
        this.ids = ids;
        this.clock = clock;
    }

    /**
     * What is said of a product.
     *
     * @param brand made where there is none of that name; none for no brand
     * @param categories numbers of those it stands in; numbers that there are none of are left out
     * @param decimals of its price for each piece; none for the shop's
     */
    public record Said(
            String name,
            String description,
            String drawing,
            @Nullable String brand,
            Set<Long> categories,
            @Nullable String type,
            @Nullable String supplier,
            Set<String> tags,
            long taxClass,
            @Nullable BigDecimal unitCost,
            @Nullable Integer decimals) {}

    /**
     * What is said of a variant.
     *
     * @param id 0 for a new one
     * @param shelfPrice only read of a new one: later it is among the product's prices
     * @param off whether it goes, with its prices
     */
    public record SaidVariant(
            long id,
            String sku,
            String name,
            @Nullable BigDecimal unitCost,
            @Nullable BigDecimal shelfPrice,
            boolean off) {}

    /** Makes a product of which nothing is said yet. @return its number */
    public long make(String sku, long taxClass, @Nullable BigDecimal shelfPrice, String by) {
        long id = ids.next();
        sql.update(
                "insert into product (id, sku, name, description, drawing, tax_class_id, shelf_price, rows_over, changed_at,"
                        + " changed_by, version) values (?, ?, '', '', '', ?, ?, ?, ?, ?, 0)",
                id,
                sku,
                taxClass,
                shelfPrice,
                Over.LINE.name(),
                now(),
                by);
        return id;
    }

    /** Whoever edits it is told that somebody else changed it. */
    public void raiseVersion(long id, String by) {
        sql.update(
                "update product set version = version + 1, changed_at = ?, changed_by = ? where id = ?", now(), by, id);
    }

    /** Says all of it anew. */
    public void say(long id, Said said) {
        sql.update(
                "update product set name = ?, description = ?, drawing = ?, brand_id = ?, type = ?, supplier = ?,"
                        + " tax_class_id = ?, unit_cost = ?, unit_price_decimals = ? where id = ?",
                said.name(),
                said.description(),
                said.drawing(),
                said.brand() == null ? null : names.brand(said.brand()),
                said.type(),
                said.supplier(),
                said.taxClass(),
                said.unitCost(),
                said.decimals(),
                id);
        sql.update("delete from product_category where product_id = ?", id);
        said.categories()
                .forEach(category -> sql.update(
                        "insert into product_category (product_id, category_id) select ?, id from category where id = ?",
                        id,
                        category));
        sql.update("delete from product_tag where product_id = ?", id);
        said.tags().forEach(tag -> sql.update("insert into product_tag (product_id, tag) values (?, ?)", id, tag));
    }

    /** Writes variants in their order; those that are not named stay as they are. */
    public void say(long product, List<SaidVariant> variants) {
        int position = 0;
        for (SaidVariant one : variants) {
            if (one.off()) {
                sql.update("delete from price_row where product_id = ? and variant_id = ?", product, one.id());
                sql.update("delete from variant where product_id = ? and id = ?", product, one.id());
            } else if (one.id() > 0) {
                sql.update(
                        "update variant set sku = ?, name = ?, unit_cost = ?, position = ? where product_id = ? and id = ?",
                        one.sku(),
                        one.name(),
                        one.unitCost(),
                        position++,
                        product,
                        one.id());
            } else {
                sql.update(
                        "insert into variant (id, product_id, sku, name, position, unit_cost, shelf_price) values (?, ?, ?, ?, ?, ?, ?)",
                        ids.next(),
                        product,
                        one.sku(),
                        one.name(),
                        position++,
                        one.unitCost(),
                        one.shelfPrice());
            }
        }
    }

    /**
     * Puts a tag on many goods, or takes it off them.
     *
     * @param which a query for their numbers, as “id”
     */
    public void tag(String tag, boolean on, String which, Object value) {
        if (on) {
            sql.update(
                    "insert ignore into product_tag (product_id, tag) select id, ? from (" + which + ") some",
                    tag,
                    value);
        } else {
            sql.update(
                    "delete t from product_tag t join (" + which + ") some on some.id = t.product_id where t.tag = ?",
                    value,
                    tag);
        }
    }

    private LocalDateTime now() {
        return UtcColumns.utc(clock.instant());
    }
}
