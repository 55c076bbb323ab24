package dev.steelyard.web.selling.announced;

import dev.steelyard.web.base.database.UtcColumns;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Since when nothing of prices has changed but which versions of cards and deals count, as history tells: what those were is
 * known for any moment, all else only as it is now.
 */
@Component
class LastChanges {

    private static final String SHOP =
            """
            select greatest(min(made_at), coalesce(max(if(subject in ('ORDER', 'DEAL_ORDER', 'TAX', 'SHOP', 'BATCH')
                or subject in ('CARD', 'DEAL') and what in ('PAUSED', 'RESUMED', 'REMOVED', 'PUT_BACK')
                or subject = 'GOODS' and subject_id = 0, made_at, null)), min(made_at))) from change_entry""";

    private static final String PRODUCTS =
            """
            select product_id, max(at) from (
                select subject_id product_id, made_at at from change_entry where subject in ('PRICES', 'GOODS')
                union all select r.product_id, greatest(b.applied_at, coalesce(b.undone_at, b.applied_at))
                from price_batch_row r join price_batch b on b.id = r.batch_id
                where b.applied_at is not null and r.product_id is not null) changed group by product_id""";

    private final JdbcTemplate sql;

    LastChanges(JdbcTemplate sql) {
        this.sql = sql;
    }

    /** Of the shop, or when its history begins; none where there is none. */
    @Nullable
    Instant shop() {
        return sql.query(SHOP, (row, at) -> UtcColumns.orNone(row, 1)).get(0);
    }

    /** Of each product that was ever changed by itself, by its number. */
    Map<Long, Instant> products() {
        Map<Long, Instant> changed = new HashMap<>();
        sql.query(PRODUCTS, row -> {
            changed.put(row.getLong(1), UtcColumns.in(row, 2));
        });
        return changed;
    }
}
