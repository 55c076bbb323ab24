package dev.steelyard.web.editing.live;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LiveCards;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Before a card is live, one sees whose price it changes; an end can be given with it. */
@ExtendWith(WithApp.class)
class ReachTest {

    private static final String TENS =
            """
            {"name": "All at ten", "cases": [{"piece": {"formula": "10.00 EUR"}}], "covers": {%s}}
            """;

    @Test
    void whosePriceChangesIsSaidWithTheCardThatLosesThem(App app, Http owner) {
        DemoCards.takeAway(app);
        String card = LiveCards.read(owner.signIn("maren"), TENS.formatted("\"products\": [\"BRU-1\", \"SHK\"]"));
        Answer live = owner.get(card + "/live");
        assertThat(live.text())
                .contains("For whom it changes", "of the goods change their price", "by over 30 %")
                .containsPattern("Deck brush BRU-1, 1 piece 15.00 Shelf price 10.00 All at ten − 5.00 \\(−33.3 %\\)");
        Answer sheet = owner.get(card + "/live/reach.csv?number=1");
        assertThat(sheet.body())
                .startsWith("sku,name,order,now,card now,then,card then,difference")
                .contains("BRU-1,Deck brush,1 piece,15.00,");
    }

    @Test
    void goodsThatLoseTheirCardAreCountedAndThoseBelowItAreUntouched(App app, Http owner) {
        DemoCards.takeAway(app);
        String above = LiveCards.read(owner.signIn("maren"), TENS.formatted("\"products\": [\"BRU-1\"]"));
        LiveCards.live(
                owner,
                TENS.replace("All at ten", "All at nine")
                        .replace("10.00", "9.00")
                        .formatted("\"everything\": true"));
        assertThat(owner.get(above + "/live").text())
                .contains("1 of the goods loses the card that prices it now")
                .containsPattern("Deck brush BRU-1, 1 piece 9.00 All at nine 10.00 All at ten \\+ 1.00");
        String below = LiveCards.read(owner, TENS.formatted("\"products\": [\"BRU-1\"]"));
        assertThat(owner.get(below + "/live").text())
                .contains("None of the goods change their price, at one piece or at any break.");
    }

    @Test
    void aCardThatChangesOnlyLargerOrdersSaysWhich(App app, Http owner) {
        DemoCards.takeAway(app);
        String card = LiveCards.read(
                owner.signIn("maren"),
                """
                {"name": "Brushes", "covers": {"products": ["BRU-1"]}, "ladder": {"value": "percent-off", "mode": "all-units",
                 "rows": [{"from": 10, "value": "5"}, {"from": 100, "value": "40"}]}}
                """);
        assertThat(owner.get(card + "/live").text())
                .containsPattern("Deck brush BRU-1, 100 pieces 1,320.00 Shelf price 900.00 Brushes − 420.00");
    }

    @Test
    void aCardForVariantsSaysWhichAndLooksAtThoseAlone(App app, Http owner) {
        DemoCards.takeAway(app);
        String card = LiveCards.read(
                owner.signIn("maren"),
                """
                {"name": "Two sizes", "covers": {"skus": ["SHK-10", "SHK-8"]}, "ladder": {"value": "percent-off",
                 "mode": "all-units", "rows": [{"from": 10, "value": "20"}]}}
                """);
        assertThat(owner.get(card + "?step=covers").text())
                .contains("Bow shackle, 10 mm; Bow shackle, 8 mm. That is 2 variants of 1 product now.")
                .doesNotContain("Everything. That");
        assertThat(owner.get("/cards").text())
                .contains("Bow shackle, 10 mm; Bow shackle, 8 mm. 2 variants of 1 product");
        assertThat(owner.get(card + "/live").text())
                .contains("Covers 2 variants of 1 product")
                .contains("9 pieces cost 66.60, but 10 cost 59.20")
                .contains("(Bow shackle, 8 mm)")
                .doesNotContain("(Bow shackle, 6 mm)");
    }

    @Test
    void aCardThatCoversEverythingSaysSoBeforeItIsLive(Http owner) {
        String card = LiveCards.read(owner.signIn("maren"), TENS.formatted("\"everything\": true"));
        assertThat(owner.get(card + "/live").text())
                .contains("Covers everything: all 13 products of the shop, and whatever comes");
    }

    @Test
    void aSaleGoesBackByItselfToWhatWasLive(App app, Http owner) {
        String card = LiveCards.live(owner.signIn("maren"), TENS.formatted("\"products\": [\"BRU-1\"]"));
        Answer page = owner.get(card);
        owner.background(
                card + "/edit", "basedOn", page.field("basedOn"), "do", "keep", "/cases/0/piece/formula", "8.00 EUR");
        Answer before = owner.get(card + "/live");
        Answer refused = LiveCards.putLive(owner, card, before, "when", "now", "until", "2020-01-01T09:00");
        assertThat(refused.text()).contains("2020-01-01 09:00 is not after it begins");
        Answer sale = LiveCards.putLive(owner, card, before, "when", "now", "until", "2031-03-01T09:00");
        assertThat(sale.text())
                .contains("Shoppers see version 2", "Version 1 begins on 1 March 2031, 09:00")
                .contains("Version 2 ends")
                .doesNotContain("waits");
        assertThat(app.sql()
                        .sql("select number from draft_release where draft_id = ? order by starts")
                        .param(Long.valueOf(card.replaceAll("\\D", "")))
                        .query(Long.class)
                        .list())
                .containsExactly(1L, 2L, 1L);
    }

    @Test
    void whatCountsLaterIsNotSaidToBeSeenNow(Http owner) {
        String card = LiveCards.read(
                owner.signIn("maren"), TENS.formatted("\"products\": [\"BRU-1\"], \"from\": \"2031-03-01T09:00\""));
        Answer live = LiveCards.putLive(owner, card, owner.get(card + "/live"), "when", "now");
        assertThat(live.text())
                .contains("Put live: it counts from 1 March 2031, 09:00.")
                .doesNotContain("Shoppers see it now");
    }
}
