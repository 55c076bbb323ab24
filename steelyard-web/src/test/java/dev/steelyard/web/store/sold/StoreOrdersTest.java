package dev.steelyard.web.store.sold;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the owner's own store sold comes back, and is kept as the counter's orders are. */
@ExtendWith(WithApp.class)
class StoreOrdersTest {

    private static final String ORDERS = "/api/v1/orders";
    private static final String LINES =
            "\"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 30, \"charged\": \"186.00\"}, {\"sku\": \"BRU-1\", \"quantity\": 2}]";

    @Test
    void anOrderIsKeptWithItsReckoningAndSeenBesideTheCounters(App app, Http owner) {
        JsonNode kept = MadeKeys.calls(app)
                .post(
                        ORDERS,
                        order(
                                "Q-1",
                                LINES,
                                "216.00",
                                "\"buyer\": {\"name\": \"Ada Quay\", \"email\": \"ada@example.org\"}, "))
                .json();
        assertThat(kept.path("reckoned").asString()).isEqualTo("216.00");
        assertThat(kept.path("otherwise").asBoolean()).isFalse();
        assertThat(kept.at("/lines/0/reckoning").isEmpty()).isFalse();
        owner.signIn("maren");
        assertThat(owner.get("/orders").text())
                .contains("Q-1")
                .contains("server key Warehouse")
                .contains("Ada Quay");
        assertThat(owner.get("/orders/Q-1").text()).contains("30 pieces reach").doesNotContain("were charged");
        assertThat(owner.get("/orders?find=Ada&sold=STORE").text()).contains("Q-1");
        assertThat(owner.get("/orders?sold=COUNTER").text()).doesNotContain("Q-1");
        assertThat(owner.get("/orders.csv").body()).contains("server key Warehouse,216.00,186.00");
    }

    @Test
    void theVariantsOfALotsPiecesAreKept(App app, Http owner) {
        MadeKeys.calls(app)
                .post(
                        ORDERS,
                        order(
                                "Q-20",
                                "\"lines\": [{\"sku\": \"FLAGS-P\", \"quantity\": 3, \"variants\": [\"FLAGS-P\", \"FLAGS-C\","
                                        + " \"FLAGS-P\"]}]",
                                "85.00",
                                ""));
        owner.signIn("maren");
        assertThat(owner.get("/orders/Q-20").text()).contains("2 × polyester, 1 × cotton");
    }

