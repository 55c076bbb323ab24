package dev.steelyard.web.start.begin;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What is asked, in order. */
enum BeginStep {
    YOU("you", "You", List.of("name", "signIn")),
    SHOP(
            "shop",
            "The shop",
            List.of("shopName", "address", "taxNumber", "country", "currency", "zone", "numbers", "language")),
    TAX("tax", "Tax", List.of("included", "standardName", "standard", "reducedName", "reduced")),
    GOODS("goods", "Goods", List.of());

    private final String code;
    private final String title;
    private final List<String> fields;

    BeginStep(String code, String title, List<String> fields) {
        this.code = code;
        this.title = title;
        this.fields = fields;
    }

    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    /** What is typed on it, passwords left out. */
    List<String> fields() {
        return fields;
    }

    String path() {
        return "/begin/" + code;
    }

    public boolean isFirst() {
        return ordinal() == 0;
    }

    BeginStep next() {
        return values()[Math.min(values().length - 1, ordinal() + 1)];
    }

    public BeginStep before() {
        return values()[Math.max(0, ordinal() - 1)];
    }

    static Optional<BeginStep> of(String code) {
        return Arrays.stream(values()).filter(step -> step.code.equals(code)).findFirst();
    }
}
