package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.finding.Finding;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The documentation of the fields is made from the schema, and the defaults that this says are those of the reader. */
class FieldsTest {

    private static final Path TABLE = Path.of("..", "docs", "open-format-fields.md");
    private static final JsonNode PARTS = Json.read(Schema.text()).get("$defs");

    /** Parts in the order of the documentation, with their headings. */
    private static final Map<String, String> SHOWN = new LinkedHashMap<>();

    static {
        SHOWN.put("document", "A document with a card");
        SHOWN.put("cardAlone", "A card alone: beside its own fields");
        SHOWN.put("product", "Product");
        SHOWN.put("cardFields", "Card");
        SHOWN.put("measurement", "Measurement");
        SHOWN.put("choice", "Choice");
        SHOWN.put("charge", "Charge: one of perPiece, perUnit, percent, perLine");
        SHOWN.put("piece", "Piece: one of shelfPrice, rate, grid, packs, formula, none");
        SHOWN.put("ladder", "Ladder");
        SHOWN.put("row", "Row of a ladder");
        SHOWN.put("breakWords", "Words of a row");
        SHOWN.put("covers", "Covers");
        SHOWN.put("shopPage", "Shop page");
        SHOWN.put("order", "Order");
        SHOWN.put("baskets", "A document with baskets");
        SHOWN.put("deal", "Deal");
        SHOWN.put("goods", "Goods of a deal");
        SHOWN.put("tax", "Tax");
        SHOWN.put("basket", "Basket");
    }

    @Test
    void theTablesInTheDocumentationAreThoseOfTheSchema() throws IOException {
        String made = tables();
        if (System.getProperty("steelyard.write") != null) {
            Files.writeString(TABLE, made);
        }
        assertThat(Files.readString(TABLE))
                .as("write it anew by: mvn -pl steelyard-format -am test -Dtest=FieldsTest"
                        + " -Dsurefire.failIfNoSpecifiedTests=false -Dsteelyard.write")
                .isEqualTo(made);
    }

    @Test
    void everyFindingAndEveryReasonAgainstADealIsDescribed() throws IOException {
        String chapter = Files.readString(Path.of("..", "docs", "open-format.md"));
        assertThat(Stream.of(Finding.Code.values()).map(code -> "`" + code.text() + "`"))
                .allSatisfy(code -> assertThat(chapter).contains(code));
        assertThat(Stream.of(Dealt.Why.values())
                        .map(why -> "`" + why.name().toLowerCase(Locale.ROOT).replace('_', '-') + "`"))
                .allSatisfy(why -> assertThat(chapter).contains(why));
    }

    private static String tables() {
        return """
                # Fields of the open format

                Made from the [JSON Schema](../steelyard-format/src/main/resources/dev/steelyard/format/schema-1.json). A field
                without a default may be left out unless it is *needed*; what is null is as if it were left out.
                """
                + SHOWN.entrySet().stream()
                        .map(part -> "\n## " + part.getValue()
                                + "\n\n| field | type | default | is |\n|---|---|---|---|\n" + rows(part.getKey()))
                        .collect(Collectors.joining());
    }

    private static String rows(String part) {
        JsonNode fields = PARTS.get(part).get("properties");
        List<String> needed = PARTS.get(part)
                .path("required")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
        return fields.properties().stream()
                .map(field -> "| `" + field.getKey() + "` | " + type(field.getValue()) + " | "
                        + fallback(field.getValue(), needed.contains(field.getKey())) + " | "
                        + field.getValue().path("description").asString("") + " |\n")
                .collect(Collectors.joining());
    }

    private static String fallback(JsonNode field, boolean needed) {
        if (needed) {
            return "*needed*";
        }
        return field.has("default") ? field.get("default").asString() : "";
    }

