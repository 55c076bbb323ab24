package dev.steelyard.format;

import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How this format's JSON is read: exact decimals, no doubled names, bounded depth and length. */
public final class Json {

    /** Levels that arrays and objects may be nested. */
    public static final int DEEPEST = 64;

    private static final int LONGEST_TEXT = 100_000;

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxStringLength(LONGEST_TEXT)
                            .maxNumberLength(1000)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    private Json() {}

    /**
     * A text that was read, or why it could not be.
     *
     * @param root none where there is a fault
     */
    public record Parsed(@Nullable JsonNode root, @Nullable String fault) {}

    /** Reads a text; one that is no JSON, or too deep or long, is a fault that says where. */
    public static Parsed parse(String text) {
        try {
            JsonNode root = MAPPER.readTree(new ExponentNumbers(MAPPER.createParser(text)));
            return root == null || root.isMissingNode()
                    ? new Parsed(null, "this is empty; a document is an object or a list of them")
                    : new Parsed(root, null);
        } catch (JacksonException notJson) {
            String where = notJson.getLocation() == null
                    ? ""
                    : " (line " + notJson.getLocation().getLineNr() + ", column "
                            + notJson.getLocation().getColumnNr() + ")";
            return new Parsed(null, "this is no JSON that can be read: " + notJson.getOriginalMessage() + where);
        }
    }

    /** Goes through a text token by token. */
    static JsonParser parser(String text) {
        return MAPPER.createParser(text);
    }

    /**
     * Reads a text that this program wrote.
     *
     * @throws JacksonException where it is no JSON after all
     */
    public static JsonNode read(String text) {
        return MAPPER.readTree(text);
    }

    /** Writes a document, indented. */
    public static String write(JsonNode node) {
        return MAPPER.writeValueAsString(node);
    }

    /** An empty object. */
    public static ObjectNode object() {
        return MAPPER.createObjectNode();
    }

    /** An empty list. */
    public static ArrayNode array() {
        return MAPPER.createArrayNode();
    }

    /** One level of a JSON Pointer, escaped. */
    static String step(String name) {
        return "/" + name.replace("~", "~0").replace("/", "~1");
    }
}
