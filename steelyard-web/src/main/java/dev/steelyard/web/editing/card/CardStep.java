package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.page.EditStep;
import java.util.List;

/** The steps of a card's page, each with the parts of the card it is about. */
enum CardStep implements EditStep {
    ASK("ask", "Ask", List.of("/asks", "/limits", "/shown")),
    PIECE("piece", "Piece price", List.of("/cases", "/namedRates", "/formulas")),
    BREAKS("breaks", "Breaks", List.of("/ladder", "/ownRows")),
    FINISH("finish", "Finish", List.of("/finish", "/quantity", "/unitPriceDecimals")),
    COVERS("covers", "Covers", List.of("/covers")),
    WEIGHTS("weights", "Check weights", List.of("/checkWeights")),
    SHOP("shop", "On the shop page", List.of("/shopPage")),
    LANGUAGES("languages", "In other languages", List.of("/language"));

    private final String code;
    private final String title;
    private final List<String> parts;

    CardStep(String code, String title, List<String> parts) {
        this.code = code;
        this.title = title;
        this.parts = parts;
    }

    @Override
    public String code() {
        return code;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public boolean has(String at) {
        return EditStep.in(parts, at);
    }

    static CardStep of(String code) {
        return EditStep.of(values(), code);
    }
}
