package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A price that changes while a page is open. */
@ExtendWith(WithApp.class)
class ChangedMeanwhileTest {

    private static void brushes(App app, String price) {
        app.sql()
                .sql(
                        "update product set shelf_price = ?, revision = (select revision + 1 from shop) where sku = 'BRU-1'")
                .param(price)
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();
    }

    private static Answer put(Http shopper, String seen, String quantity) {
        return shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", quantity, "seen", seen);
    }

    @Test
    void itIsSaidBeforeItGoesIntoTheBasketAndTakenTheSecondTime(App app, Http shopper) {
        String seen = shopper.get("/counter/goods/BRU-1?quantity=2").field("seen");
        brushes(app, "16.00");

        Answer told = put(shopper, seen, "2");

        assertThat(told.response().uri().getPath()).isEqualTo("/counter/goods/BRU-1");
        assertThat(told.text())
                .contains("The price has changed since you looked: it was 30.00, it is 32.00 now."
                        + " Nothing was put in the basket");
        assertThat(shopper.get("/counter/basket").text()).contains("Nothing in it yet");
        assertThat(put(shopper, told.field("seen"), "2").text()).contains("32.00");
    }

    @Test
    void onlyThePriceOfTheSameOrderIsCompared(App app, Http shopper) {
        String seen = shopper.get("/counter/goods/BRU-1?quantity=2").field("seen");
        assertThat(put(shopper, seen, "3").text()).contains("45.00").doesNotContain("has changed");
    }

    @Test
    void whatSomebodyMadeUpAsSeenIsNotShown(Http shopper) {
        String seen = shopper.get("/counter/goods/BRU-1?quantity=2").field("seen");
        String order = seen.substring(0, seen.indexOf('='));
        assertThat(put(shopper, order + "=<script>", "2").text())
                .contains("Basket")
                .doesNotContain("has changed");
        assertThat(shopper.get("/counter/goods/BRU-1?changed=buy+elsewhere").text())
                .doesNotContain("buy elsewhere");
    }

    /** A fee for the way of paying is said beside the lines, and is no part of any line's own sum. */
    @Test
    void theCheckoutsNoticeDoesNotSpreadAFeeIntoALine(App app, Http shopper) {
        DemoDeals.putBack(app, "Invoice fee");
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        String key = shopper.get("/counter/checkout").field("key");
        Answer form = shopper.post("/counter/checkout/choose", "key", key, "payment", "invoice");
        assertThat(form.text()).contains("30.45");
        brushes(app, "20.00");

        Answer told = Buying.order(shopper, form, "invoice", "");

        assertThat(told.status()).isEqualTo(409);
        assertThat(told.text())
                .contains("Prices or your basket have changed since you looked")
                .contains("30.00")
                .contains("40.00")
                .doesNotContain("40.60 =", "30.45 =")
                .doesNotContain("= 40.60", "= 30.45");
    }
}
