package dev.steelyard.format;

import dev.steelyard.core.deal.Dealt.Unused;
import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.deal.Next;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.tax.Tax;
import dev.steelyard.words.Words;
import java.util.Locale;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes what a basket comes to. */
public final class BasketWriter {

    private BasketWriter() {}

    /**
     * Lines with what deals left of each, deals used and not used, tax, and what is to be paid; or why not.
     *
     * @param words that say each thing, beside its code and figures
     */
    public static ObjectNode write(PricedBasket basket, Words words) {
        ObjectNode node = Json.object();
        String refused = BasketTrials.refusal(basket);
        if (refused != null) {
            node.put("refused", refused);
        }
        if (basket.fault() != null) {
            node.put("message", words.say(basket.fault().what()));
            node.set("says", FactWriter.write(basket.fault().what()));
        }
        node.put("before", basket.before().toString())
                .put("total", basket.total().toString())
                .put("toPay", basket.toPay().toString());
        ArrayNode lines = node.putArray("lines");
        for (int i = 0; i < basket.lines().size(); i++) {
            ObjectNode line = ResultWriter.write(basket.lines().get(i), words);
            Money left = basket.left(i);
            if (left != null) {
                line.put("left", left.toString());
            }
            lines.add(line);
        }
        used(node.putArray("used"), basket, words);
        ArrayNode unused = node.putArray("unused");
        for (Unused one : basket.dealt().unused()) {
            unused.addObject()
                    .put("deal", one.deal().name())
                    .put("why", word(one.why()))
                    .put("detail", words.say(one.detail()))
                    .set("says", FactWriter.write(one.detail()));
        }
        ArrayNode next = node.putArray("next");
        for (Next one : basket.dealt().next()) {
            next.addObject()
                    .put("deal", one.deal().name())
                    .put("need", word(one.need()))
                    .put("more", Decimals.plain(one.much(), 0));
        }
        if (basket.tax() != null) {
            tax(node, basket.tax());
        }
        return node;
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static void used(ArrayNode array, PricedBasket basket, Words words) {
        for (Used one : basket.dealt().used()) {
            ObjectNode used = array.addObject()
                    .put("deal", one.deal().name())
                    .put("saved", one.saved().toString())
                    .put("detail", words.say(one.detail()));
            used.set("says", FactWriter.write(one.detail()));
            ArrayNode shares = used.putArray("shares");
            one.shares().forEach(share -> shares.add(share.toString()));
        }
    }

    private static void tax(ObjectNode node, Tax tax) {
        node.put("taxIncluded", tax.included());
        ObjectNode rates = node.putObject("tax");
        tax.rates()
                .forEach(rate ->
                        rates.put(rate.rate().toPlainString(), rate.tax().toString()));
    }
}
