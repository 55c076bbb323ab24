package dev.steelyard.web.selling.checkout;

import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.selling.counter.PricedPick;
import dev.steelyard.web.selling.counter.PricedPicks;
import dev.steelyard.web.selling.counter.Shopper;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.orders.OrderFreezer;
import org.springframework.stereotype.Component;

/** Freezes a priced basket of the counter: what is ordered is what was priced, whatever changes later. */
@Component
class Freezing {

    private final OrderFreezer freezer;

    Freezing(OrderFreezer freezer) {
        this.freezer = freezer;
    }

    /** @param priced every line of which has a price */
    NewOrder freeze(String key, Buyer buyer, PricedPicks priced) {
        Shopper shopper = priced.shopper();
        return freezer.freeze(
                key,
                new OrderFreezer.Who(
                        buyer.name(), buyer.email(), buyer.payment().label(), buyer.cardEnding()),
                new OrderFreezer.Sold(
                        priced.basket(),
                        priced.book(),
                        shopper.occasion(),
                        shopper.codes(),
                        shopper.words(),
                        priced.picks().stream().map(Freezing::line).toList()));
    }

    private static OrderFreezer.Line line(PricedPick pick) {
        PricedLine line = (PricedLine) pick.result();
        return new OrderFreezer.Line(
                pick.offered().line(), pick.name(line.item()), pick.answers(), pick.variants(), pick.version());
    }
}
