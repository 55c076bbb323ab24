package dev.steelyard.web.selling.orders;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Outbox;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Words;
import jakarta.persistence.EntityManager;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Stores orders once and shows them as they were sold. */
@Service
public class Orders {

    private static final int MOST_WRITTEN = 100_000;

    private final EntityManager entities;
    private final JsonMapper mapper;
    private final OrderViews views;
    private final Shops shops;
    private final Outbox outbox;
    private final Clock clock;

    Orders(EntityManager entities, JsonMapper mapper, OrderViews views, Shops shops, Outbox outbox, Clock clock) {
        this.outbox = outbox;
        this.entities = entities;
        this.mapper = mapper;
        this.views = views;
        this.shops = shops;
        this.clock = clock;
    }

    /** Stores an order, in the caller's transaction; its checkout key lets no second one in. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void place(NewOrder order) {
        NewOrder.Store store = order.store();
        StoredOrder stored = put(
                order,
                store == null ? ownNumber() : store.number(),
                store == null ? clock.instant() : store.placedAt());
        entities.flush();
        outbox.put(
                "order.placed",
                Map.of(
                        "number",
                        stored.number(),
                        "soldBy",
                        store == null ? "counter" : "store",
                        "total",
                        Decimals.plain(order.total(), order.minorDigits()),
                        "currency",
                        order.currency()));
    }

    /** An order and when it was placed. */
    public record Placed(NewOrder order, Instant at) {}

    /** Stores orders of before, of which nobody is to be told any more. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void bring(List<Placed> orders) {
        orders.forEach(one -> put(
                one.order(),
                one.order().store() == null ? ownNumber() : one.order().store().number(),
                one.at()));
        entities.flush();
        entities.clear();
    }

    private StoredOrder put(NewOrder order, String number, Instant at) {
        NewOrder.Store store = order.store();
        StoredOrder stored = new StoredOrder(
                number,
                at,
                order,
                new StoredOrder.Written(
                        mapper.writeValueAsString(order.tax()),
                        mapper.writeValueAsString(order.deals()),
                        mapper.writeValueAsString(order.unusedDeals()),
                        mapper.writeValueAsString(order.codes()),
                        mapper.writeValueAsString(order.seller()),
                        order.asked() == null ? null : mapper.writeValueAsString(order.asked())));
        for (int i = 0; i < order.lines().size(); i++) {
            NewOrder.Line line = order.lines().get(i);
            stored.add(new StoredOrderLine(
                    stored,
                    i + 1,
                    line,
                    store == null || i >= store.lines().size()
                            ? null
                            : store.lines().get(i),
                    new StoredOrderLine.Written(
                            line.told() == null ? null : mapper.writeValueAsString(line.told()),
                            mapper.writeValueAsString(line.answers()),
                            mapper.writeValueAsString(line.reckoning()),
                            line.asked() == null ? null : mapper.writeValueAsString(line.asked()))));
        }
        entities.persist(stored);
        return stored;
    }

    private String ownNumber() {
        Number number = (Number)
                entities.createNativeQuery("select next value for order_number").getSingleResult();
        return shops.current().invoicing().orderPrefix() + number.longValue();
    }

    /** Whether a number is one that the counter gives, or will give. */
    @Transactional(readOnly = true)
    public boolean isOurs(String number) {
        String prefix = shops.current().invoicing().orderPrefix();
        return number.startsWith(prefix) && number.substring(prefix.length()).matches("\\d+");
    }

    /** Whether there is an order of a number. */
    @Transactional(readOnly = true)
    public boolean isThere(String number) {
        return entities.createQuery("select count(o) from StoredOrder o where o.number = :number", Long.class)
                        .setParameter("number", number)
                        .getSingleResult()
                > 0;
    }

    /** Whether anything was ever ordered with an e-mail, whatever its case. */
    @Transactional(readOnly = true)
    public boolean hasOrdered(String email) {
        return entities.createQuery("select count(o) from StoredOrder o where o.email = :email", Long.class)
                        .setParameter("email", Pasted.stripped(email))
                        .getSingleResult()
                > 0;
    }

    /** Orders that are looked for, the latest first: a page of them. */
    @Transactional(readOnly = true)
    List<OrderView> find(OrderSearch search, int page, int most) {
        ZoneId zone = shops.current().zone();
        return found(search, page * most, most)
                .map(order -> views.of(order, zone))
                .toList();
    }

    /**
     * What they come to.
     *
     * @param sum with the currency’s decimals
     */
    record Sums(long orders, String sum) {}

    @Transactional(readOnly = true)
    Sums sums(OrderSearch search) {
        Object[] sums =
                new OrderQuery(search, shops.current().zone()).sums(entities).getSingleResult();
        int minor = shops.current().minorDigits();
        return new Sums(
                (Long) sums[0], Show.money(((BigDecimal) sums[1]).setScale(minor, RoundingMode.HALF_UP), minor));
    }

    /** The same as rows of a file, one for each line of an order. */
    @Transactional(readOnly = true)
    void write(OrderSearch search, OrderCsv to) {
        ZoneId zone = shops.current().zone();
        found(search, 0, MOST_WRITTEN).forEach(order -> to.add(order, zone));
    }

    private Stream<StoredOrder> found(OrderSearch search, int first, int most) {
        return new OrderQuery(search, shops.current().zone())
                .orders(entities)
                .setFirstResult(first)
                .setMaxResults(most)
                .getResultStream();
    }

    @Transactional(readOnly = true)
    public Optional<OrderView> byNumber(String number) {
        return find("number", number, Words.owners());
    }

    /** The order that a checkout came to. */
    @Transactional(readOnly = true)
    public Optional<OrderView> byCheckout(String key, Words words) {
        return find("checkoutKey", key, words);
    }

    private Optional<OrderView> find(String field, String value, Words words) {
        ZoneId zone = shops.current().zone();
        return entities.createQuery("select o from StoredOrder o where o." + field + " = :value", StoredOrder.class)
                .setParameter("value", value)
                .getResultStream()
                .findFirst()
                .map(order -> views.of(order, zone, words));
    }
}
