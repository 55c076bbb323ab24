package dev.steelyard.web.selling.orders;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What is asked of the database for orders that are looked for. */
final class OrderQuery {

    private static final String LATEST_FIRST = " order by o.placedAt desc, o.id desc";

    private final StringBuilder where = new StringBuilder(" where 1 = 1");
    private final Map<String, Object> values = new LinkedHashMap<>();
    private final ZoneId zone;

    /** @param zone whose days are meant */
    OrderQuery(OrderSearch search, ZoneId zone) {
        this.zone = zone;
        text(search.text());
        group(search.group());
        used(search);
        sold(search.sold());
        days(search.from(), search.until());
    }

    /** Only those that come after another, the latest first. */
    OrderQuery after(@Nullable StoredOrder last) {
        if (last != null) {
            and("o.placedAt <= :at and (o.placedAt < :at or o.id < :last)");
            values.put("at", last.placedAt());
            values.put("last", last.id());
        }
        return this;
    }

    private void and(String condition) {
        where.append(" and ").append(condition);
    }

    private void text(String text) {
        if (!text.isEmpty()) {
            and("(o.number like :text escape '!' or o.buyer like :text escape '!'"
                    + " or o.email like :text escape '!' or exists (select l.id from StoredOrderLine l where l.order = o"
                    + " and (l.name like :text escape '!' or l.sku like :text escape '!')))");
            values.put("text", OrderSearch.like(text));
        }
    }

    private void group(String group) {
        if (group.equals(OrderSearch.EVERYONE)) {
            and("o.pricedFor is null");
        } else if (!group.isEmpty()) {
            and("o.pricedFor = :group");
            values.put("group", group);
        }
    }

    private void used(OrderSearch search) {
        if (!search.deal().isEmpty()) {
            and("function('json_search', o.deals, 'one', :deal, '!', '$[*].name') is not null");
            values.put("deal", OrderSearch.like(search.deal()));
        }
        if (!search.code().isEmpty()) {
            and("function('json_search', o.codes, 'one', :code, '!') is not null");
            values.put("code", search.code().toUpperCase(Locale.ROOT));
        }
    }

    private void sold(OrderSearch.Sold sold) {
        switch (sold) {
            case ANYWHERE -> {}
            case COUNTER -> and("o.keyName is null");
            case STORE -> and("o.keyName is not null");
            case OTHERWISE -> and("o.charged is not null and o.charged <> o.total");
        }
    }

    private void days(@Nullable LocalDate from, @Nullable LocalDate until) {
        if (from != null) {
            and("o.placedAt >= :from");
            values.put("from", begins(from));
        }
        if (until != null) {
            and("o.placedAt < :until");
            values.put("until", begins(until.plusDays(1)));
        }
    }

    private Instant begins(LocalDate day) {
        return day.atStartOfDay(zone).toInstant();
    }

    /** The orders, the latest first. */
    TypedQuery<StoredOrder> orders(EntityManager entities) {
        return given(entities.createQuery("select o from StoredOrder o" + where + LATEST_FIRST, StoredOrder.class));
    }

    /** How many, and what was charged for them in all. */
    TypedQuery<Object[]> sums(EntityManager entities) {
        return given(entities.createQuery(
                "select count(o), coalesce(sum(coalesce(o.charged, o.total)), 0) from StoredOrder o" + where,
                Object[].class));
    }

    private <T> TypedQuery<T> given(TypedQuery<T> query) {
        values.forEach(query::setParameter);
        return query;
    }
}
