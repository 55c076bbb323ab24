package dev.steelyard.web.selling.orders;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.base.page.Show;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Shows stored orders as they were sold. */
@Component
class OrderViews {

    private final JsonMapper mapper;

    OrderViews(JsonMapper mapper) {
        this.mapper = mapper;
    }

    OrderView of(StoredOrder order, ZoneId zone) {
        int minor = order.minorDigits();
        List<NewOrder.Deal> deals = mapper.readValue(order.deals(), new TypeReference<List<NewOrder.Deal>>() {});
        BigDecimal goods = order.goodsTotal();
        return new OrderView(
                order.number(),
                Show.moment(order.placedAt(), zone),
                order.pricedFor() == null ? "Everyone" : order.pricedFor(),
                Show.day(order.pricedOn()),
                order.buyer(),
                order.email(),
                order.country() == null ? "" : Countries.all().getOrDefault(order.country(), order.country()),
                goods == null || deals.isEmpty() ? null : Show.money(goods, minor),
                Show.money(order.total(), minor),
                order.currency(),
                paid(order),
                tax(order, minor),
                deals.stream().map(deal -> deal(deal, minor)).toList(),
                mapper.readValue(order.unusedDeals(), new TypeReference<List<NewOrder.UnusedDeal>>() {}),
                mapper.readValue(order.codes(), new TypeReference<List<String>>() {}),
                order.lines().stream().map(line -> line(line, minor)).toList());
    }

    private static String paid(StoredOrder order) {
        return order.cardEnding().isBlank()
                ? "to be paid by " + order.payment()
                : "with the card ending " + order.cardEnding() + ", " + order.paymentReference();
    }

    private List<OrderView.Tax> tax(StoredOrder order, int minor) {
        List<NewOrder.Tax> taxes = mapper.readValue(order.tax(), new TypeReference<List<NewOrder.Tax>>() {});
        return taxes.stream()
                .map(tax -> new OrderView.Tax(
                        Decimals.plain(tax.rate(), 0) + " % tax " + (order.taxIncluded() ? "contained in " : "on ")
                                + Show.money(tax.of(), minor),
                        Show.money(tax.tax(), minor)))
                .toList();
    }

    private static OrderView.Deal deal(NewOrder.Deal deal, int minor) {
        boolean added = deal.saved().signum() < 0;
        return new OrderView.Deal(
                deal.name(),
                deal.words(),
                (added ? "+" : "−") + Show.money(deal.saved().abs(), minor),
                deal.detail(),
                deal.id(),
                deal.version());
    }

    private OrderView.Line line(StoredOrderLine line, int minor) {
        BigDecimal after = line.afterDeals() == null ? line.total() : line.afterDeals();
        return new OrderView.Line(
                line.sku(),
                line.name(),
                Show.whole(line.quantity()),
                Show.money(line.pricePerPiece(), line.pieceDecimals()),
                after.compareTo(line.total()) == 0 ? null : Show.money(line.total(), minor),
                Show.money(after, minor),
                tax(line.taxRate(), line.tax(), minor),
                mapper.readValue(line.answers(), new TypeReference<List<String>>() {}),
                line.card(),
                line.cardId(),
                line.cardVersion(),
                mapper.readValue(line.reckoning(), new TypeReference<List<ReckoningText.Line>>() {}));
    }

    private static String tax(@Nullable BigDecimal rate, @Nullable BigDecimal tax, int minor) {
        return rate == null || tax == null ? "" : Decimals.plain(rate, 0) + " %: " + Show.money(tax, minor);
    }
}
