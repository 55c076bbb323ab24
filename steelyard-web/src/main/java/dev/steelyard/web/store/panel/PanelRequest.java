package dev.steelyard.web.store.panel;

import dev.steelyard.format.Obj;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.counter.PanelPages;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.web.store.prices.AskedCustomer;
import dev.steelyard.web.store.prices.Customers;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** What stands in the fields of a panel, as it was typed. */
record PanelRequest(AskedCustomer customer, @Nullable String lang, PanelPages.Typing typing) {

    private static final int LONGEST = 200;
    private static final int MOST_FIELDS = 100;
    private static final int MOST_VARIANTS = 12;
    private static final int MOST_ASKS = 100;

    /** As it is published; the fields that are read are these. */
    @Schema(name = "PanelRequest")
    record Body(
            @Schema(description = "of a product or one of its variants", example = "COVER") String sku,
            @Schema(description = "the language of the page", example = "de") @Nullable String lang,
            @Nullable Object customer,
            @Schema(description = "a customer token that the store’s server signed") @Nullable String customerToken,
            @Schema(description = "pieces, as typed") @Nullable String quantity,
            @Schema(
                            description =
                                    "what was typed, by “a.” and the name of the ask; the unit picked beside it, by “u.” and the name",
                            example = "{\"a.length\": \"5,2\", \"u.length\": \"m\"}")
                    @Nullable
                    Map<String, String> fields,
            @Nullable String pack,
            @Schema(description = "of the pieces of a lot, by SKU") @Nullable List<String> variants,
            @Schema(description = "whether anything was typed yet: before that, an empty field is no mistake") @Nullable
                    Boolean sent,
            @Schema(
                            description =
                                    "while one types, the names of asks that nobody has come to yet: an empty one of them is no mistake")
                    @Nullable
                    List<String> waits,
            @Schema(description = "“seen” of the last answer, so that a price that changed meanwhile is said") @Nullable
                    String seen) {}

    static PanelRequest read(Obj in, StoreKey key, Customers customers, BookInForce book) {
        AskedCustomer customer = customers.read(in, key, book);
        List<String> variants = in.texts("variants");
        if (variants.size() > MOST_VARIANTS) {
            in.fault("variants", "at most " + MOST_VARIANTS + " variants, not " + variants.size());
        }
        return new PanelRequest(
                customer,
                in.optionalText("lang"),
                new PanelPages.Typing(
                        in.text("sku"),
                        text(in, "quantity", "1"),
                        fields(in),
                        text(in, "pack", ""),
                        variants,
                        in.flag("sent", false),
                        waits(in),
                        in.optionalText("seen")));
    }

    private static Set<String> waits(Obj in) {
        Set<String> waits = in.textSet("waits");
        if (waits.size() > MOST_ASKS) {
            in.fault("waits", "at most " + MOST_ASKS + " asks, not " + waits.size());
        }
        return waits;
    }

    private static String text(Obj in, String field, String otherwise) {
        String text = Objects.requireNonNullElse(in.optionalText(field), otherwise);
        if (text.length() > LONGEST) {
            in.fault(field, "at most " + LONGEST + " characters, not " + text.length());
        }
        return text;
    }

    private static Map<String, String> fields(Obj in) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> one : in.fields("fields").entrySet()) {
            String value = one.getValue().isString() ? one.getValue().stringValue() : null;
            if (value == null || value.length() > LONGEST || fields.size() >= MOST_FIELDS) {
                in.fault("fields", "at most " + MOST_FIELDS + " texts of at most " + LONGEST + " characters, as typed");
                break;
            }
            fields.put(one.getKey(), value);
        }
        return fields;
    }
}
