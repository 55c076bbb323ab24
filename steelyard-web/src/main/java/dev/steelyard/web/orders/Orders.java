package dev.steelyard.web.orders;

import dev.steelyard.web.shop.Shops;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Stores orders once and shows them as they were sold. */
@Service
public class Orders {

    private static final int MOST_LISTED = 200;

    private final EntityManager entities;
    private final JsonMapper mapper;
    private final OrderViews views;
    private final Shops shops;
    private final Clock clock;

    Orders(EntityManager entities, JsonMapper mapper, OrderViews views, Shops shops, Clock clock) {
        this.entities = entities;
        this.mapper = mapper;
        this.views = views;
        this.shops = shops;
        this.clock = clock;
    }

    /** Stores an order, in the caller's transaction; its checkout key lets no second one in. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void place(NewOrder order) {
        Number number = (Number)
                entities.createNativeQuery("select next value for order_number").getSingleResult();
        StoredOrder stored = new StoredOrder(
                "SM-" + number.longValue(),
                clock.instant(),
                order,
                new StoredOrder.Written(
                        mapper.writeValueAsString(order.tax()),
                        mapper.writeValueAsString(order.deals()),
                        mapper.writeValueAsString(order.unusedDeals()),
                        mapper.writeValueAsString(order.codes())));
        for (int i = 0; i < order.lines().size(); i++) {
            NewOrder.Line line = order.lines().get(i);
            stored.add(new StoredOrderLine(
                    stored,
                    i + 1,
                    line,
                    mapper.writeValueAsString(line.answers()),
                    mapper.writeValueAsString(line.reckoning())));
        }
        entities.persist(stored);
        entities.flush();
    }

    /** The newest orders, latest first. */
    @Transactional(readOnly = true)
    public List<OrderView> latest() {
        ZoneId zone = shops.current().zone();
        return entities.createQuery(
                        "select o from StoredOrder o order by o.placedAt desc, o.id desc", StoredOrder.class)
                .setMaxResults(MOST_LISTED)
                .getResultStream()
                .map(order -> views.of(order, zone))
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<OrderView> byNumber(String number) {
        return find("number", number);
    }

    /** The order that a checkout came to. */
    @Transactional(readOnly = true)
    public Optional<OrderView> byCheckout(String key) {
        return find("checkoutKey", key);
    }

    private Optional<OrderView> find(String field, String value) {
        ZoneId zone = shops.current().zone();
        return entities.createQuery("select o from StoredOrder o where o." + field + " = :value", StoredOrder.class)
                .setParameter("value", value)
                .getResultStream()
                .findFirst()
                .map(order -> views.of(order, zone));
    }
}
