package dev.steelyard.web.editing.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

class SampleFiguresTest {

    private DraftDocument card;

    @BeforeEach
    void begin() {
        card = DraftDocument.of(
                (ObjectNode)
                        Json.read(
                                """
                {"name": "Rope 12", "asks": [{"measurement": "length", "min": "20"}],
                 "cases": [{"piece": {"rate": {"amount": "length", "price": "3.00"}}}],
                 "ladder": {"value": "price", "rows": [{"from": "25", "value": "2.50"}, {"from": "10", "value": "2.80"}]}}
                """));
        SampleFigures.markAll(card);
    }

    @Test
    void figuresThatWerePutInAreMarkedUntilTheyAreTyped() {
        assertThat(SampleFigures.untouched(card))
                .containsExactly("/cases/0/piece/rate/price", "/ladder/rows/0/value", "/ladder/rows/1/value");
        card.put("/cases/0/piece/rate/price", "3.10");
        assertThat(SampleFigures.untouched(card)).containsExactly("/ladder/rows/0/value", "/ladder/rows/1/value");
    }

    @Test
    void theMarkFollowsARowThatIsSortedOrTakenOff() {
        card.put("/ladder/rows/1/value", "2.70");
        Thresholds.sort(card, "/ladder/rows");
        assertThat(card.text("/ladder/rows/1/value")).isEqualTo("2.50");
        assertThat(SampleFigures.untouched(card)).containsExactly("/cases/0/piece/rate/price", "/ladder/rows/1/value");
        card.remove("/ladder/rows/0");
        assertThat(SampleFigures.untouched(card)).containsExactly("/cases/0/piece/rate/price", "/ladder/rows/0/value");
    }

    @Test
    void whatIsMeantIsNoSampleAndWhatAWishPutsInIsOneAgain() {
        SampleFigures.meant(card);
        assertThat(SampleFigures.untouched(card)).isEmpty();
        DraftDocument before = card.copy();
        card.list("/namedRates").addObject().put("name", "cloth").put("value", "1.00");
        SampleFigures.mark(card, before);
        assertThat(SampleFigures.untouched(card)).containsExactly("/namedRates/0/value");
    }

    @Test
    void theMarksAreKeptWithTheDraft() {
        assertThat(SampleFigures.untouched(DraftDocument.read(card.write()))).hasSize(3);
    }
}
