package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LiveCards;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Deck brushes sold in boxes of 6, from 12 to 48: on the owner's page, at the counter, in the basket. */
@ExtendWith(WithApp.class)
class OrderedInBoxesTest {

    private static final String BOXES =
            """
            {"name": "Brushes by the box", "covers": {"products": ["BRU-1"]},
             "quantity": {"atLeast": 12, "atMost": 48, "multipleOf": 6},
             "ladder": {"mode": "all-units", "value": "price", "rows": [{"from": 20, "value": "13.00"}, {"from": 60, "value": "9.00"}]}}
            """;

    private String card;

    @BeforeEach
    void sell(App app, Http owner) {
        DemoCards.takeAway(app);
        card = LiveCards.live(owner.signIn("maren"), BOXES);
    }

    @Test
    void theCounterBeginsAtTheFewestAndRefusesWhatDoesNotFit(Http shopper) {
        Answer page = shopper.get("/counter/goods/BRU-1");
        assertThat(page.field("quantity")).isEqualTo("12");
        assertThat(page.text())
                .contains("whole pieces, 12 to 48, in multiples of 6", "12 to 18 15.00", "24 to 48 13.00")
                .contains("12 more and each costs 13.00");
        assertThat(shopper.get("/counter/goods/BRU-1?sent=yes&quantity=20").text())
                .contains(
                        "20 pieces cannot be ordered: sold at least 12, at most 48, in multiples of 6; order 18 or 24");
        assertThat(shopper.get("/counter").text()).contains("Deck brush from 13.00");
    }

    @Test
    void aLineThatGrowsTooLargeInTheBasketIsRefusedThere(Http shopper) {
        shopper.get("/counter/goods/BRU-1");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "48", "sent", "yes");
        assertThat(shopper.get("/counter/basket").text()).contains("624.00");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "12", "sent", "yes");
        assertThat(shopper.get("/counter/basket").text())
                .contains("60 pieces cannot be ordered: sold at least 12, at most 48, in multiples of 6; order 48");
    }

    @Test
    void theEditorHasItsFieldsItsSentenceAndItsFindings(Http jonas) {
        jonas.signIn("jonas");
        assertThat(jonas.get(card + "?step=finish").text())
                .contains("It is sold 12 to 48 pieces, in multiples of 6.")
                .contains("The break from 60 is above the 48 pieces that one line can have");
        assertThat(edit(jonas, "#/quantity/multipleOf", "7.5").text())
                .contains("7.5", "whole number from 1 to 1000000");
        assertThat(edit(jonas, "#/quantity/multipleOf", "100").text())
                .contains("No multiple of 100 can be ordered within these limits");
        assertThat(edit(jonas, "#/quantity/multipleOf", "", "#/quantity/atLeast", "50")
                        .text())
                .contains("At most 48 is less than at least 50");
        assertThat(edit(jonas, "#/quantity/multipleOf", "", "#/quantity/atLeast", "", "#/quantity/atMost", "")
                        .text())
                .doesNotContain("It is sold")
                .doesNotContain("above the 48 pieces");
    }

    private Answer edit(Http owner, String... typed) {
        String[] sent = new String[typed.length + 6];
        System.arraycopy(
                new String[] {"basedOn", owner.get(card).field("basedOn"), "step", "finish", "do", "look"},
                0,
                sent,
                0,
                6);
        System.arraycopy(typed, 0, sent, 6, typed.length);
        return owner.background(card + "/edit", sent);
    }
}
