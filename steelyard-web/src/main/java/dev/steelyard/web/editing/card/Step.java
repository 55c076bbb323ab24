package dev.steelyard.web.editing.card;

import java.util.Arrays;
import java.util.List;

/** The steps of a card's page, each with the parts of the card it is about. */
enum Step {
    ASK("ask", "Ask", List.of("/asks", "/limits", "/shown")),
    PIECE("piece", "Piece price", List.of("/cases", "/namedRates", "/formulas")),
    BREAKS("breaks", "Breaks", List.of("/ladder", "/ownRows")),
    FINISH("finish", "Finish", List.of("/finish", "/unitPriceDecimals")),
    COVERS("covers", "Covers", List.of("/covers")),
    WEIGHTS("weights", "Check weights", List.of("/checkWeights")),
    SHOP("shop", "On the shop page", List.of("/shopPage"));

    private final String code;
    private final String title;
    private final List<String> parts;

    Step(String code, String title, List<String> parts) {
        this.code = code;
        this.title = title;
        this.parts = parts;
    }

    /** The word in addresses, and the name of its template. */
    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    /** Whether a place in the card is edited on this step. */
    boolean has(String at) {
        return parts.stream().anyMatch(at::startsWith);
    }

    static Step of(String code) {
        return Arrays.stream(values())
                .filter(step -> step.code.equals(code))
                .findFirst()
                .orElse(ASK);
    }
}
