package dev.steelyard.core.replay;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.tax.Tax;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What each line of a basket that can be sold, and has any, comes to, one after the other: {@link #next} goes to the next of them. */
final class BasketSums {

    private final PricedBasket basket;
    private final List<Money> left;
    private int place = -1;
    private PricedLine line;
    private BigDecimal turnover = BigDecimal.ZERO;
    private BigDecimal reduced = BigDecimal.ZERO;
    private BigDecimal known = BigDecimal.ZERO;
    private @Nullable BigDecimal cost;

    BasketSums(PricedBasket basket) {
        this.basket = basket;
        this.left = basket.dealt().left();
        this.line = (PricedLine) basket.lines().get(0);
    }

    /** @return whether there is one more */
    boolean next() {
        place++;
        if (place == left.size()) {
            return false;
        }
        line = (PricedLine) basket.lines().get(place);
        Money total = line.total();
        Money here = left.get(place);
        turnover = here.value();
        BigDecimal byBreaks = line.reduced().value();
        reduced = here == total ? byBreaks : byBreaks.add(total.value().subtract(turnover));
        cost = line.cost();
        Tax tax = basket.tax();
        known = cost == null || tax == null || !tax.included()
                ? turnover
                : turnover.subtract(tax.lines().get(place).value());
        return true;
    }

    PricedLine line() {
        return line;
    }

    BigDecimal turnover() {
        return turnover;
    }

    /** By breaks and deals. */
    BigDecimal reduced() {
        return reduced;
    }

    /** None where it is not known. */
    @Nullable
    BigDecimal cost() {
        return cost;
    }

    /** Without tax. */
    BigDecimal known() {
        return known;
    }

    /** All lines of a basket. */
    static Totals whole(PricedBasket basket) {
        Adding whole = new Adding();
        BasketSums lines = new BasketSums(basket);
        while (lines.next()) {
            whole.add(lines);
        }
        return whole.totals();
    }
}
