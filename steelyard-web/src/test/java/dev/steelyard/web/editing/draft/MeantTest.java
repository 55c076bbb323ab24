package dev.steelyard.web.editing.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class MeantTest {

    private static final String CARD =
            """
            {"name": "Crew club", "covers": {"categories": ["hardware", "Rope"], "brands": ["Crew club"]},
             "audience": {"groups": ["Crew club"], "notGroups": ["Boatyard"]},
             "ladder": {"alone": ["Crew club", "Boatyard"],
                        "rows": [{"from": "10", "group": "Crew club", "value": "7.50"}, {"from": "20", "value": "7"}]},
             "cases": [{"when": "hem = \\"Crew club\\""}]}
            """;

    private static JsonNode renamed(Meant what, String name, String other) {
        JsonNode document = Json.read(CARD);
        what.rename(document, name, other);
        return document;
    }

    @Test
    void aGroupIsRenamedWhereAGroupIsMeantAndNowhereElse() {
        assertThat(renamed(Meant.GROUP, "Crew club", "Crew"))
                .isEqualTo(Json.read(CARD.replace("[\"Crew club\"], \"notGroups", "[\"Crew\"], \"notGroups")
                        .replace("[\"Crew club\", \"Boatyard\"]", "[\"Crew\", \"Boatyard\"]")
                        .replace("\"group\": \"Crew club\"", "\"group\": \"Crew\"")));
        assertThat(renamed(Meant.GROUP, "crew club", "Crew"))
                .as("groups are told apart by case")
                .isEqualTo(Json.read(CARD));
    }

    @Test
    void aCategoryIsRenamedHoweverItsLettersAreWritten() {
        assertThat(renamed(Meant.CATEGORY, "Hardware", "Fittings"))
                .isEqualTo(Json.read(CARD.replace("hardware", "Fittings")));
        assertThat(Meant.CATEGORY.in(Json.read(CARD), "HARDWARE")).isTrue();
        assertThat(Meant.TAG.in(Json.read(CARD), "hardware")).isFalse();
        assertThat(Meant.BRAND.in(Json.read(CARD), "Crew club")).isTrue();
    }
}
