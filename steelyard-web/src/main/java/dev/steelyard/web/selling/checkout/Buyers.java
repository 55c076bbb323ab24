package dev.steelyard.web.selling.checkout;

import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.web.selling.codes.Codes;
import dev.steelyard.web.selling.counter.Shopper;
import dev.steelyard.web.selling.orders.Orders;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What hangs on who orders: whether it is their first order, and which codes they have used; told by their e-mail. */
@Component
class Buyers {

    private final Orders orders;
    private final Codes codes;

    Buyers(Orders orders, Codes codes) {
        this.orders = orders;
        this.codes = codes;
    }

    /** A shopper as whoever orders with an e-mail; as they are while none is typed. */
    Shopper ordering(Shopper shopper, String email) {
        return email.isBlank()
                ? shopper
                : shopper.ordering(!orders.hasOrdered(email), codes.standing(shopper.codes(), email));
    }

    /** What changed since the shopper looked, with why where it is for their e-mail. */
    List<String> withReasons(List<String> changes, Shopper before, Shopper ordering) {
        Words words = ordering.words();
        List<String> said = new ArrayList<>();
        if (before.firstOrder() && !ordering.firstOrder()) {
            said.add(words.text("changed.not-first"));
        } else if (!before.firstOrder() && ordering.firstOrder()) {
            said.add(words.text("changed.first"));
        }
        ordering.codeStanding()
                .spent()
                .forEach((code, why) -> said.add(words.text("changed.code", "code", code, "why", words.text(why))));
        said.addAll(changes);
        return said;
    }

    /**
     * Uses the codes by which deals count, in the transaction that begins the payment.
     *
     * @return a sentence for each that does not count any more; empty where all were used
     */
    List<String> useCodes(Shopper shopper, PricedBasket priced, String checkoutKey, String email) {
        Set<String> counting = priced.dealt().used().stream()
                .map(Used::deal)
                .map(deal -> deal.conditions().codeList() == null
                        ? ""
                        : deal.conditions().codeList())
                .collect(Collectors.toSet());
        List<String> used = shopper.codeStanding().lists().entrySet().stream()
                .filter(one -> counting.contains(one.getValue()))
                .map(one -> one.getKey())
                .sorted()
                .toList();
        return codes.use(used, checkoutKey, email).entrySet().stream()
                .map(one -> shopper.words()
                        .text(
                                "changed.code-ended",
                                "code",
                                one.getKey(),
                                "why",
                                shopper.words().text(one.getValue())))
                .toList();
    }
}
