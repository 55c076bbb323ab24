package dev.steelyard.web.orders;

import dev.steelyard.web.page.ReckoningText;
import dev.steelyard.web.page.Show;
import dev.steelyard.web.shop.Shops;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Stores orders once and shows them as they were sold. */
@Service
public class Orders {

    private static final int MOST_LISTED = 200;

    private final EntityManager entities;
    private final JsonMapper mapper;
    private final Shops shops;
    private final Clock clock;

    Orders(EntityManager entities, JsonMapper mapper, Shops shops, Clock clock) {
        this.entities = entities;
        this.mapper = mapper;
        this.shops = shops;
        this.clock = clock;
    }

    /** Stores an order, in the caller's transaction; its checkout key lets no second one in. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void place(NewOrder order) {
        Number number = (Number)
                entities.createNativeQuery("select next value for order_number").getSingleResult();
        StoredOrder stored = new StoredOrder("SM-" + number.longValue(), clock.instant(), order);
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
                .map(order -> view(order, zone))
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
                .map(order -> view(order, zone));
    }

    private OrderView view(StoredOrder order, ZoneId zone) {
        return new OrderView(
                order.number(),
                Show.moment(order.placedAt(), zone),
                order.pricedFor() == null ? "Everyone" : order.pricedFor(),
                Show.day(order.pricedOn()),
                order.buyer(),
                order.email(),
                Show.money(order.total(), order.minorDigits()),
                order.currency(),
                order.paymentReference(),
                order.cardEnding(),
                order.lines().stream()
                        .map(line -> view(line, order.minorDigits()))
                        .toList());
    }

    private OrderView.Line view(StoredOrderLine line, int minorDigits) {
        return new OrderView.Line(
                line.sku(),
                line.name(),
                Show.whole(line.quantity()),
                Show.money(line.pricePerPiece(), line.pieceDecimals()),
                Show.money(line.total(), minorDigits),
                mapper.readValue(line.answers(), new TypeReference<List<String>>() {}),
                line.card(),
                line.cardId(),
                line.cardVersion(),
                mapper.readValue(line.reckoning(), new TypeReference<List<ReckoningText.Line>>() {}));
    }
}
