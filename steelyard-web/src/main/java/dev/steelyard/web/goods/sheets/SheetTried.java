package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.OpenDays;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.sold.replay.Tried;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What goods would be priced by, were a checked sheet applied. */
@Component
class SheetTried {

    private static final String ROWS =
            "select r.product_id, v.sku as variant, r.outcome, g.name as group_name, r.from_pieces, r.price, r.starts, r.ends,"
                    + " o.name as old_group_name, r.old_from, r.old_starts, r.old_ends, p.rows_over"
                    + " from price_batch_row r join product p on p.id = r.product_id"
                    + " left join variant v on v.id = r.variant_id"
                    + " left join customer_group g on g.id = r.group_id left join customer_group o on o.id = r.old_group_id"
                    + " where r.batch_id = ? and r.outcome in ('ADD', 'CHANGE', 'REMOVE') order by r.number";

    private final JdbcTemplate sql;
    private final StandingAlone standing;

    SheetTried(JdbcTemplate sql, StandingAlone standing) {
        this.sql = sql;
        this.standing = standing;
    }

    Tried of(long batch, String label, BookInForce book) {
        Map<Long, Changed> changed = new HashMap<>();
        sql.query(
                ROWS,
                row -> {
                    changed.computeIfAbsent(row.getLong("product_id"), id -> new Changed())
                            .add(row);
                },
                batch);
        Map<Long, Set<String>> alone = standing.wanted(batch);
        List<Product> gone = new ArrayList<>();
        List<Product> come = new ArrayList<>();
        Set<String> skus = new HashSet<>();
        for (SoldProduct sold : book.sold()) {
            Changed by = changed.get(sold.id());
            if (by != null) {
                gone.add(sold.product());
                come.add(by.of(sold.product(), alone.getOrDefault(sold.id(), Set.of())));
                skus.add(sold.product().sku().value());
            }
        }
        return new Tried(label, book.withGoods(gone, come), skus);
    }

    /** What changes of one product: its own prices under no name, those of variants by their SKU. */
    private static final class Changed {

        private final Map<String, List<Step>> steps = new LinkedHashMap<>();
        private Over over = Over.LINE;

        /** @param break the one that comes; none where one goes @param shelf whether it is the shelf price */
        private record Step(@Nullable BreakKey gone, @Nullable Break come, boolean shelf, @Nullable BigDecimal price) {}

        void add(ResultSet row) throws SQLException {
            over = Over.valueOf(row.getString("rows_over"));
            String variant = row.getString("variant");
            boolean removed = row.getString("outcome").equals("REMOVE");
            boolean fresh = row.getString("outcome").equals("ADD");
            boolean shelf = row.getObject(removed ? "old_from" : "from_pieces") == null;
            steps.computeIfAbsent(variant == null ? "" : variant, any -> new ArrayList<>())
                    .add(new Step(
                            fresh || shelf ? null : key(row),
                            removed || shelf ? null : come(row),
                            shelf,
                            removed ? null : row.getBigDecimal("price")));
        }

        private static BreakKey key(ResultSet row) throws SQLException {
            return new Break(
                            row.getInt("old_from"),
                            BigDecimal.ZERO,
                            row.getString("old_group_name"),
                            OpenDays.validity(row.getString("old_starts"), row.getString("old_ends")))
                    .key();
        }

        private static Break come(ResultSet row) throws SQLException {
            return new Break(
                    row.getInt("from_pieces"),
                    row.getBigDecimal("price"),
                    row.getString("group_name"),
                    OpenDays.validity(row.getString("starts"), row.getString("ends")));
        }

        Product of(Product product, Set<String> alone) {
            List<Variant> variants = product.variants().stream()
                    .map(variant -> new Variant(
                            variant.sku(),
                            variant.name(),
                            shelf(variant.sku().value(), variant.shelfPrice()),
                            variant.unitCost(),
                            rows(variant.sku().value(), variant.ownRows(), alone)))
                    .toList();
            return new Product(
                    product.sku(),
                    product.name(),
                    shelf("", product.shelfPrice()),
                    product.unitCost(),
                    product.unitPriceDecimals(),
                    rows("", product.ownRows(), alone),
                    variants,
                    product.traits(),
                    product.told());
        }

        private @Nullable BigDecimal shelf(String whose, @Nullable BigDecimal before) {
            BigDecimal price = before;
            for (Step step : steps.getOrDefault(whose, List.of())) {
                price = step.shelf() ? step.price() : price;
            }
            return price;
        }

        private @Nullable PriceRows rows(String whose, @Nullable PriceRows before, Set<String> alone) {
            Map<BreakKey, Break> rows = new LinkedHashMap<>();
            Set<String> groups = new HashSet<>(alone);
            if (before != null) {
                before.breaks().forEach(row -> rows.put(row.key(), row));
                groups.addAll(before.alone());
            }
            for (Step step : steps.getOrDefault(whose, List.of())) {
                if (step.gone() != null) {
                    rows.remove(step.gone());
                }
                if (step.come() != null) {
                    rows.put(step.come().key(), step.come());
                }
            }
            return rows.isEmpty()
                    ? null
                    : PriceRows.of(before == null ? over : before.over(), List.copyOf(rows.values()), groups);
        }
    }
}
