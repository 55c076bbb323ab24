package dev.steelyard.web.selling.counter;

import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.AsSeen;
import java.math.BigDecimal;
import java.util.Objects;

/**
 * What the lines of a basket come to without the tax they contain, each less its own tax; what their sum then lacks to what
 * is paid without tax is put on the largest, so that what is shown adds up.
 */
final class Nets {

    private Nets() {}

    /** What a deal took off without the tax that it contained, line by line; below 0 where it added. */
    static BigDecimal saved(Used used, PricedBasket priced, Shopper shopper, BookInForce book) {
        BigDecimal sum = BigDecimal.ZERO;
        for (int i = 0; i < used.shares().size(); i++) {
            PricedLine line = (PricedLine) priced.lines().get(priced.places().get(i));
            AsSeen seen = AsSeen.of(line.item(), shopper.customer(), book);
            sum = sum.add(seen.of(used.shares().get(i).value(), seen.minor()));
        }
        return sum;
    }

    /** One for each line; 0 for one without a price. */
    static BigDecimal[] of(PricedBasket priced) {
        int lines = priced.lines().size();
        BigDecimal[] nets = new BigDecimal[lines];
        BigDecimal sum = BigDecimal.ZERO;
        int largest = -1;
        for (int i = 0; i < lines; i++) {
            Money left = priced.left(i);
            Money tax = priced.taxOf(i);
            nets[i] = left == null
                    ? BigDecimal.ZERO
                    : tax == null ? left.value() : left.value().subtract(tax.value());
            sum = sum.add(nets[i]);
            largest = largest < 0 || nets[i].compareTo(nets[largest]) > 0 ? i : largest;
        }
        if (priced.tax() != null && largest >= 0) {
            BigDecimal whole = priced.total()
                    .value()
                    .subtract(Objects.requireNonNull(priced.tax()).sum());
            nets[largest] = nets[largest].add(whole.subtract(sum));
        }
        return nets;
    }
}
