package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SizesTest {

    private static String list(int entries, String one) {
        return Stream.generate(() -> one).limit(entries).collect(Collectors.joining(",", "[", "]"));
    }

    @ParameterizedTest
    @CsvSource({"asks, 50", "cases, 200", "rows, 1000", "deals, 200", "prices, 400", "whatever, 1000"})
    void aListIsAsLongAsItMayBe(String field, int most) {
        assertThat(Sizes.tooLong("{\"card\": {\"" + field + "\": " + list(most, "{\"a\": 1}") + "}}"))
                .isEmpty();
        assertThat(Sizes.tooLong("{\"card\": {\"" + field + "\": " + list(most + 1, "{\"a\": 1}") + "}}"))
                .hasValueSatisfying(issue -> {
                    assertThat(issue.at()).isEqualTo("/card/" + field);
                    assertThat(issue.message())
                            .isEqualTo("this list has more than the " + most + " that are taken here");
                });
    }

    @ParameterizedTest
    @ValueSource(strings = {"1", "\"text\"", "null", "[]", "{}", "[[1]]"})
    void whateverItsEntriesAre(String entry) {
        assertThat(Sizes.tooLong("{\"asks\": " + list(50, entry) + "}")).isEmpty();
        assertThat(Sizes.tooLong("{\"asks\": " + list(51, entry) + "}")).isPresent();
    }

    @Test
    void listsInListsAreCountedEachByItself() {
        String grid = "{\"prices\": " + list(400, list(100, "1")) + "}";
        assertThat(Sizes.tooLong(grid)).isEmpty();
        assertThat(Sizes.tooLong("[" + list(3, "{\"asks\": " + list(51, "1") + "}") + "]"))
                .hasValueSatisfying(issue -> assertThat(issue.at()).isEqualTo("/0/0/asks"));
    }

    /** What cannot be read is said by reading, with its line. */
    @ParameterizedTest
    @ValueSource(strings = {"", "{", "no json", "[1,", "{\"a\": 1} 2"})
    void whatIsNoJsonIsLeftToReading(String text) {
        assertThat(Sizes.tooLong(text)).isEmpty();
        assertThat(Json.parse(text).root()).isNull();
    }

    /** The list is not gone through to its end: what stands behind is not even JSON. */
    @Test
    void nothingBehindTheFirstThatIsTooLongIsLookedAt() {
        String begun = "{\"asks\": " + list(51, "1").replace("]", ", oh no");
        assertThat(Sizes.tooLong(begun)).isPresent();
    }
}
