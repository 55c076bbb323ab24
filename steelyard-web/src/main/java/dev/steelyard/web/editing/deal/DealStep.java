package dev.steelyard.web.editing.deal;

import dev.steelyard.web.editing.page.EditStep;
import java.util.List;

/** The steps of a deal's page, each with the parts of the deal it is about. */
enum DealStep implements EditStep {
    GIVES(
            "gives",
            "What it gives",
            List.of(
                    "/kind",
                    "/of",
                    "/value",
                    "/rows",
                    "/different",
                    "/atMost",
                    "/amount",
                    "/amounts",
                    "/buy/pieces",
                    "/get/pieces",
                    "/get/value",
                    "/get/amount")),
    GOODS("goods", "Goods", List.of("/covers", "/buy/covers", "/get/covers", "/contains")),
    WHO(
            "who",
            "Who and when",
            List.of(
                    "/groups",
                    "/notGroups",
                    "/signedIn",
                    "/firstOrder",
                    "/countries",
                    "/from",
                    "/until",
                    "/days",
                    "/opens",
                    "/closes",
                    "/code",
                    "/payment")),
    WORDS("words", "Words and others", List.of("/words", "/combine")),
    LANGUAGES("languages", "In other languages", List.of("/language"));

    private final String code;
    private final String title;
    private final List<String> parts;

    DealStep(String code, String title, List<String> parts) {
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

    static DealStep of(String code) {
        return EditStep.of(values(), code);
    }
}
