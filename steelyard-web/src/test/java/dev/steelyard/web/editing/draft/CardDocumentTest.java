package dev.steelyard.web.editing.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

class CardDocumentTest {

    private final DraftDocument card = DraftDocument.of(
            (ObjectNode)
                    Json.read(
                            "{\"name\": \"Card\", \"asks\": [{\"measurement\": \"a\"}, {\"measurement\": \"b\"}, {\"measurement\": \"c\"}]}"));

    @Test
    void whatIsWrittenIsReadAgain() {
        card.weights().addObject().put("name", "One");
        DraftDocument again = DraftDocument.read(card.write());
        assertThat(again).isEqualTo(card).hasSameHashCodeAs(card);
        again.weights().removeAll();
        assertThat(again).isNotEqualTo(card);
    }

    @Test
    void aCopyIsApart() {
        DraftDocument copy = card.copy();
        copy.put("/name", "Other");
        copy.weights().addObject();
        assertThat(card.name()).isEqualTo("Card");
        assertThat(card.weights()).isEmpty();
    }

    @Test
    void objectsAboveAPlaceAreMadeAndAnEmptyTextTakesAway() {
        card.put("/finish/minimum", "5");
        assertThat(card.text("/finish/minimum")).isEqualTo("5");
        card.put("/finish/minimum", "");
        assertThat(card.has("/finish/minimum")).isFalse();
        card.put("/shopPage/deep/er", "");
        assertThat(card.has("/shopPage")).as("nothing is made for nothing").isFalse();
    }

    @Test
    void itemsOfAListCloseUpAndMoveAsFarAsTheyGo() {
        card.remove("/asks/0");
        assertThat(card.text("/asks/0/measurement")).isEqualTo("b");
        card.move("/asks/0", 5);
        assertThat(card.text("/asks/1/measurement")).isEqualTo("b");
        card.move("/asks/1", -5);
        assertThat(card.text("/asks/0/measurement")).isEqualTo("b");
        card.move("/asks/9", 1);
        card.remove("/asks/9");
        card.remove("/asks/x");
        assertThat(card.at("/asks").size()).isEqualTo(2);
    }

    @Test
    void aCellOfAListIsEmptiedAndNotTakenAway() {
        card.list("/grid").add("1").add("2");
        card.put("/grid/0", "");
        assertThat(card.at("/grid").size()).isEqualTo(2);
        assertThat(card.at("/grid/0").isNull()).isTrue();
        assertThat(card.text("/grid/0")).isEmpty();
        card.put("/grid/7", "x");
        assertThat(card.at("/grid").size()).isEqualTo(2);
    }

    @Test
    void textsOfOtherThingsAreEmpty() {
        assertThat(card.text("/asks")).isEmpty();
        assertThat(card.text("/nothing/there")).isEmpty();
        card.put("/on", true);
        assertThat(card.text("/on")).isEqualTo("true");
        assertThat(card.on("/on")).isTrue();
        assertThat(card.on("/name")).isFalse();
        card.put("/decimals", 3);
        assertThat(card.text("/decimals")).isEqualTo("3");
    }
}
