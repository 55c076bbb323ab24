package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Our reading and the published schema, held against each other by an independent validator. */
class SchemaTest {

    private static final com.networknt.schema.Schema SCHEMA = SchemaRegistry.withDefaultDialect(
                    SpecificationVersion.DRAFT_2020_12)
            .getSchema(Schema.text(), InputFormat.JSON);

    @Test
    void theWorkedExamplesFitIt() {
        assertThat(SCHEMA.validate(Examples.text("lines.json"), InputFormat.JSON))
                .isEmpty();
        assertThat(SCHEMA.validate(Examples.text("more-lines.json"), InputFormat.JSON))
                .isEmpty();
        assertThat(SCHEMA.validate(Examples.text("baskets.json"), InputFormat.JSON))
                .isEmpty();
        assertThat(SCHEMA.validate(Examples.text("more-baskets.json"), InputFormat.JSON))
                .isEmpty();
        assertThat(SCHEMA.validate(Examples.text("tax.json"), InputFormat.JSON)).isEmpty();
    }

    @Test
    void whatIsWrittenFitsIt() {
        for (Document document : Examples.documents("lines.json")) {
            ObjectNode whole = Json.object();
            whole.putObject("product").put("sku", "A");
            whole.set("card", CardWriter.write(document.card().card()));
            assertThat(SCHEMA.validate(Json.write(whole), InputFormat.JSON)).isEmpty();
        }
    }

    /** Whatever is done to a document: reading ends with an answer, and refuses at least what the schema refuses. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void readingRefusesWhatTheSchemaRefuses(long seed) {
        Mutations mutations = new Mutations(seed);
        List<JsonNode> whole = new ArrayList<>();
        Json.read(Examples.text("lines.json")).forEach(whole::add);
        Json.read(Examples.text("more-lines.json")).forEach(whole::add);
        for (int twice = 0; twice < 4; twice++) {
            Json.read(Examples.text("baskets.json")).forEach(whole::add);
            Json.read(Examples.text("tax.json")).forEach(whole::add);
        }
        Json.read(Examples.text("more-baskets.json")).forEach(whole::add);
        int refused = 0;
        for (int i = 0; i < 400; i++) {
            JsonNode mutated = mutations.of(whole.get(i % whole.size()));
            String text = Json.write(mutated);
            Documents.Reading reading = Documents.read(text, Examples.EURO);
            boolean fits = SCHEMA.validate(mutated).isEmpty();
            assertThat(reading.issues()).allMatch(issue -> !issue.message().isBlank());
            if (!fits) {
                refused++;
                assertThat(reading.issues()).as(text).isNotEmpty();
            }
            reading.ofCards().forEach(SchemaTest::price);
            reading.ofBaskets().forEach(SchemaTest::priceBaskets);
        }
        assertThat(refused).isGreaterThan(100);
    }

    private static void priceBaskets(BasketDocument document) {
        for (BasketDocument.Order order : document.baskets()) {
            PricedBasket basket = BasketTrials.price(document, order, Examples.ANY_DAY);
            assertThat(basket.total().value()).isNotNegative();
            assertThat(BasketWriter.write(basket, Words.owners())).isNotNull();
        }
    }

    /** Each order has an answer, whatever is in it. */
    private static void price(Document document) {
        for (Document.Order order : document.orders()) {
            assertThat(Trials.price(document, order, Examples.ANY_DAY)).isNotNull();
        }
    }
}
