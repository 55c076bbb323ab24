package dev.steelyard.web.selling.orders;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Shows stored orders as they were sold. */
@Component
class OrderViews {

    private final JsonMapper mapper;

    OrderViews(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** As owners read it. */
    OrderView of(StoredOrder order, ZoneId zone) {
        return of(order, zone, Words.owners());
    }

    /** In somebody's words. */
    OrderView of(StoredOrder order, ZoneId zone, Words words) {
        int minor = order.minorDigits();
        List<NewOrder.Deal> deals = mapper.readValue(order.deals(), new TypeReference<List<NewOrder.Deal>>() {});
        BigDecimal goods = order.goodsTotal();
        return new OrderView(
                order.number(),
                words.moment(order.placedAt().atZone(zone).toLocalDateTime()),
                order.pricedFor() == null ? words.text("order.everyone") : order.pricedFor(),
                words.day(order.pricedOn()),
                order.buyer(),
                order.email(),
                order.country() == null ? "" : words.country(order.country()),
                goods == null || deals.isEmpty() ? null : words.number(goods, minor),
                words.number(order.total(), minor),
                order.currency(),
                paid(order, words),
                order.cardEnding().isBlank() ? words.text("order.to-pay") : words.text("order.paid"),
                !order.cardEnding().isBlank(),
                tax(order, minor, words),
                deals.stream().map(deal -> deal(deal, minor, words)).toList(),
                mapper.readValue(order.unusedDeals(), new TypeReference<List<NewOrder.UnusedDeal>>() {}).stream()
                        .map(one -> new OrderView.Unused(one.name(), FrozenFacts.say(one.why(), words)))
                        .toList(),
                mapper.readValue(order.codes(), new TypeReference<List<String>>() {}),
                mapper.readValue(order.seller(), NewOrder.Seller.class),
                order.withoutTax() ? without(order, deals, minor, words) : null,
                store(order, minor),
                lines(order, deals, minor, words));
    }

    private static OrderView.@Nullable Store store(StoredOrder order, int minor) {
        BigDecimal charged = order.charged();
        if (order.keyName() == null || charged == null) {
            return null;
        }
        BigDecimal more = charged.subtract(order.total());
        return new OrderView.Store(
                order.keyName(),
                order.quote(),
                Show.money(charged.setScale(minor, RoundingMode.HALF_UP), minor),
                more.signum() == 0
                        ? null
                        : Show.money(more.abs().setScale(minor, RoundingMode.HALF_UP), minor)
                                + (more.signum() > 0 ? " more than reckoned" : " less than reckoned"));
    }

    private List<OrderView.Line> lines(StoredOrder order, List<NewOrder.Deal> deals, int minor, Words words) {
        List<OrderView.Line> lines = new ArrayList<>();
        for (int i = 0; i < order.lines().size(); i++) {
            StoredOrderLine line = order.lines().get(i);
            lines.add(line(line, taken(line, i, deals, minor, words), order.withoutTax(), minor, words));
        }
        return lines;
    }

    /** What each deal took off a line, and what was left then. */
    private static List<OrderView.Taken> taken(
            StoredOrderLine line, int at, List<NewOrder.Deal> deals, int minor, Words words) {
        List<OrderView.Taken> taken = new ArrayList<>();
        BigDecimal left = line.total();
        for (NewOrder.Deal deal : deals) {
            BigDecimal share = at < deal.shares().size() ? deal.shares().get(at) : BigDecimal.ZERO;
            if (share.signum() != 0) {
                left = left.subtract(share);
                taken.add(new OrderView.Taken(deal.name(), signed(share, minor, words), words.number(left, minor)));
            }
        }
        return taken;
    }

    private static String signed(BigDecimal saved, int minor, Words words) {
        return (saved.signum() < 0 ? "+" : "−") + words.number(saved.abs(), minor);
    }

    /** Without the tax that figures contain; goods are what is left and what deals took off, so that they add up. */
    private static OrderView.Without without(StoredOrder order, List<NewOrder.Deal> deals, int minor, Words words) {
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
                words.number(saved.stream().reduce(left, BigDecimal::add), minor),
                saved.stream().map(one -> signed(one, minor, words)).toList(),
                words.number(left, minor));
    }

    private static BigDecimal after(StoredOrderLine line) {
        return line.afterDeals() == null ? line.total() : line.afterDeals();
    }

    /** A line's total less its own tax, as it was frozen. */
    private static BigDecimal net(StoredOrderLine line, BigDecimal total, int minor) {
        return line.tax() == null ? less(total, line.taxRate(), minor) : total.subtract(line.tax());
    }

    private static BigDecimal less(BigDecimal money, @Nullable BigDecimal rate, int decimals) {
        return new AsSeen(decimals, rate, Words.owners()).of(money, decimals);
    }

    private static String paid(StoredOrder order, Words words) {
        return order.cardEnding().isBlank()
                ? words.text("order.by-way", "way", words.payment(order.payment()))
                : words.text("order.by-card", "ending", order.cardEnding(), "reference", order.paymentReference());
    }

    private List<OrderView.Tax> tax(StoredOrder order, int minor, Words words) {
        List<NewOrder.Tax> taxes = mapper.readValue(order.tax(), new TypeReference<List<NewOrder.Tax>>() {});
        return taxes.stream()
                .map(tax -> new OrderView.Tax(
                        words.text(
                                order.taxIncluded() ? "tax.contained" : "tax.on",
                                "rate",
                                words.number(tax.rate(), 0),
                                "money",
                                words.number(tax.of(), minor)),
                        words.number(tax.tax(), minor)))
                .toList();
    }

    private static OrderView.Deal deal(NewOrder.Deal deal, int minor, Words words) {
        return new OrderView.Deal(
                deal.name(),
                deal.told() == null ? deal.words() : FrozenFacts.say(deal.told(), words),
                signed(deal.saved(), minor, words),
                FrozenFacts.say(deal.detail(), words),
                deal.id(),
                deal.version());
    }

    private OrderView.Line line(
            StoredOrderLine line, List<OrderView.Taken> taken, boolean without, int minor, Words words) {
        BigDecimal after = after(line);
        return new OrderView.Line(
                line.sku(),
                line.told() == null ? line.name() : FrozenFacts.say(mapper.readTree(line.told()), words),
                words.whole(line.quantity()),
                words.number(line.pricePerPiece(), line.pieceDecimals()),
                after.compareTo(line.total()) >= 0 ? null : words.number(line.total(), minor),
                words.number(after, minor),
                tax(line.taxRate(), line.tax(), minor, words),
                mapper.readValue(line.answers(), new TypeReference<List<JsonNode>>() {}).stream()
                        .map(answer -> FrozenFacts.say(answer, words))
                        .toList(),
                line.card(),
                line.cardId(),
                line.cardVersion(),
                FrozenFacts.steps(mapper.readTree(line.reckoning()), words),
                taken,
                without
                        ? words.number(
                                less(line.pricePerPiece(), line.taxRate(), line.pieceDecimals()), line.pieceDecimals())
                        : null,
                without ? words.number(net(line, after, minor), minor) : null,
                line.charged() == null || line.charged().compareTo(line.total()) == 0
                        ? null
                        : words.number(line.charged(), minor));
    }

    private static String tax(@Nullable BigDecimal rate, @Nullable BigDecimal tax, int minor, Words words) {
        return rate == null || tax == null
                ? ""
                : words.text("tax.of-line", "rate", words.number(rate, 0), "money", words.number(tax, minor));
    }
}
