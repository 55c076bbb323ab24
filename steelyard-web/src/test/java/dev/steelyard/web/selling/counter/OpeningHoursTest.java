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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A card that counts on some days and in some hours, as its owner and as a shopper meets it. */
@ExtendWith(WithApp.class)
class OpeningHoursTest {

    private static final String NIGHT =
            """
            {"name": "Night rope", "covers": {"products": ["ROPE-12"], "days": ["fri"], "opens": "22:00",
             "closes": "02:00"}, "cases": [{"piece": {"formula": "9.90 EUR"}}]}""";
    private static final String SAYS = "Friday, 22:00 to 02:00 the next day";

    private Http owner;
    private String path;

    @BeforeEach
    void aCardForTheNight(App app, Http owner) {
        DemoCards.takeAway(app);
        this.owner = owner.signIn("maren");
        this.path = LiveCards.live(owner, NIGHT);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-27, 22:00, true",
        "2026-11-28, 01:59, true",
        "2026-11-28, 02:00, false",
        "2026-11-27, 21:59, false",
        "2026-11-27, 01:00, false",
        "2026-11-28, 23:00, false"
    })
    void hoursPastMidnightBelongToTheDayTheyOpenOn(String day, String time, boolean open, Http shopper) {
        shopper.get("/counter");
        shopper.post("/counter/as", "day", day, "time", time);

        Answer page = shopper.get("/counter/goods/ROPE-12");

        if (open) {
            assertThat(page.text()).contains("9.90").doesNotContain("Closed at this time");
        } else {
            assertThat(page.text())
                    .contains("Closed at this time: sold " + SAYS + ".")
                    .doesNotContain("No price yet");
        }
    }

    @Test
    void theHoursAreSaidInTheSentenceTheStepAndTheList() {
        assertThat(owner.get(path + "?step=covers").text()).contains(SAYS);
        assertThat(owner.get("/cards").text()).contains("22:00 to 02:00 the next day");
    }

    @Test
    void aTrialStandsAtAMomentWhenTheCardCounts() {
        Answer page = owner.get(path);
        assertThat(page.text()).contains("9.90");
        assertThat(page.body()).contains("type=\"time\"");
    }

    @Test
    void aBasketFilledAtNightSaysInTheMorningThatItIsClosed(Http shopper) {
        shopper.get("/counter");
        shopper.post("/counter/as", "day", "2026-11-27", "time", "23:00");
        assertThat(shopper.post("/counter/basket/add", "sku", "ROPE-12", "quantity", "2")
                        .text())
                .contains("19.80");
        shopper.post("/counter/as", "day", "2026-11-28", "time", "10:00");

        assertThat(shopper.get("/counter/basket").text())
                .contains("is not sold at this time")
                .doesNotContain("To the checkout");
    }
}
