package dev.steelyard.format.cli;

import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.BasketDocument.Line;
import dev.steelyard.format.BasketDocument.Order;
import dev.steelyard.format.BasketTrials;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.StringJoiner;

/** Baskets as lines of text. */
final class BasketText {

    private static final Words WORDS = Words.owners();

    private BasketText() {}

    static String asked(Order order) {
        StringJoiner words = new StringJoiner(", ");
        for (Line line : order.lines()) {
            words.add(
                    line instanceof Line.Given given
                            ? given.quantity() + " × " + given.item().sku()
                            : ((Line.Asked) line).quantity().toPlainString() + " × "
                                    + ((Line.Asked) line).line().sku());
        }
        if (order.customer().group() != null) {
            words.add(order.customer().group());
        }
        if (order.customer().country() != null) {
            words.add("to " + order.customer().country());
        }
        if (order.payment() != null) {
            words.add("by " + order.payment());
        }
        order.codes().forEach(code -> words.add("code " + code));
        return words.toString();
    }

    static String came(PricedBasket basket, ShopRules shop) {
        String refused = BasketTrials.refusal(basket);
        String currency = " " + shop.currency().getCurrencyCode();
        if (refused == null) {
            return basket.toPay()
                    + currency
                    + (basket.tax() == null ? "" : ", tax " + basket.tax().sum());
        }
        String why = basket.lines().stream()
                .filter(RefusedLine.class::isInstance)
                .map(line -> WORDS.say(((RefusedLine) line).what()))
                .findFirst()
                .orElseGet(() ->
                        basket.fault() == null ? "" : WORDS.say(basket.fault().what()));
        return "refused (" + refused + "): " + why;
    }

    /** Each deal used or not, with its figures, and the tax. */
    static List<String> reckoning(PricedBasket basket) {
        List<String> steps = new ArrayList<>();
        for (int i = 0; i < basket.lines().size(); i++) {
            LineResult line = basket.lines().get(i);
            steps.add("Line " + (i + 1) + " = "
                    + (line instanceof RefusedLine refused ? WORDS.say(refused.what()) : basket.left(i)));
        }
        basket.dealt()
                .used()
                .forEach(used ->
                        steps.add(used.deal().name() + ": " + WORDS.say(used.detail()) + " = −" + used.saved()));
        basket.dealt()
                .unused()
                .forEach(one -> steps.add("not used: " + one.deal().name() + " (" + WORDS.say(one.detail()) + ")"));
        if (basket.tax() != null) {
            boolean included = basket.tax().included();
            basket.tax()
                    .rates()
                    .forEach(rate -> steps.add("Tax " + rate.rate().toPlainString() + " %"
                            + (included ? " contained in " : " on ") + rate.of() + " = " + rate.tax()));
        }
        return steps;
    }
}
