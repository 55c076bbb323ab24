package dev.steelyard.web.shop.today;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.DemoSpring;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(WithApp.class)
class TodayTest {

    @Test
    void theDemoShopsFirstDay(Http owner) {
        assertThat(owner.signIn("maren").get("/").text())
                .contains("Drafts waiting 1 Boat covers by area")
                .contains("Check weights that differ 1 Boat covers by area “A dinghy” was 206.20, is 210.20")
                .contains("1 March " + DemoSpring.YEAR + " Antifouling by hull area version 2 begins")
                .contains(
                        "1 April " + DemoSpring.YEAR + " Deck brush from 2 begins",
                        "1 May " + DemoSpring.YEAR + " Deck brush from 2 ends")
                .contains("14 of 14 cards and 0 deals live, 13 products sold")
                .doesNotContain("Without a price")
                .doesNotContain("signed in as");
    }

    @Test
    void goodsThatNoCardPricesAreNamedAndWhatIsEmptySaysSo(App app, Http owner) {
        DemoCards.takeAway(app);
        assertThat(owner.signIn("maren").get("/today").text())
                .contains("None. What you change next becomes a draft")
                .contains("None: every trial that was kept still comes to its price.")
                .contains("Without a price Anchor chain 8 mm, Antifouling paint, Berth cushion")
                .contains("0 of 0 cards and 0 deals live");
    }

    /** A break of a product's own that is dearer than the one before: no card's, and a finding all the same. */
    @Test
    void goodsWhoseOwnRowsHaveFindingsAreNamed(App app, Http owner) {
        app.sql()
                .sql("insert into price_row (id, product_id, from_pieces, price) values (999, 13, 50, 14.90)")
                .update();
        app.sql()
                .sql("update product set revision = (select revision + 1 from shop) where id = 13")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();

        assertThat(owner.signIn("maren").get("/today").text())
                .containsPattern("Deck brush \\d findings? in its own prices");
    }

    @Test
    void aWeightOfALiveCardThatDiffersNowIsSaid(App app, Http owner) {
        app.sql()
                .sql(
                        "update product set shelf_price = 16.00, revision = (select revision + 1 from shop) where sku = 'BRU-1'")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();
        assertThat(owner.signIn("maren").get("/today").text())
                .contains("Deck brushes as marked “One” was 15.00, is 16.00");
    }
}
