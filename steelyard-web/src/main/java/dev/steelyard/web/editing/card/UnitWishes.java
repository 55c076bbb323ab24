package dev.steelyard.web.editing.card;

import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import java.util.List;
import tools.jackson.databind.node.StringNode;

/**
 * Another unit for numbers that are there already. They stay as they are typed, and the page asks beside them whether they
 * are to be converted; which unit they were meant in is put aside until then.
 */
final class UnitWishes {

    static final String WAS = "unit";

    static final List<Wish> ALL = List.of(
            Wish.of("unit", UnitWishes::change),
            Wish.of("convert-numbers", UnitWishes::convert),
            Wish.of("leave-numbers", wished -> wished.document().putAside(wished.there(), WAS, null)));

    private UnitWishes() {}

    private static void change(Wished wished) {
        DraftDocument document = wished.document();
        String at = wished.at();
        String was = document.text(at);
        document.put(at, wished.to());
        String meant = document.aside(at, WAS).map(one -> one.asString("")).orElse(was);
        boolean asks = !meant.equals(wished.to())
                && UnitNumbers.factor(meant, wished.to()).isPresent()
                && !UnitNumbers.of(document, at).isEmpty();
        document.putAside(at, WAS, asks ? StringNode.valueOf(meant) : null);
    }

    private static void convert(Wished wished) {
        DraftDocument document = wished.document();
        String at = wished.there();
        String was = document.aside(at, WAS).map(one -> one.asString("")).orElse("");
        Unit from = Unit.of(was).orElseThrow(() -> new NotFitting("These numbers are in their unit already"));
        UnitNumbers.of(document, at).forEach(number -> number.convert(document, from, document.text(at)));
        document.putAside(at, WAS, null);
    }
}
