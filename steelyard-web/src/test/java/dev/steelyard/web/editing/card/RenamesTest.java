package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** What is meant while names are typed anew. */
class RenamesTest {

    private final DraftDocument base = DraftDocument.of(
            (ObjectNode)
                    Json.read(
                            """
            {"asks": [{"measurement": "length", "label": "length"}, {"measurement": "width"},
                      {"choice": "hem", "start": "plain", "options": [{"name": "plain"}, {"name": "roped"}]},
                      {"choice": "edge", "start": "plain", "options": [{"name": "plain"}]}],
             "namedRates": [{"name": "cloth", "value": "20", "unit": "EUR/m2"}],
             "limits": [{"that": "length <= 5 m", "say": "length is at most 5 m"}],
             "cases": [{"when": "AND(hem = \\"plain\\"; edge = \\"plain\\")", "piece": {"formula": "length * width * cloth"}},
                       {"piece": {"grid": {"columnsBy": "length", "rowsBy": "width"}}}]}"""));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/asks/0/measurement | side | /limits/0/that | side <= 5 m",
                "/asks/0/measurement | side | /limits/0/say | length is at most 5 m",
                "/asks/0/measurement | side | /cases/0/piece/formula | side * width * cloth",
                "/asks/0/measurement | side | /cases/1/piece/grid/columnsBy | side",
                "/asks/0/measurement | side | /asks/0/label | length",
                "/namedRates/0/name | sailcloth | /cases/0/piece/formula | length * width * sailcloth",
                "/asks/2/options/0/name | raw | /asks/2/start | raw",
                "/asks/2/options/0/name | raw | /asks/3/start | plain",
                "/asks/2/options/0/name | raw | /cases/0/when | AND(hem = \"raw\"; edge = \"plain\")",
                "/asks/2/choice | finish | /cases/0/when | AND(finish = \"plain\"; edge = \"plain\")",
            })
    void whateverNamedItGoesOnNamingIt(String place, String typed, String follower, String meant) {
        DraftDocument document = base.copy();
        document.put(place, typed);
        assertThat(Renames.follow(base, document).text(follower)).isEqualTo(meant);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/asks/0/measurement | ''",
                "/asks/0/measurement | width",
                "/asks/0/measurement | cloth",
                "/asks/0/measurement | 2nd side",
                "/asks/2/options/0/name | ''",
                "/asks/2/options/0/name | roped",
            })
    void nothingFollowsANameThatIsEmptyTakenOrNone(String place, String typed) {
        DraftDocument document = base.copy();
        document.put(place, typed);
        DraftDocument meant = Renames.follow(base, document);
        assertThat(meant.text("/cases/0/piece/formula")).isEqualTo("length * width * cloth");
        assertThat(meant.text("/asks/2/start")).isEqualTo("plain");
    }

    @Test
    void checkWeightsAnswerByTheNewNames() {
        DraftDocument kept = base.copy();
        kept.weights()
                .addObject()
                .putObject("answers")
                .put("hem", "plain")
                .putObject("length")
                .put("value", "5")
                .put("unit", "m");
        DraftDocument typed = kept.copy();
        typed.put("/asks/0/measurement", "side");
        typed.put("/asks/2/options/0/name", "raw");
        assertThat(Json.write(Renames.follow(kept, typed).weights().get(0)))
                .isEqualTo(Json.write(
                        Json.read("{\"answers\": {\"hem\": \"raw\", \"side\": {\"value\": \"5\", \"unit\": \"m\"}}}")));
    }
}
