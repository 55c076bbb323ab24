package dev.steelyard.core.replay;

import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.tax.Tax;
import java.math.BigDecimal;

/** What each line of a basket that can be sold comes to. */
final class BasketSums {

    private final PricedBasket basket;

    BasketSums(PricedBasket basket) {
        this.basket = basket;
    }

    PricedLine line(int place) {
        return (PricedLine) basket.lines().get(place);
    }

    Totals of(int place) {
        PricedLine line = line(place);
        Money left = basket.dealt().left().get(place);
        BigDecimal reduced = left == line.total()
                ? line.reduced().value()
                : line.reduced().value().add(line.total().value().subtract(left.value()));
        BigDecimal cost = line.cost();
        Tax tax = basket.tax();
        BigDecimal known = cost == null
                ? BigDecimal.ZERO
                : tax == null || !tax.included()
                        ? left.value()
                        : left.value().subtract(tax.lines().get(place).value());
        return new Totals(1, left.value(), reduced, known, cost == null ? BigDecimal.ZERO : cost);
    }

    Totals whole() {
        Totals whole = Totals.NONE;
        for (int i = 0; i < basket.lines().size(); i++) {
            whole = whole.plus(of(i));
        }
        return whole;
    }
}
