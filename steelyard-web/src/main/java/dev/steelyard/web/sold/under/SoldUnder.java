package dev.steelyard.web.sold.under;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Bars;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.sold.lines.Counted;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.sold.lines.Sold;
import dev.steelyard.web.sold.lines.SoldLink;
import dev.steelyard.web.sold.lines.Stood;
import dev.steelyard.web.sold.lines.Which;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Draws at which counts the orders of the last twelve months stood, on the scale of a beam. */
@Component
public class SoldUnder {

    /** How near below a break an order is within reach of it, as a share of the threshold. */
    private static final BigDecimal NEAR = new BigDecimal("0.8");

    private static final int MONTHS = 12;

    private final Sales sales;
    private final Shops shops;

    SoldUnder(Sales sales, Shops shops) {
        this.sales = sales;
        this.shops = shops;
    }

    public Under of(Hanging hanging) {
        Sold sold = sales.sold();
        Which which = Which.ALL
                .at(Sales.where(shops.current()))
                .of(hanging.of().kind() == Which.Kind.DEAL ? Which.Of.ALL : hanging.of())
                .within(shops.today().minusMonths(MONTHS).plusDays(1), null);
        Stood own = sold.stood(which, hanging.counted());
        // amounts that another card measured may be of another kind
        boolean byItself =
                own.all() > 0 || hanging.goods() == null || hanging.counted().what() != Counted.What.PIECES;
        Stood stood = byItself
                ? own
                : sold.stood(which.of(Which.Of.ALL), hanging.counted().of(hanging.goods()));
        String link = SoldLink.to(hanging.of());
        if (stood.all() == 0) {
            return new Under(
                    null,
                    "Nothing of this was sold in the last twelve months; bars stand here once there are orders.",
                    List.of(),
                    link);
        }
        List<BigDecimal> thresholds = hanging.thresholds();
        BeamAxis axis = new BeamAxis(
                hanging.beam().start(), hanging.beam().end(), hanging.beam().logarithmic());
        List<Bars.At> at = new ArrayList<>();
        stood.orders().forEach((count, orders) -> {
            double value = stood.shown(count);
            at.add(new Bars.At(value, orders, thresholds.stream().anyMatch(from -> isNear(value, from))));
        });
        String what = what(hanging.counted());
        Bars bars = Bars.of(
                axis,
                at,
                thresholds.stream()
                        .map(from -> new Bars.Threshold(from.doubleValue(), Decimals.plain(from, 0)))
                        .toList(),
                "order",
                "How many orders of the last twelve months stood at each count, under the beam");
        return new Under(
                bars,
                (byItself ? "" : "Of its goods, by other prices: ") + sentence(stood, thresholds, what),
                rows(stood, thresholds, what),
                link);
    }

    private static boolean isNear(double value, BigDecimal from) {
        return value < from.doubleValue() && value >= from.multiply(NEAR).doubleValue();
    }

    private static String what(Counted counted) {
        return switch (counted.what()) {
            case PIECES -> "";
            case AMOUNT, AMOUNT_EACH -> counted.unit() == null
                    ? ""
                    : " " + counted.unit().symbol();
            case SPEND -> " spent";
        };
    }

    /** “412 orders in twelve months; of those below a break, most within reach stood under 25: 61 from 20 on.” */
    private static String sentence(Stood stood, List<BigDecimal> thresholds, String what) {
        String all = Show.whole(stood.all()) + (stood.all() == 1 ? " order" : " orders") + " in twelve months";
        BigDecimal most = null;
        long near = 0;
        for (BigDecimal from : thresholds) {
            long here = stood.between(from.multiply(NEAR), from);
            if (here > near) {
                most = from;
                near = here;
            }
        }
        return most == null
                ? all + "; none stood within reach below a break."
                : all + "; " + Show.whole(near) + (near == 1 ? " stands" : " stand") + " less than 20 % below "
                        + Decimals.plain(most, 0) + what + ", within reach of that break.";
    }

    private static List<Under.Row> rows(Stood stood, List<BigDecimal> thresholds, String what) {
        List<Under.Row> rows = new ArrayList<>();
        BigDecimal first = thresholds.isEmpty() ? null : thresholds.get(0);
        if (first != null) {
            rows.add(new Under.Row(
                    "below " + Decimals.plain(first, 0) + what, stood.between(BigDecimal.ZERO, first), 0));
        }
        for (int i = 0; i < thresholds.size(); i++) {
            BigDecimal from = thresholds.get(i);
            BigDecimal next = i + 1 < thresholds.size() ? thresholds.get(i + 1) : BigDecimal.TEN.pow(12);
            rows.add(new Under.Row(
                    "from " + Decimals.plain(from, 0) + what,
                    stood.between(from, next),
                    stood.between(from.multiply(NEAR), from)));
        }
        return rows;
    }
}
