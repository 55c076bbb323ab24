package dev.steelyard.web.start.demo;

import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.goods.PriceStates;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What was otherwise at the demo shop before: what a deck brush cost. */
@Component
class DemoPast {

    private static final int MONTHS_AGO = 9;
    private static final LocalTime BEFORE_WORK = LocalTime.of(6, 30);

    private final JdbcTemplate sql;
    private final Changes changes;
    private final EntityManager entities;

    DemoPast(JdbcTemplate sql, Changes changes, EntityManager entities) {
        this.sql = sql;
        this.changes = changes;
        this.entities = entities;
    }

    /** Whether it is the demo shop and nothing was sold at it yet. */
    boolean isNew() {
        return !sql.queryForList(
                                "select id from product where sku = ? and removed_at is null",
                                Long.class,
                                DemoOrders.BRUSH)
                        .isEmpty()
                && sql.queryForList("select id from shop_order limit 1", Long.class)
                        .isEmpty();
    }

    /**
     * Says in History that the brush was marked up some months ago.
     *
     * @return the first day at the price of now
     */
    LocalDate brushMarked(LocalDate today, ZoneId zone) {
        LocalDate day = today.minusMonths(MONTHS_AGO).withDayOfMonth(2);
        long brush = sql.queryForObject("select id from product where sku = ?", Long.class, DemoOrders.BRUSH);
        changes.keep(
                new Change(
                        ChangeSubject.PRICES,
                        brush,
                        "Deck brush",
                        What.PRICES,
                        "the supplier asks more",
                        Map.of(PriceStates.SHELF_PRICE, DemoOrders.BRUSH_BEFORE.toPlainString()),
                        Map.of(PriceStates.SHELF_PRICE, "15.00")),
                "Jonas");
        entities.flush();
        sql.update(
                "update change_entry set made_at = ? where id = (select max(id) from change_entry where subject = 'PRICES' and subject_id = ?)",
                UtcColumns.utc(day.atTime(BEFORE_WORK).atZone(zone).toInstant()),
                brush);
        return day;
    }

    /** What was announced is filled in once more, now that History says what was before. */
    void announcedAnew() {
        sql.update("delete from announced_price");
        sql.update("update announced_until set revision = -1");
    }
}
