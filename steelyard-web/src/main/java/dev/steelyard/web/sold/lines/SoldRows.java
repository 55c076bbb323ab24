package dev.steelyard.web.sold.lines;

import dev.steelyard.web.base.database.UtcColumns;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Reads what was sold from the database, order by order. */
@Component
class SoldRows {

    private static final int AT_ONCE = 5_000;

    private static final String ROWS =
            """
            select o.id, o.placed_at, o.priced_for, o.key_name, o.tax_included, o.deals, l.sku, l.name, p.sku, l.quantity,
                l.total, l.after_deals, l.tax, l.card_id, l.asked, l.amount, l.reached, l.reduced, l.cost
            from shop_order o join order_line l on l.order_id = o.id left join product p on p.id = l.product_id
            where o.currency = ? and o.id""";

    private final JdbcTemplate sql;

    SoldRows(JdbcTemplate sql) {
        this.sql = sql;
    }

    /** An order and when it was kept, by the database's clock. */
    record Kept(long order, Instant at) {}

    /** Orders kept since a moment; all for none. */
    List<Kept> since(@Nullable Instant moment) {
        return sql.query(
                "select id, kept_at from shop_order where kept_at >= ? order by id",
                (row, at) -> new Kept(row.getLong(1), UtcColumns.in(row, 2)),
                UtcColumns.utc(moment == null ? Instant.EPOCH : moment));
    }

    /** The lines of some orders, in the order of their ids, some thousands of orders at a time. */
    void read(String currency, Collection<Long> orders, Consumer<List<SoldRow>> to) {
        List<Long> all = orders.stream().sorted().toList();
        for (int i = 0; i < all.size(); i += AT_ONCE) {
            List<Long> some = all.subList(i, Math.min(all.size(), i + AT_ONCE));
            List<SoldRow> rows = new ArrayList<>();
            String marks = String.join(",", Collections.nCopies(some.size(), "?"));
            Object[] given = new Object[some.size() + 1];
            given[0] = currency;
            for (int at = 0; at < some.size(); at++) {
                given[at + 1] = some.get(at);
            }
            sql.query(
                    ROWS + " in (" + marks + ") order by o.id, l.position",
                    row -> {
                        rows.add(row(row));
                    },
                    given);
            to.accept(rows);
        }
    }

    private static SoldRow row(ResultSet row) throws SQLException {
        String product = row.getString(9);
        long card = row.getLong(14);
        Long cardId = row.wasNull() ? null : card;
        var left = row.getBigDecimal(12);
        return new SoldRow(
                row.getLong(1),
                UtcColumns.in(row, 2),
                row.getString(3),
                row.getString(4) != null,
                row.getBoolean(5),
                row.getString(6),
                row.getString(7),
                row.getString(8),
                product == null ? row.getString(7) : product,
                row.getLong(10),
                row.getBigDecimal(11),
                left == null ? row.getBigDecimal(11) : left,
                row.getBigDecimal(13),
                cardId,
                row.getString(15),
                row.getBigDecimal(16),
                row.getBigDecimal(17),
                row.getBigDecimal(18),
                row.getBigDecimal(19));
    }
}
