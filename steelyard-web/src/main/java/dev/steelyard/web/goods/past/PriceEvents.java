package dev.steelyard.web.goods.past;

import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.goods.OpenDays;
import dev.steelyard.web.goods.PriceStates;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.HistorySearch;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Finds the changes of one product's prices, however they were made. */
@Repository
class PriceEvents {

    private static final int MOST = 1_000;
    private static final int DECIMALS = 2;
    private static final String ROWS =
            "select b.id, b.origin, b.title, b.applied_at, b.applied_by, b.undone_at, b.undone_by, r.outcome,"
                    + " r.from_pieces, r.price, r.starts, r.ends, g.name as group_name, r.old_from, r.old_price,"
                    + " r.old_starts, r.old_ends, o.name as old_group_name, v.name as variant"
                    + " from price_batch_row r join price_batch b on b.id = r.batch_id"
                    + " left join customer_group g on g.id = r.group_id left join customer_group o on o.id = r.old_group_id"
                    + " left join variant v on v.id = r.variant_id"
                    + " where r.product_id = ? and r.outcome in ('ADD', 'CHANGE', 'REMOVE') and b.applied_at is not null"
                    + " order by b.applied_at desc, b.id, r.number";

    private final JdbcTemplate sql;
    private final Changes changes;

    PriceEvents(JdbcTemplate sql, Changes changes) {
        this.sql = sql;
        this.changes = changes;
    }

    /** Newest first. */
    @Transactional(readOnly = true)
    public List<PriceEvent> of(long product) {
        List<PriceEvent> events = new ArrayList<>();
        changes.latest(HistorySearch.of(ChangeSubject.PRICES, product), null, MOST)
                .forEach(entry -> events.add(new PriceEvent(
                        entry.at(),
                        entry.by(),
                        "by hand",
                        entry.change().why(),
                        "/history/prices?of=" + product + "&b=" + entry.id(),
                        entry.change().before(),
                        entry.change().after())));
        Map<Long, Batched> batches = new LinkedHashMap<>();
        sql.query(
                ROWS,
                row -> {
                    batches.computeIfAbsent(row.getLong("id"), id -> new Batched())
                            .add(row);
                },
                product);
        batches.forEach((id, batched) -> batched.addTo(events, id));
        events.sort(Comparator.comparing(PriceEvent::at).reversed());
        return events;
    }

    /** The rows of one batch about the product. */
    private static final class Batched {

        private final Map<String, String> before = new LinkedHashMap<>();
        private final Map<String, String> after = new LinkedHashMap<>();
        private String how = "";
        private Instant applied = Instant.EPOCH;
        private String appliedBy = "";
        private Instant undone = Instant.EPOCH;
        private String undoneBy = "";

        void add(ResultSet row) throws SQLException {
            how = (row.getString("origin").equals("ACTION") ? "by the action " : "by the sheet ")
                    + row.getString("title");
            applied = UtcColumns.in(row, "applied_at");
            appliedBy = row.getString("applied_by");
            if (row.getObject("undone_at") != null) {
                undone = UtcColumns.in(row, "undone_at");
                undoneBy = row.getString("undone_by");
            }
            String outcome = row.getString("outcome");
            String variant = row.getString("variant");
            String lead = variant == null ? "" : PriceStates.lead(variant);
            if (!outcome.equals("ADD")) {
                put(before, lead, row, "old_", "old_from");
            }
            if (!outcome.equals("REMOVE")) {
                put(after, lead, row, "", "from_pieces");
            }
        }

        private static void put(Map<String, String> to, String lead, ResultSet row, String which, String from)
                throws SQLException {
            BigDecimal price = row.getBigDecimal(which + "price");
            Validity days = OpenDays.validity(row.getString(which + "starts"), row.getString(which + "ends"));
            PriceLine line =
                    new PriceLine(row.getString(which + "group_name"), (Integer) row.getObject(from), price, days);
            to.put(lead + (line.isShelf() ? PriceStates.SHELF_PRICE : line.words()), Decimals.plain(price, DECIMALS));
        }

        void addTo(List<PriceEvent> events, long id) {
            String link = "/sheets/" + id;
            events.add(new PriceEvent(applied, appliedBy, how, "", link, before, after));
            if (!undoneBy.isEmpty()) {
                events.add(new PriceEvent(undone, undoneBy, how + ", undone", "", link, after, before));
            }
        }
    }
}
