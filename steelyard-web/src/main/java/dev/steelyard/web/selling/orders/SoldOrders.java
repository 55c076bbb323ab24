package dev.steelyard.web.selling.orders;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Words;
import jakarta.persistence.EntityManager;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Orders for programs, whoever sold them. */
@Service
public class SoldOrders {

    private final EntityManager entities;
    private final JsonMapper mapper;
    private final Shops shops;

    SoldOrders(EntityManager entities, JsonMapper mapper, Shops shops) {
        this.entities = entities;
        this.mapper = mapper;
        this.shops = shops;
    }

    @Transactional(readOnly = true)
    public Optional<SoldOrder> find(String number) {
        return stored(number).map(this::told);
    }

    private Optional<StoredOrder> stored(String number) {
        return entities.createQuery("select o from StoredOrder o where o.number = :number", StoredOrder.class)
                .setParameter("number", number)
                .getResultStream()
                .findFirst();
    }

    /**
     * Orders that are looked for, the latest first.
     *
     * @param after only those that come after the order of this number; none for the latest
     * @return none where there is no order of that number
     */
    @Transactional(readOnly = true)
    public Optional<List<SoldOrder>> latest(OrderSearch search, @Nullable String after, int most) {
        StoredOrder last = after == null ? null : stored(after).orElse(null);
        if (after != null && last == null) {
            return Optional.empty();
        }
        return Optional.of(new OrderQuery(search, shops.current().zone())
                .after(last)
                .orders(entities)
                .setMaxResults(most)
                .getResultStream()
                .map(this::told)
                .toList());
    }

    private SoldOrder told(StoredOrder order) {
        int minor = order.minorDigits();
        BigDecimal charged = Objects.requireNonNullElse(order.charged(), order.total());
        return new SoldOrder(
                order.number(),
                order.placedAt(),
                order.keyName() == null ? "counter" : "store",
                order.keyName(),
                order.quote(),
                order.buyer(),
                order.email(),
                order.pricedFor(),
                order.country(),
                order.payment(),
                order.currency(),
                Decimals.plain(order.total(), minor),
                Decimals.plain(charged, minor),
                charged.compareTo(order.total()) != 0,
                order.lines().stream().map(line -> line(line, minor)).toList(),
                mapper.readValue(order.deals(), new TypeReference<List<NewOrder.Deal>>() {}).stream()
                        .map(deal -> new SoldOrder.Deal(deal.name(), Decimals.plain(deal.saved(), minor)))
                        .toList());
    }

    private SoldOrder.Line line(StoredOrderLine line, int minor) {
        List<String> answers = new ArrayList<>();
        mapper.readValue(line.answers(), new TypeReference<List<JsonNode>>() {})
                .forEach(answer -> answers.add(FrozenFacts.say(answer, Words.owners())));
        return new SoldOrder.Line(
                line.sku(),
                line.name(),
                line.quantity(),
                Decimals.plain(line.pricePerPiece(), line.pieceDecimals()),
                Decimals.plain(line.total(), minor),
                Decimals.plain(line.afterDeals() == null ? line.total() : line.afterDeals(), minor),
                line.charged() == null ? null : Decimals.plain(line.charged(), minor),
                answers,
                line.card(),
                line.cardVersion(),
                FrozenFacts.steps(mapper.readTree(line.reckoning()), Words.owners()).stream()
                        .map(step -> new SoldOrder.Step(step.label(), step.detail(), step.result()))
                        .toList());
    }
}
