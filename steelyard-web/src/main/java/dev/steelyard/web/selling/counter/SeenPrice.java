package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.web.selling.shown.Offer;
import java.util.List;
import java.util.StringJoiner;
import org.jspecify.annotations.Nullable;

/**
 * The price a shopper was shown for an order. It travels with the form, so that a price that changed while the page was
 * open is said rather than taken; it is compared only where the same is ordered.
 *
 * @param order what is ordered, as far as a price hangs on it
 * @param total as it was shown
 */
record SeenPrice(String order, String total) {

    private static final String BETWEEN = "=";

    static SeenPrice of(Offer offer, String quantity, Answers answers, List<String> variants, String total) {
        StringJoiner order = new StringJoiner(",");
        order.add(offer.item().sku().value()).add(quantity.strip()).add(String.valueOf(answers.pack()));
        for (Ask ask : offer.card().card().asks()) {
            Answer answer = answers.byName().get(ask.name());
            order.add(answer == null ? "" : answer.text() + " " + unit(ask, answer));
        }
        variants.forEach(order::add);
        return new SeenPrice(Integer.toHexString(order.toString().hashCode()), total);
    }

    private static String unit(Ask ask, Answer answer) {
        if (answer instanceof Answer.Typed typed && typed.unit() != null) {
            return typed.unit();
        }
        return ask instanceof Measurement measurement ? measurement.unit().code() : "";
    }

    String write() {
        return order + BETWEEN + total;
    }

    /** What was shown for the same order before, where that was another total; none else. */
    @Nullable
    String was(@Nullable String sent) {
        int between = sent == null ? -1 : sent.indexOf(BETWEEN);
        if (sent == null || between < 0 || !sent.substring(0, between).equals(order)) {
            return null;
        }
        String before = sent.substring(between + 1);
        return before.equals(total) || !isMoney(before) ? null : before;
    }

    /** Whether a text looks like a sum as we show them: it came from outside and is shown again. */
    static boolean isMoney(String text) {
        return text.matches("[0-9][0-9,.]{0,20}");
    }
}