    @Test
    void whatWasChargedOtherwiseIsMarked(App app, Http owner) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode kept = calls.post(ORDERS, order("Q-2", LINES.replace("186.00", "180.00"), "210.00", ""))
                .json();
        assertThat(kept.path("otherwise").asBoolean()).isTrue();
        owner.signIn("maren");
        assertThat(owner.get("/orders?sold=OTHERWISE").text()).contains("Q-2").contains("6.00 less than reckoned");
        assertThat(owner.get("/orders/Q-2").text())
                .contains("210.00 EUR were charged")
                .contains("6.00 less than reckoned")
                .contains("charged 180.00");
        assertThat(owner.get("/orders").text()).contains("1 order, 210.00 EUR in all");
    }

    @Test
    void byAQuoteItIsAtTheQuotesPricesWhateverChanged(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode quote = calls.post("/api/v1/quotes", "{\"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 30}]}")
                .json();
        String id = quote.path("id").asString();
        String toPay = quote.at("/basket/toPay").asString();
        app.sql().sql("update price_row set price = price * 2").update();
        app.sql().sql("update product set revision = revision + 1").update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(dev.steelyard.web.book.Books.class).refresh();
        JsonNode kept = calls.post(ORDERS, order("Q-3", "\"quote\": \"" + id + "\"", toPay, ""))
                .json();
        assertThat(kept.path("reckoned").asString()).isEqualTo(toPay);
        assertThat(kept.path("otherwise").asBoolean()).isFalse();
        assertThat(calls.get("/api/v1/quotes/" + id).json().path("order").asString())
                .isEqualTo("Q-3");
        Answer twice = calls.post(ORDERS, order("Q-4", "\"quote\": \"" + id + "\"", toPay, ""));
        assertThat(twice.status()).isEqualTo(409);
        assertThat(twice.json().path("detail").asString()).contains("the order Q-3 was placed by it");
        String late = calls.post("/api/v1/quotes", "{\"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 30}]}")
                .json()
                .path("id")
                .asString();
        app.sql()
                .sql("update quote set valid_until = '2026-01-01' where id = ?")
                .param(late)
                .update();
        assertThat(calls.post(ORDERS, order("Q-5", "\"quote\": \"" + late + "\"", toPay, ""))
                        .json()
                        .path("detail")
                        .asString())
                .contains("it held until 2026-01-01")
                .contains("ask for another");
        assertThat(calls.post(ORDERS, order("Q-6", "\"quote\": \"q_x\"", toPay, ""))
                        .status())
                .isEqualTo(404);
        assertThat(calls.post(ORDERS, order("Q-7", "\"quote\": \"" + late + "\", " + LINES, toPay, ""))
                        .json()
                        .at("/issues/0/at")
                        .asString())
                .isEqualTo("/lines");
    }

    @Test
    void anOrderThatIsThereIsNotKeptTwice(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        String body = order("Q-8", LINES, "216.00", "");
        List<CompletableFuture<Answer>> both = IntStream.range(0, 4)
                .mapToObj(any -> CompletableFuture.supplyAsync(() -> calls.post(ORDERS, body)))
                .toList();
        assertThat(both.stream().map(CompletableFuture::join).map(Answer::status))
                .containsExactlyInAnyOrder(201, 409, 409, 409);
        assertThat(calls.post(ORDERS, body.replace("Q-8", "SM-99"))
                        .json()
                        .path("detail")
                        .asString())
                .contains("is a number as the counter gives them");
        assertThat(calls.post(ORDERS, body.replace("Q-8", "Q/9"))
                        .json()
                        .at("/issues/0/at")
                        .asString())
                .isEqualTo("/number");
    }

    @Test
    void whatCannotBeReckonedIsNamed(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        assertThat(calls.post(ORDERS, order("Q-9", "\"lines\": [{\"sku\": \"NONE\", \"quantity\": 1}]", "1.00", ""))
                        .json()
                        .at("/issues/0/at")
                        .asString())
                .isEqualTo("/lines/0");
        Answer wrong = calls.post(ORDERS, order("Q-9", LINES, "1.005", "\"placedAt\": \"2199-01-01T00:00:00Z\", "));
        assertThat(wrong.json().at("/issues/0/at").asString()).isEqualTo("/charged");
        assertThat(calls.post(ORDERS, order("Q-9", LINES, "1.00", "\"placedAt\": \"2199-01-01T00:00:00Z\", "))
                        .json()
                        .path("detail")
                        .asString())
                .contains("still to come");
        assertThat(MadeKeys.calls(app, KeyRight.PRICES)
                        .post(ORDERS, order("Q-9", LINES, "1.00", ""))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void ordersAreReadPageByPage(App app, Http shopper) {
        StoreCalls calls = MadeKeys.calls(app);
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
        Buying.order(shopper, shopper.get("/counter/checkout"), "bank transfer", "");
        for (int i = 1; i <= 3; i++) {
            calls.post(ORDERS, order("Q-1" + i, LINES, "216.00", ""));
        }
        JsonNode first = calls.get(ORDERS + "?limit=3").json();
        assertThat(first.path("orders").size()).isEqualTo(3);
        assertThat(first.at("/orders/0/number").asString()).isEqualTo("Q-13");
        JsonNode second = calls.get(
                        ORDERS + "?limit=3&after=" + first.path("next").asString())
                .json();
        assertThat(second.at("/orders/0/soldBy").asString()).isEqualTo("counter");
        assertThat(second.path("next").asString()).isEmpty();
        assertThat(calls.get(ORDERS + "?limit=0").status()).isEqualTo(422);
        assertThat(calls.get(ORDERS + "?after=none").status()).isEqualTo(404);
        assertThat(calls.get(ORDERS + "/Q-12").json().path("number").asString()).isEqualTo("Q-12");
    }

    @Test
    void ordersAreLookedForAsOnTheirPageAndComeAsLines(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        calls.post(ORDERS, order("Q-31", LINES, "216.00", "\"buyer\": {\"name\": \"Ada Quay\"}, "));
        calls.post(ORDERS, order("Q-32", LINES, "210.00", "\"placedAt\": \"2026-03-01T10:00:00Z\", "));
        assertThat(numbers(calls, "?find=Ada")).containsExactly("Q-31");
        assertThat(numbers(calls, "?sold=otherwise")).containsExactly("Q-32");
        assertThat(numbers(calls, "?sold=counter")).isEmpty();
        assertThat(numbers(calls, "?from=2026-02-01&until=2026-03-01")).containsExactly("Q-32");
        assertThat(numbers(calls, "?group=Everyone&find=SHK-8")).containsExactly("Q-31", "Q-32");
        assertThat(calls.get(ORDERS + "?sold=elsewhere").json().path("detail").asString())
                .contains("“sold”: “elsewhere” is none of anywhere, counter, store and otherwise");
        assertThat(calls.get(ORDERS + "?from=soon").json().path("detail").asString())
                .contains("“from”: “soon” is no day");
        Answer lines = calls.get(ORDERS + "?find=SHK", "Accept", "application/x-ndjson");
        assertThat(lines.response().body().lines().map(Json::read))
                .extracting(one -> one.path("number").asString())
                .containsExactly("Q-31", "Q-32");
    }

    private static List<String> numbers(StoreCalls calls, String search) {
        List<String> numbers = new ArrayList<>();
        calls.get(ORDERS + search)
                .json()
                .path("orders")
                .forEach(one -> numbers.add(one.path("number").asString()));
        return numbers;
    }

    private static String order(String number, String what, String charged, String more) {
        String body = "{\"number\": \"" + number + "\", " + more + what + ", \"charged\": \"" + charged + "\"}";
        return Json.write(Json.read(body));
    }
}
