package dev.steelyard.web.selling.counter;

import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.LineTaxes;
import java.math.BigDecimal;

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
            AsSeen seen = AsSeen.of(line.item(), shopper.customer(), book, shopper.words());
            sum = sum.add(seen.of(used.shares().get(i).value(), seen.minor()));
        }
        return sum;
    }

    /** One for each line; 0 for one without a price. */
    static BigDecimal[] of(PricedBasket priced) {
        BigDecimal[] taxes = LineTaxes.of(priced);
        BigDecimal[] nets = new BigDecimal[taxes.length];
        for (int i = 0; i < taxes.length; i++) {
            Money left = priced.left(i);
            nets[i] = left == null ? BigDecimal.ZERO : left.value().subtract(taxes[i]);
        }
        return nets;
    }
}
