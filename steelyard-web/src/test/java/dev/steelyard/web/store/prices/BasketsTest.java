package dev.steelyard.web.store.prices;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Baskets of the owner's own store, with deals and tax. */
@ExtendWith(WithApp.class)
class BasketsTest {

    private static final String PRICE = "/api/v1/baskets/price";
    private static final String SHACKLES = "{\"sku\": \"SHK-8\", \"quantity\": 30}";

    @Test
    void aBasketHasItsDealsSharesAndTax(App app) {
        DemoDeals.putBack(app);
        JsonNode basket = MadeKeys.calls(app)
                .post(PRICE, "{\"lines\": [" + SHACKLES + ", {\"sku\": \"NONE\", \"quantity\": 1}]}")
                .json();
        assertThat(basket.path("sellable").asBoolean()).isFalse();
        assertThat(basket.at("/lines/1/refused/at").asString()).isEqualTo("sku");
        assertThat(basket.at("/lines/0/left").asString()).isNotEmpty();
        assertThat(basket.at("/tax/included").asBoolean()).isTrue();
        basket.path("used")
                .forEach(used -> assertThat(used.path("shares").size()).isEqualTo(2));
        assertThat(basket.path("unused").isEmpty()).isFalse();
    }

    @Test
    void aCodeAndAWayToPayAreSaidToCountOrNot(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode basket = calls.post(PRICE, "{\"lines\": [" + SHACKLES + "], \"codes\": [\"nothing\", \" NOTHING \"]}")
                .json();
        assertThat(basket.path("codes").size()).isEqualTo(1);
        assertThat(basket.at("/codes/0/counts").asBoolean()).isFalse();
        Answer wrong = calls.post(PRICE, "{\"lines\": [" + SHACKLES + "], \"payment\": \"shells\"}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().at("/issues/0/message").asString())
                .contains("there is no way to pay “shells”; there are")
                .contains("card");
    }

    @Test
    void pagesPriceNoBaskets(App app) {
        Answer answer = StoreCalls.with(app, MadeKeys.page(app).text())
                .from(MadeKeys.PAGE)
                .post(PRICE, "{\"lines\": [" + SHACKLES + "]}");
        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.json().path("detail").asString()).contains("good for live prices only");
    }
}
