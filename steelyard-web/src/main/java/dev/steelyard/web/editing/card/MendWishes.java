package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.SampleFigures;
import dev.steelyard.web.editing.page.CommonWishes;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What findings and faults offer, and conditions that are built by picking. */
final class MendWishes {

    static final List<Wish> ALL = List.of(
            Wish.of("mend", MendWishes::mend),
            Wish.of("mend-text", MendWishes::text),
            Wish.of("pick-add", wished -> pick(wished, -1)),
            Wish.of("pick-remove", wished -> pick(wished, wished.number("row"))));

    /** What becomes of the place that a mend is about, by the mend's kind; any other kind puts its value there. */
    private static final Map<String, Wish> KINDS = Map.of(
            "remove",
            Wish.of("remove", wished -> PartWishes.remove(wished, wished.there())),
            "on",
            Wish.of("on", wished -> wished.document().put(wished.at(), true)),
            "off",
            Wish.of("off", wished -> wished.document().put(wished.at(), false)),
            CommonWishes.MEANT,
            Wish.of("meant", wished -> SampleFigures.meant(wished.document())));

    private static final Wish PUT = Wish.of("put", wished -> wished.document().put(wished.at(), wished.value()));

    private MendWishes() {}

    private static void mend(Wished wished) {
        KINDS.getOrDefault(wished.to(), PUT).apply(wished);
    }

    /** Puts a replacement at a place of a formula. */
    private static void text(Wished wished) {
        String text = wished.document().text(wished.there());
        int from = wished.number("from");
        int until = wished.number("until");
        if (from < 0 || from > until || until > text.length()) {
            throw new NotFitting("The formula has changed meanwhile; look at it again");
        }
        wished.document().put(wished.at(), text.substring(0, from) + wished.value() + text.substring(until));
    }

    /** One comparison more in a condition that is picked, or one less; the last one takes the condition away. */
    private static void pick(Wished wished, int without) {
        DraftDocument document = wished.document();
        String at = wished.there();
        Optional<Picks> picked =
                Picks.of(document.text(at), wished.subject().shop().currency());
        if (picked.isEmpty()) {
            throw new NotFitting("This condition says more than can be picked; write it as a formula");
        }
        List<Picks.Pick> list = new ArrayList<>(picked.get().list());
        if (without < 0) {
            list.add(list.get(list.size() - 1));
        } else {
            list.remove(wished.oneOf("row", list.size()));
        }
        document.put(
                at, list.isEmpty() ? "" : Picks.write(new Picks(picked.get().all(), list)));
    }
}