    private static String type(JsonNode field) {
        if (field.has("$ref")) {
            String name = field.get("$ref").asString().replaceFirst(".*/", "");
            return switch (name) {
                case "text", "unit", "day", "time", "moment" -> name;
                case "decimal" -> "number";
                case "card" -> "card";
                default -> name.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
            };
        } else if (field.has("const")) {
            return field.get("const").asString();
        } else if (field.has("enum")) {
            return field.get("enum").valueStream().map(JsonNode::asString).collect(Collectors.joining(", "));
        } else if (field.has("anyOf") || field.has("oneOf")) {
            JsonNode kinds = field.has("anyOf") ? field.get("anyOf") : field.get("oneOf");
            return kinds.valueStream()
                    .filter(kind -> !kind.path("type").asString("").equals("null"))
                    .map(FieldsTest::type)
                    .distinct()
                    .collect(Collectors.joining(" or "));
        } else if (field.path("type").asString("").equals("array")) {
            return "list of " + (field.has("items") ? type(field.get("items")) : "anything");
        }
        return field.path("type").asString("anything");
    }

    /** A field with its default, in a document that is whole without it. */
    record Fallback(String part, String field, JsonNode value) {

        @Override
        public String toString() {
            return part + " " + field;
        }
    }

    static Stream<Fallback> fallbacks() {
        List<Fallback> all = new ArrayList<>();
        CARRIERS.keySet()
                .forEach(part -> PARTS.get(part).get("properties").properties().forEach(field -> {
                    if (field.getValue().has("default")) {
                        all.add(new Fallback(
                                part, field.getKey(), field.getValue().get("default")));
                    }
                }));
        return all.stream();
    }

    private static final String CARD =
            """
            {"product": {"sku": "A", "shelfPrice": "2"}, "card": {"name": "C",
              "asks": [{"measurement": "l", "kind": "length", "unit": "m"},
                       {"choice": "c", "options": [{"name": "a"}, {"name": "b"}]}],
              "ladder": {"mode": "all-units", "value": "price", "rows": [{"from": 2, "value": 1, "words": {"title": "t"}}]},
              "shopPage": {}}, "orders": [{"quantity": 1}]}""";
    private static final String BASKETS =
            """
            {"deals": [{"name": "D", "kind": "variety", "covers": {"products": ["A"]}, "value": "percent-off",
                        "rows": [{"from": 2, "value": 1}]}],
             "tax": {"pricesInclude": true, "rates": {"DE": {"Standard": "19"}}},
             "baskets": [{"country": "DE", "lines": [{"sku": "A", "quantity": 1, "total": "1", "taxClass": "Standard"}]}]}""";

    /** For each part the document it stands in, and where. */
    private static final Map<String, List<String>> CARRIERS = new LinkedHashMap<>();

    static {
        CARRIERS.put("document", List.of(CARD, ""));
        CARRIERS.put("cardFields", List.of(CARD, "/card"));
        CARRIERS.put("measurement", List.of(CARD, "/card/asks/0"));
        CARRIERS.put("choice", List.of(CARD, "/card/asks/1"));
        CARRIERS.put("ladder", List.of(CARD, "/card/ladder"));
        CARRIERS.put("breakWords", List.of(CARD, "/card/ladder/rows/0/words"));
        CARRIERS.put("shopPage", List.of(CARD, "/card/shopPage"));
        CARRIERS.put("product", List.of(CARD, "/product"));
        CARRIERS.put("order", List.of(CARD, "/orders/0"));
        CARRIERS.put("baskets", List.of(BASKETS, ""));
        CARRIERS.put("deal", List.of(BASKETS, "/deals/0"));
        CARRIERS.put("tax", List.of(BASKETS, "/tax"));
        CARRIERS.put("basket", List.of(BASKETS, "/baskets/0"));
    }

    @ParameterizedTest
    @MethodSource("fallbacks")
    void whatIsLeftOutIsAsIfItsDefaultWereWritten(Fallback one) {
        List<String> carrier = Objects.requireNonNull(CARRIERS.get(one.part()));
        JsonNode with = Json.read(carrier.get(0));
        ((ObjectNode) with.at(carrier.get(1))).set(one.field(), one.value());

        Documents.Reading written = Documents.read(Json.write(with), Examples.EURO);
        Documents.Reading without = Documents.read(carrier.get(0), Examples.EURO);

        assertThat(written.issues()).isEmpty();
        assertThat(written).usingRecursiveComparison().isEqualTo(without);
    }
}
