package dev.steelyard.web.start.demo;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.shop.Shops;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills a shop with made-up goods, each with a shelf price, a cost, a shelf and three price rows, for measuring. */
@Component
public class MadeUpGoods {

    private static final int BATCH = 1000;
    private static final int[] THRESHOLDS = {10, 50, 250};
    private static final String[] LEFT = {"0.95", "0.88", "0.80"};
    private static final List<String> SHELVES =
            List.of("Cleats", "Blocks", "Hinges", "Rails", "Screws & bolts", "Turnbuckles");
    private static final List<String> BRANDS = List.of("Grannock", "Tidewell", "Loftman & Daughters", "Pellham");
    private static final List<String> SUPPLIERS = List.of("Harlow Forge", "Northquay Cordage", "Own workshop");
    private static final BigDecimal COST = new BigDecimal("0.60");
    private static final int GROUP_ROW_EVERY = 10;
    private static final int TAG_EVERY = 7;
    private static final String PRODUCT =
            "insert into product (id, sku, name, description, drawing, brand_id, type, supplier, tax_class_id, shelf_price,"
                    + " unit_cost, unit_price_decimals, rows_over, removed_at, changed_at, changed_by, version, revision)"
                    + " values (?, ?, ?, 'Made up for measuring.', 'screw', ?, 'Fitting', ?, ?, ?, ?, null, 'LINE', null,"
                    + " utc_timestamp(), 'Steelyard', 0, ?)";
    private static final String ROW =
            "insert into price_row (id, product_id, variant_id, group_id, from_pieces, price) values (?, ?, null, ?, ?, ?)";

    private final JdbcTemplate sql;
    private final Shops shops;
    private final RowIds ids;

    MadeUpGoods(JdbcTemplate sql, Shops shops, RowIds ids) {
        this.sql = sql;
        this.shops = shops;
        this.ids = ids;
    }

    /**
     * Adds goods until the shop sells so many.
     *
     * @return how many were added
     */
    @Transactional
    public int fillTo(int wanted) {
        shops.hold();
        int there = number("select count(*) from product where removed_at is null");
        int known = number("select count(*) from product where sku like 'MK-%'");
        int more = Math.max(0, wanted - there);
        if (more == 0) {
            return 0;
        }
        shops.raiseRevision();
        long revision = number("select revision from shop");
        int taxClass = number("select min(id) from tax_class");
        Long group = sql.queryForObject("select min(id) from customer_group", Long.class);
        List<Long> shelves = shelves();
        List<Long> brands = brands();
        for (int done = 0; done < more; done += BATCH) {
            List<Object[]> products = new ArrayList<>();
            List<Object[]> rows = new ArrayList<>();
            List<Object[]> shelved = new ArrayList<>();
            List<Object[]> tags = new ArrayList<>();
            for (int i = done; i < Math.min(more, done + BATCH); i++) {
                int number = known + i + 1;
                BigDecimal price = BigDecimal.valueOf(150 + number * 37L % 9850, 2);
                long product = ids.next();
                products.add(new Object[] {
                    product,
                    "MK-%06d".formatted(number),
                    name(number),
                    brands.get(number % brands.size()),
                    SUPPLIERS.get(number % SUPPLIERS.size()),
                    taxClass,
                    price,
                    price.multiply(COST),
                    revision
                });
                shelved.add(new Object[] {product, shelves.get(number % shelves.size())});
                if (number % TAG_EVERY == 0) {
                    tags.add(new Object[] {product, "stainless"});
                }
                for (int row = 0; row < THRESHOLDS.length; row++) {
                    boolean forGroup = row == THRESHOLDS.length - 1 && number % GROUP_ROW_EVERY == 0;
                    rows.add(new Object[] {
                        ids.next(),
                        product,
                        forGroup ? group : null,
                        THRESHOLDS[row],
                        price.multiply(new BigDecimal(LEFT[row])).setScale(2, RoundingMode.HALF_UP)
                    });
                }
            }
            sql.batchUpdate(PRODUCT, products);
            sql.batchUpdate(ROW, rows);
            sql.batchUpdate("insert into product_category (product_id, category_id) values (?, ?)", shelved);
            sql.batchUpdate("insert into product_tag (product_id, tag) values (?, ?)", tags);
        }
        return more;
    }

    /** Lets the database count anew what it chooses its ways by; after so many rows at once it would take the wrong ones. */
    public void settle() {
        sql.execute("analyze table product, price_row, product_category, product_tag");
    }

    /** Ids of the shelves the goods stand on, below one of their own; made where they are not there. */
    private List<Long> shelves() {
        long above = named("category", "Fittings", null);
        return SHELVES.stream().map(name -> named("category", name, above)).toList();
    }

    private List<Long> brands() {
        return BRANDS.stream().map(name -> named("brand", name, null)).toList();
    }

    private long named(String table, String name, @Nullable Long above) {
        List<Long> known = sql.queryForList("select id from " + table + " where name = ?", Long.class, name);
        if (!known.isEmpty()) {
            return known.get(0);
        }
        long id = ids.next();
        if (table.equals("brand")) {
            sql.update("insert into brand (id, name) values (?, ?)", id, name);
        } else {
            sql.update("insert into category (id, parent_id, name, position) values (?, ?, ?, 100)", id, above, name);
        }
        return id;
    }

    private static String name(int number) {
        return "Fitting " + (4 + number % 40) + " × " + (10 + number % 190) + " mm, pattern " + number;
    }

    private int number(String query) {
        Integer count = sql.queryForObject(query, Integer.class);
        return count == null ? 0 : count;
    }
}
