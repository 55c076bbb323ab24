package dev.steelyard.web.selling.orders;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.selling.shown.AsSeen;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.ArrayList;
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
                mapper.readValue(order.seller(), NewOrder.Seller.class),
                order.withoutTax() ? without(order, deals, minor) : null,
                lines(order, deals, minor));
    }

    private List<OrderView.Line> lines(StoredOrder order, List<NewOrder.Deal> deals, int minor) {
        List<OrderView.Line> lines = new ArrayList<>();
        for (int i = 0; i < order.lines().size(); i++) {
            StoredOrderLine line = order.lines().get(i);
            lines.add(line(line, taken(line, i, deals, minor), order.withoutTax(), minor));
        }
        return lines;
    }

    /** What each deal took off a line, and what was left then. */
    private static List<OrderView.Taken> taken(StoredOrderLine line, int at, List<NewOrder.Deal> deals, int minor) {
        List<OrderView.Taken> taken = new ArrayList<>();
        BigDecimal left = line.total();
        for (NewOrder.Deal deal : deals) {
            BigDecimal share = at < deal.shares().size() ? deal.shares().get(at) : BigDecimal.ZERO;
            if (share.signum() != 0) {
                left = left.subtract(share);
                taken.add(new OrderView.Taken(deal.name(), signed(share, minor), Show.money(left, minor)));
            }
        }
        return taken;
    }

    private static String signed(BigDecimal saved, int minor) {
        return (saved.signum() < 0 ? "+" : "−") + Show.money(saved.abs(), minor);
    }

    /** Without the tax that figures contain; goods are what is left and what deals took off, so that they add up. */
    private static OrderView.Without without(StoredOrder order, List<NewOrder.Deal> deals, int minor) {
        BigDecimal left = order.lines().stream()
                .map(line -> net(line, after(line), minor))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        List<BigDecimal> saved = deals.stream()
                .map(deal -> {
                    BigDecimal sum = BigDecimal.ZERO;
                    for (int i = 0;
                            i < Math.min(deal.shares().size(), order.lines().size());
                            i++) {
                        sum = sum.add(
                                less(deal.shares().get(i), order.lines().get(i).taxRate(), minor));
                    }
                    return sum;
                })
                .toList();
        return new OrderView.Without(
                Show.money(saved.stream().reduce(left, BigDecimal::add), minor),
                saved.stream().map(one -> signed(one, minor)).toList(),
                Show.money(left, minor));
    }

    private static BigDecimal after(StoredOrderLine line) {
        return line.afterDeals() == null ? line.total() : line.afterDeals();
    }

    /** A line's total less its own tax, as it was frozen. */
    private static BigDecimal net(StoredOrderLine line, BigDecimal total, int minor) {
        return line.tax() == null ? less(total, line.taxRate(), minor) : total.subtract(line.tax());
    }

    private static BigDecimal less(BigDecimal money, @Nullable BigDecimal rate, int decimals) {
        return new AsSeen(decimals, rate).of(money, decimals);
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
        return new OrderView.Deal(
                deal.name(), deal.words(), signed(deal.saved(), minor), deal.detail(), deal.id(), deal.version());
    }

    private OrderView.Line line(StoredOrderLine line, List<OrderView.Taken> taken, boolean without, int minor) {
        BigDecimal after = after(line);
        return new OrderView.Line(
                line.sku(),
                line.name(),
                Show.whole(line.quantity()),
                Show.money(line.pricePerPiece(), line.pieceDecimals()),
                after.compareTo(line.total()) >= 0 ? null : Show.money(line.total(), minor),
                Show.money(after, minor),
                tax(line.taxRate(), line.tax(), minor),
                mapper.readValue(line.answers(), new TypeReference<List<String>>() {}),
                line.card(),
                line.cardId(),
                line.cardVersion(),
                mapper.readValue(line.reckoning(), new TypeReference<List<ReckoningText.Line>>() {}),
                taken,
                without
                        ? Show.money(
                                less(line.pricePerPiece(), line.taxRate(), line.pieceDecimals()), line.pieceDecimals())
                        : null,
                without ? Show.money(net(line, after, minor), minor) : null);
    }

    private static String tax(@Nullable BigDecimal rate, @Nullable BigDecimal tax, int minor) {
        return rate == null || tax == null ? "" : Decimals.plain(rate, 0) + " %: " + Show.money(tax, minor);
    }
}
