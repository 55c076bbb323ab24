package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.page.Fingerprint;
import dev.steelyard.web.selling.shown.TypedAnswers;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a basket's line is of, as it is stored.
 *
 * @param answers typed fields, as JSON
 * @param pack empty for none
 * @param variants a SKU for each piece, as JSON
 * @param key the same for lines that are one
 */
record LineContent(String answers, String pack, String variants, String key) {

    /** A line whose pieces each have their variant is a line of its own. */
    static LineContent of(String sku, TypedAnswers typed, List<String> variants, JsonMapper mapper) {
        String answers = mapper.writeValueAsString(new TreeMap<>(typed.fields()));
        String key = variants.isEmpty()
                ? String.join("\n", sku, answers, typed.pack())
                : UUID.randomUUID().toString();
        return new LineContent(answers, typed.pack(), mapper.writeValueAsString(variants), Fingerprint.of(key));
    }

    static TypedAnswers answers(BasketLine line, JsonMapper mapper) {
        return new TypedAnswers(
                mapper.readValue(line.answers(), new TypeReference<Map<String, String>>() {}), line.pack());
    }

    static List<String> variants(BasketLine line, JsonMapper mapper) {
        return mapper.readValue(line.variants(), new TypeReference<List<String>>() {});
    }
}
