package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.Announced;
import dev.steelyard.core.announced.PriceSpan;
import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What was announced from when until when, by the SKU of what is ordered. */
@Repository
class AnnouncedSpans {

    private static final int AT_ONCE = 1_000;

    private final JdbcTemplate sql;
    private final RowIds ids;

    AnnouncedSpans(JdbcTemplate sql, RowIds ids) {
        this.sql = sql;
        this.ids = ids;
    }

    /** Where nothing was ever kept. */
    private static final Until NOTHING = new Until(-1, Instant.EPOCH);

    /** How far prices are kept. @param revision of prices; -1 before any */
    record Until(long revision, Instant sweptAt) {}

    Until until() {
        return read("");
    }

    /** The same, held until the transaction ends, so that one node at a time goes on. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Until held() {
        return read(" for update");
    }

    private Until read(String how) {
        return sql
                .query(
                        "select revision, swept_at from announced_until where id = 1" + how,
                        (row, at) -> new Until(row.getLong(1), UtcColumns.in(row, 2)))
                .stream()
                .findFirst()
                .orElse(NOTHING);
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void put(Until until) {
        sql.update(
                "insert into announced_until (id, revision, swept_at) values (1, ?, ?)"
                        + " on duplicate key update revision = values(revision), swept_at = values(swept_at)",
                until.revision(),
                UtcColumns.utc(until.sweptAt()));
    }

    /** What is announced now, by SKU, as {@link #written} has it. */
    Map<String, String> open() {
        Map<String, String> open = new HashMap<>();
        sql.query("select sku, price, per from announced_price where until_at is null", row -> {
            put(row, open);
        });
        return open;
    }

    /** The same of some items. */
    Map<String, String> open(List<String> skus) {
        Map<String, String> open = new HashMap<>();
        for (int i = 0; i < skus.size(); i += AT_ONCE) {
            List<String> some = skus.subList(i, Math.min(skus.size(), i + AT_ONCE));
            sql.query(
                    "select sku, price, per from announced_price where until_at is null and sku in ("
                            + String.join(",", Collections.nCopies(some.size(), "?")) + ")",
                    row -> {
                        put(row, open);
                    },
                    some.toArray());
        }
        return open;
    }

    private static void put(ResultSet row, Map<String, String> to) throws SQLException {
        to.put(row.getString(1), row.getBigDecimal(2).stripTrailingZeros().toPlainString() + " " + row.getString(3));
    }

    /** A price with its unit, so that two can be compared. */
    static String written(@Nullable Announced announced) {
        return announced == null ? "" : announced.price().stripTrailingZeros().toPlainString() + " " + per(announced);
    }

    private static String per(Announced announced) {
        return announced.per() == null ? "" : announced.per().code();
    }

    /** Ends what is announced of some items. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void close(List<String> skus, Instant at) {
        sql.batchUpdate(
                "update announced_price set until_at = ? where sku = ? and until_at is null",
                skus.stream().map(sku -> new Object[] {UtcColumns.utc(at), sku}).toList());
    }

    /** A price that is announced from a moment on. @param until none where it still is */
    record New(String sku, Announced announced, Instant from, @Nullable Instant until) {}

    @Transactional(propagation = Propagation.MANDATORY)
    public void begin(List<New> all) {
        List<Object[]> rows = new ArrayList<>();
        for (New one : all) {
            rows.add(new Object[] {
                ids.next(),
                one.sku(),
                per(one.announced()),
                one.announced().price(),
                UtcColumns.utc(one.from()),
                one.until() == null ? null : UtcColumns.utc(one.until())
            });
        }
        sql.batchUpdate(
                "insert into announced_price (id, sku, per, price, from_at, until_at) values (?, ?, ?, ?, ?, ?)", rows);
    }

    /** Of one item, the first first, since a moment; in the unit it has now. */
    List<PriceSpan> of(String sku, Instant since) {
        return sql.query(
                "select price, from_at, until_at from announced_price a where sku = ? and (until_at is null or until_at > ?)"
                        + " and per = (select per from announced_price b where b.sku = a.sku order by from_at desc limit 1)"
                        + " order by from_at",
                (row, at) -> new PriceSpan(
                        row.getBigDecimal(1).stripTrailingZeros(), UtcColumns.in(row, 2), UtcColumns.orNone(row, 3)),
                sku,
                UtcColumns.utc(since));
    }
}
