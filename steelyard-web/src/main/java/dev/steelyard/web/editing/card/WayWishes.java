package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** How a piece is priced: another way, what a way may have beside, what an option charges. */
final class WayWishes {

    static final List<Wish> ALL = List.of(
            Wish.making("way", wished -> new Ways(
                            wished.document(), wished.subject().shop().currency())
                    .change(wished.at(), wished.to())),
            Wish.making("rate-breaks", wished -> Ways.rateBreaks(wished.document(), wished.there())),
            Wish.making(
                    "own-amount",
                    wished -> Ways.ownAmount(
                            wished.document(),
                            wished.there(),
                            wished.subject().shop().currency())),
            Wish.making("charge", WayWishes::charge));

    private WayWishes() {}

    private static void charge(Wished wished) {
        String option = wished.there();
        DraftDocument document = wished.document();
        if (wished.to().equals("none")) {
            document.remove(option + "/charge");
            return;
        }
        ObjectNode charge = document.object(option + "/charge");
        String amount = charge.valueStream()
                .map(value -> value.asString(""))
                .filter(text -> text.matches("-?[0-9.]+"))
                .findFirst()
                .orElse("1.00");
        charge.removeAll();
        charge.put(wished.to(), amount);
        if (wished.to().equals("perUnit")) {
            charge.put("per", "m").put("of", edge(document));
        }
    }

    /** The edge of a piece of two sides, or the first thing measured. */
    private static String edge(DraftDocument document) {
        List<String> lengths = document.at("/asks")
                .valueStream()
                .filter(ask -> ask.path("kind").asString("").equals("length"))
                .map(ask -> ask.path("measurement").asString(""))
                .toList();
        return lengths.size() > 1
                ? "2 * (" + lengths.get(0) + " + " + lengths.get(1) + ")"
                : lengths.isEmpty() ? "1 m" : lengths.get(0);
    }
}
