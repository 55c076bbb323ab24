package dev.steelyard.web.editing.page;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.SampleFigures;
import dev.steelyard.web.editing.draft.Thresholds;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What can be wished of every draft alike. */
public final class CommonWishes {

    public static final List<Wish> ALL = List.of(
            Wish.of("keep", wished -> {}), // what is typed is in the document already
            Wish.of("set", wished -> wished.document().put(wished.at(), wished.to())),
            Wish.of("up", wished -> wished.document().move(wished.there(), -1)),
            Wish.of("down", wished -> wished.document().move(wished.there(), 1)),
            Wish.of("sort", wished -> Thresholds.sort(wished.document(), wished.there())),
            Wish.of("add-text", CommonWishes::text),
            Wish.of("covers-flag", CommonWishes::flag),
            Wish.of("add-rule", CommonWishes::rule),
            Wish.of("everything", CommonWishes::everything),
            Wish.of("name-goods", wished -> nothingYet(wished.document(), wished.at())));

    /** The kind of mend that says of samples that they are meant. */
    public static final String MEANT = "meant";

    /** The parts of covers by which goods are named. */
    private static final List<String> GOODS = Stream.concat(
                    Arrays.stream(GoodsRule.Attribute.values()).map(GoodsRule.Attribute::code), Stream.of("rule"))
            .toList();

    /** What a finding's mend does: takes something away, or puts a value at a place. */
    public static final Wish MEND = Wish.of("mend", CommonWishes::mend);

    private CommonWishes() {}

    private static void mend(Wished wished) {
        if (wished.to().equals("remove")) {
            remove(wished.document(), wished.there());
        } else if (wished.to().equals(MEANT)) {
            SampleFigures.meant(wished.document());
        } else {
            wished.document().put(wished.at(), wished.value());
        }
    }

    /** One word more in a list of words, where it is not in it. */
    private static void text(Wished wished) {
        String value = wished.value();
        if (value.isBlank()) {
            throw new NotFitting("Type something to add");
        }
        named(wished.document(), wished.at());
        ArrayNode list = wished.document().list(wished.at());
        if (list.valueStream().noneMatch(item -> item.asString("").equals(value))) {
            list.add(value);
        }
    }

    /**
     * Takes away what is at a place. A list that nothing is left in goes with its last word, and a rule with its last part: an
     * empty one would say that nothing fits. Where no goods are left at all, none are picked: everything is only what one
     * picks as such.
     */
    public static void remove(DraftDocument document, String at) {
        document.remove(at);
        int covers = at.indexOf("covers/");
        if (covers < 0) {
            return;
        }
        String whole = at.substring(0, covers + "covers".length());
        String above = at.substring(0, at.lastIndexOf('/'));
        while (above.length() > whole.length() && document.at(above).isEmpty()) {
            document.remove(above);
            above = above.substring(0, above.lastIndexOf('/'));
        }
        boolean goods = GOODS.stream().anyMatch(field -> at.startsWith(whole + "/" + field));
        if (goods && GOODS.stream().noneMatch(field -> document.has(whole + "/" + field))) {
            nothingYet(document, whole);
        }
    }

    /** Everything in the shop, and nothing that is named. */
    private static void everything(Wished wished) {
        GOODS.forEach(field -> wished.document().remove(wished.at() + "/" + field));
        wished.document().put(wished.at() + "/everything", true);
    }

    /** No goods are picked yet: that stops going live. */
    private static void nothingYet(DraftDocument document, String covers) {
        document.remove(covers + "/everything");
        document.list(covers + "/products");
    }

    /** Goods that are named are no longer everything, nor nothing. */
    public static void named(DraftDocument document, String at) {
        int covers = at.indexOf("covers/");
        if (covers >= 0 && !at.endsWith("/except")) {
            String whole = at.substring(0, covers + "covers".length());
            if (document.at(whole) instanceof ObjectNode set && set.has("everything")) {
                document.remove(whole + "/everything");
            }
            String products = whole + "/products";
            boolean goods = GOODS.stream().anyMatch(field -> at.startsWith(whole + "/" + field));
            if (goods
                    && !at.equals(products)
                    && document.has(products)
                    && document.at(products).isEmpty()) {
                document.remove(products);
            }
        }
    }

    /** A part of a rule over goods: of one kind, or with a shelf price between two. */
    private static void rule(Wished wished) {
        named(wished.document(), wished.at());
        ArrayNode parts = wished.document().list(wished.at());
        if (wished.value().equals("shelfPrice")) {
            parts.addObject().putObject("shelfPrice");
        } else {
            parts.addObject().putArray(wished.value());
        }
    }

    private static void flag(Wished wished) {
        if (wished.to().isEmpty()) {
            wished.document().remove(wished.at());
        } else {
            wished.document().put(wished.at(), wished.to().equals("on"));
        }
    }
}
