package dev.steelyard.web.store.panel;

import dev.steelyard.web.selling.counter.ProductPage;
import dev.steelyard.words.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The texts around the fields of a panel: those of the counter's product page. */
final class PanelWords {

    private static final List<String> NAMES = List.of(
            "variant",
            "pack",
            "pick-one",
            "none",
            "how-many",
            "quantity",
            "variants",
            "table",
            "together-price",
            "each",
            "billed-as",
            "reckoning",
            "wrong",
            "fill-in",
            "deals",
            "counts");

    private PanelWords() {}

    static Map<String, String> of(Words words, ProductPage page) {
        long step = page.step();
        Map<String, String> texts = new LinkedHashMap<>();
        NAMES.forEach(name -> texts.put(name, words.text("product." + name)));
        texts.put("less", words.text("product.less", "step", step));
        texts.put("more", words.text("product.more", "step", step));
        texts.put("without-tax", words.text("list.without-tax"));
        for (int i = 1; i <= page.pieces().size(); i++) {
            texts.put("piece-" + i, words.text("product.piece", "number", i));
        }
        page.asks()
                .forEach(
                        ask -> texts.put("unit-of-" + ask.name(), words.text("product.unit-of", "label", ask.label())));
        return texts;
    }
}
