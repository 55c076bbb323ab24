package dev.steelyard.web.goods;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The smallest margins of categories and products, in percent, which count instead of the shop's. */
@Component
public class KeptMargins {

    private final JdbcTemplate sql;

    KeptMargins(JdbcTemplate sql) {
        this.sql = sql;
    }

    /** By the names of categories. */
    @Transactional(readOnly = true)
    public Map<String, BigDecimal> ofCategories() {
        return read("select c.name, m.percent from margin_kept m join category c on c.id = m.subject_id"
                + " where m.kind = 'CATEGORY'");
    }

    /** By the SKUs of products. */
    @Transactional(readOnly = true)
    public Map<String, BigDecimal> ofProducts() {
        return read("select p.sku, m.percent from margin_kept m join product p on p.id = m.subject_id"
                + " where m.kind = 'PRODUCT' and p.removed_at is null");
    }

    private Map<String, BigDecimal> read(String query) {
        Map<String, BigDecimal> kept = new HashMap<>();
        sql.query(query, row -> {
            kept.put(row.getString(1), row.getBigDecimal(2));
        });
        return Map.copyOf(kept);
    }
}
