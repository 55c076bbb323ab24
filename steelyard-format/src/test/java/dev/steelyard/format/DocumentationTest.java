package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The documentation's example comes to what it says. */
class DocumentationTest {

    @Test
    void theExampleOfTheFormatHolds() throws IOException {
        String page = Files.readString(Path.of("..", "docs", "open-format.md"));
        int start = page.indexOf("```json") + "```json".length();
        Document document = Documents.read(page.substring(start, page.indexOf("```", start)), Examples.EURO)
                .ofCards()
                .get(0);
        assertThat(document.orders()).hasSize(2).allSatisfy(order -> assertThat(
                        Trials.mismatch(order, Trials.price(document, order, Examples.ANY_DAY)))
                .isNull());
    }

    @Test
    void theExampleOfBasketsHolds() throws IOException {
        String page = Files.readString(Path.of("..", "docs", "open-format.md"));
        int start = page.lastIndexOf("```json") + "```json".length();
        Documents.Reading reading = Documents.read(page.substring(start, page.indexOf("```", start)), Examples.EURO);
        assertThat(reading.issues()).isEmpty();
        BasketDocument document = reading.ofBaskets().get(0);
        assertThat(document.baskets()).singleElement().satisfies(order -> assertThat(
                        BasketTrials.mismatch(order, BasketTrials.price(document, order, Examples.ANY_DAY)))
                .isNull());
    }
}
