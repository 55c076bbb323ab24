package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoSpring;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(WithApp.class)
class CounterTest {

    @ParameterizedTest
    @CsvSource({
        "SHK-8, 1, 7.40, 9 more and each costs 6.90",
        "SHK-8, 9, 66.60, 1 more and each costs 6.90",
        "SHK-8, 10, 69.00, 15 more and each costs 6.20",
        "SHK-8, 25, 155.00, 75 more and each costs 5.45",
        "SHK-8, 100, 545.00,",
        "SCR-4x40, 333, 27.41, 167 more and each costs 0.0730",
        "BRU-1, 6, 79.20,",
    })
    void thePriceFollowsTheQuantity(String sku, String quantity, String total, String next, Http shopper) {
        Answer live = shopper.get("/counter/price?sku=" + sku + "&quantity=" + quantity);
        assertThat(live.body()).contains("id=\"total\">" + total + "<");
        assertThat(live.body()).contains("id=\"next\">" + (next == null ? "" : next) + "<");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0 is too few; order 1 or more",
        "-5, -5 is too few; order 1 or more",
        "1.5, 1.5 is not a whole number; this is sold in whole pieces",
        "a%20dozen, “a dozen” is not a number; this is sold in whole pieces",
        "1000000000000, '1000000000000 is too many; at most 1,000,000 at once'",
        "%3Cb%3E, “&lt;b&gt;” is not a number; this is sold in whole pieces",
    })
    void aQuantityThatCannotBeIsSaidByTheField(String quantity, String message, Http shopper) {
        Answer live = shopper.get("/counter/price?sku=SHK-8&quantity=" + quantity);
        assertThat(live.status()).isEqualTo(200);
        assertThat(live.body()).contains(message).contains("7.40");
    }

    @Test
    void oneCanBeOfAnotherGroupAndThereOnAnotherDay(Http shopper) {
        shopper.get("/counter");
        shopper.post("/counter/as", "group", "Boatyard", "day", "");
        assertThat(shopper.get("/counter/price?sku=SHK-8&quantity=10").body())
                .as("63.50 less the tax it contains, since boatyards see prices so")
                .contains("id=\"total\">53.36<")
                .contains("All prices without tax.");
        shopper.post("/counter/as", "group", "", "day", DemoSpring.YEAR + "-04-30");
        assertThat(shopper.get("/counter/price?sku=BRU-1&quantity=2").body()).contains("id=\"total\">24.00<");
        shopper.post("/counter/as", "group", "", "day", DemoSpring.YEAR + "-05-01");
        assertThat(shopper.get("/counter/price?sku=BRU-1&quantity=2").body()).contains("id=\"total\">30.00<");
        shopper.post("/counter/as", "group", "no such group", "day", "someday");
        assertThat(shopper.get("/counter/price?sku=BRU-1&quantity=2").body()).contains("id=\"total\">30.00<");
    }

    @Test
    void variantsCountTogetherInTheBasketAndOnTheProductPage(Http shopper) {
        shopper.get("/counter/goods/SHK-8");
        shopper.post("/counter/basket/add", "sku", "SHK-8", "quantity", "6");
        Answer live = shopper.get("/counter/price?sku=SHK-6&quantity=4");
        assertThat(live.text()).contains("together with 6 in your basket").contains("20.80");
        Answer basket = shopper.post("/counter/basket/add", "sku", "SHK-6", "quantity", "4");
        assertThat(basket.text()).contains("41.40", "20.80", "62.20").contains("6 here + 4 more = 10 pieces");

        Answer fewer = shopper.background(
                "/counter/basket/quantity", "line", lines(basket).get(1), "quantity", "3");
        assertThat(fewer.text()).contains("44.40", "16.80", "61.20");
    }

    @Test
    void theSameGoodsPutInTwiceMakeOneLine(Http shopper) {
        shopper.get("/counter/goods/BRU-1");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        Answer basket = shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "4");
        assertThat(basket.body()).containsOnlyOnce("name=\"quantity\"").contains("id=\"basket-total\">79.20<");
    }

    @Test
    void aBadQuantityInTheBasketStaysInItsFieldAndChangesNothing(Http shopper) {
        shopper.get("/counter/goods/BRU-1");
        Answer there = shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        Answer answer = shopper.background(
                "/counter/basket/quantity", "line", lines(there).get(0), "quantity", "2.5");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("value=\"2.5\"", "2.5 is not a whole number");
        assertThat(shopper.get("/counter/basket").body()).contains("value=\"2\"");
    }

    @Test
    void goodsWithoutAPriceAreListedButCannotBeBought(App app, Http shopper) {
        app.sql()
                .sql("update draft set removed_at = now() where name like '%rope%'")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();
        assertThat(shopper.get("/counter").text()).contains("Three-strand rope 12 mm no price yet");
        Answer rope = shopper.get("/counter/goods/ROPE-12");
        assertThat(rope.text()).contains("No price yet").doesNotContain("Put in the basket");
        shopper.post("/counter/basket/add", "sku", "ROPE-12", "quantity", "1");
        assertThat(shopper.get("/counter/basket").text()).contains("Nothing in it yet");
    }

    @Test
    void goodsTakenOutOfTheShopAreSaidToBeGone(App app, Http shopper) {
        shopper.get("/counter/goods/BRU-1");
        Answer there = shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        app.bean(GoodsStore.class).remove(13, "Maren");
        app.bean(Books.class).refresh();
        assertThat(shopper.get("/counter/goods/BRU-1").status()).isEqualTo(404);
        assertThat(shopper.get("/counter/basket").text())
                .contains("This is no longer sold.")
                .contains("take it out first")
                .doesNotContain("To the checkout");
        shopper.post("/counter/basket/take-out", "line", lines(there).get(0));
        assertThat(shopper.get("/counter/basket").text()).contains("Nothing in it yet");
    }

    @Test
    void nonsenseAddressesAreAnsweredInWords(Http shopper) {
        for (String path : List.of(
                "/counter/goods/nothing",
                "/counter/goods/%20",
                "/counter/goods/" + "x".repeat(300),
                "/counter/orders/none",
                "/counter/nowhere")) {
            Answer answer = shopper.get(path);
            assertThat(answer.status()).as(path).isEqualTo(404);
            assertThat(answer.body()).doesNotContain("Exception");
        }
        assertThat(shopper.get("/counter/price?sku=%20x&quantity=1").status()).isLessThan(500);
        Answer nothing = shopper.get("/counter/price");
        assertThat(nothing.status()).isEqualTo(400);
        assertThat(nothing.text()).contains("Not understood");
        for (String path :
                List.of("/counter/goods/a;b", "/counter/goods/%00", "/counter/goods/a%2Fb", "/counter//basket")) {
            assertThat(shopper.get(path).status()).as(path).isBetween(400, 404);
        }
    }

    /** The lines of a basket by their ids, in order. */
    private static List<String> lines(Answer basket) {
        return Pattern.compile("name=\"line\" value=\"(\\d+)\"")
                .matcher(basket.body())
                .results()
                .map(found -> found.group(1))
                .distinct()
                .toList();
    }
}
