package dev.steelyard.web.store.hooks;

import java.util.List;
import java.util.Objects;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Which goods may have other prices since a revision. */
@Repository
class PriceChanges {

    /** More goods than these are said to be many. */
    static final int MOST = 1_000;

    private static final int KEPT = 20_000;

    private final JdbcTemplate sql;

    PriceChanges(JdbcTemplate sql) {
        this.sql = sql;
    }

    /**
     * What may have changed.
     *
     * @param revision the newest
     * @param many whether anything may have another price; then no SKUs are named
     */
    record Since(long revision, boolean many, List<String> skus) {}

    @Transactional(readOnly = true)
    public Since since(long revision) {
        long newest = Objects.requireNonNull(sql.queryForObject("select revision from shop", Long.class));
        if (revision >= newest) {
            return new Since(newest, false, List.of());
        }
        // a card, a deal or a setting changed; or so long ago that nobody knows any more
        Long known = sql.queryForObject(
                "select count(*) from price_change where revision > ? and revision <= ? and goods",
                Long.class,
                revision,
                newest);
        if (known == null || known != newest - revision) {
            return new Since(newest, true, List.of());
        }
        List<String> skus = sql.queryForList(
                "select sku from (select p.sku, p.revision from product p union all select v.sku, p.revision from variant v join"
                        + " product p on p.id = v.product_id) goods where revision > ? order by sku limit "
                        + (MOST + 1),
                String.class,
                revision);
        return skus.size() > MOST ? new Since(newest, true, List.of()) : new Since(newest, false, skus);
    }

    /** Forgets what is long past: whoever asks after that is told that anything may have changed. */
    @Scheduled(fixedDelayString = "1h")
    void forget() {
        sql.update("delete from price_change where revision < (select revision from shop) - " + KEPT);
    }
}
