package dev.steelyard.web.store.supply;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The store brings goods and price rows: row by row, checked as sheets are, kept in history by the key's name. */
@ExtendWith(WithApp.class)
class SupplyTest {

    private static final String GOODS = "/api/v1/goods";
    private static final String ROWS = "/api/v1/price-rows";
    private static final int MANY = 24;

    @Test
    void goodsAreAddedChangedAndRefusedOneByOne(App app, Http owner) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode answer = calls.put(
                        GOODS,
                        "{\"goods\": [{\"sku\": \"FEND-A\", \"name\": \"Fender\", \"brand\": \"Quay\", \"categories\": [\"Hardware\"],"
                                + " \"shelfPrice\": \"24.50\", \"variants\": [{\"sku\": \"FEND-A-15\", \"name\": \"15 cm\"}]},"
                                + " {\"sku\": \"BRU-1\", \"shelfPrice\": 15.5}, {\"sku\": \"NEW-2\"},"
                                + " {\"sku\": \"SHK\", \"taxClass\": \"Standrad\"}, {\"sku\": \"PAINT\"}]}")
                .json();
        assertThat(answer.path("applied").asBoolean()).isTrue();
        assertThat(answer.path("added").asInt()).isEqualTo(2);
        assertThat(answer.path("changed").asInt()).isEqualTo(1);
        assertThat(answer.path("same").asInt()).isEqualTo(1);
        assertThat(answer.path("refused").asInt()).isEqualTo(2);
        assertThat(row(answer, "NEW-2").path("say").asString()).contains("new goods need a name");
        assertThat(row(answer, "NEW-2").path("at").asString()).isEqualTo("/goods/2");
        assertThat(row(answer, "SHK").path("say").asString()).contains("Is “Standard” meant?");
        assertThat(row(answer, "FEND-A-15").path("at").asString()).isEqualTo("/goods/0/variants/0");
        assertThat(price(calls, "FEND-A-15")).isEqualTo("24.50");
        assertThat(price(calls, "BRU-1")).isEqualTo("15.50");
        assertThat(calls.get(GOODS + "/BRU-1").json().path("name").asString())
                .isEqualTo("Deck brush"); // left out, it stays
        owner.signIn("maren");
        assertThat(owner.get("/sheets").text()).contains("products and variants by the server key Warehouse");
        assertThat(owner.get("/history").text()).contains("server key Warehouse");
    }

    @Test
    void allOrNothingMeansIt(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode answer = calls.put(
                        GOODS,
                        "{\"allOrNothing\": true, \"goods\": [{\"sku\": \"BRU-1\", \"shelfPrice\": \"15.50\"}, {\"sku\": \"NEW-2\"}]}")
                .json();
        assertThat(answer.path("applied").asBoolean()).isFalse();
        assertThat(price(calls, "BRU-1")).isEqualTo("15.00");
    }

    @Test
    void goodsAreTakenOutAndPutBack(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        calls.put(GOODS, "{\"goods\": [{\"sku\": \"BRU-1\", \"removed\": true}]}");
        assertThat(price(calls, "BRU-1")).isEmpty();
        calls.put(GOODS, "{\"goods\": [{\"sku\": \"BRU-1\", \"removed\": false, \"shelfPrice\": null}]}");
        assertThat(calls.put(GOODS, "{\"goods\": [{\"sku\": \"BRU-1\", \"removed\": false}]}")
                        .json()
                        .path("changed")
                        .asInt())
                .isLessThanOrEqualTo(1);
        assertThat(price(calls, "BRU-1")).isNotEmpty();
    }

    @Test
    void priceRowsAreReplacedWholeForTheirGroup(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode answer = calls.put(
                        ROWS, "{\"prices\": [{\"sku\": \"BRU-1\", \"rows\": [{\"from\": 6, \"price\": \"13.40\"}]}]}")
                .json();
        assertThat(answer.path("changed").asInt()).isEqualTo(1);
        assertThat(answer.path("removed").asInt()).isEqualTo(1); // the one for April
        assertThat(unit(calls, "", 6)).isEqualTo("13.40");
        assertThat(unit(calls, "\"customer\": {\"group\": \"Sailing school\"}, ", 6))
                .isEqualTo("12.50"); // another group's stay
        calls.put(ROWS, "{\"prices\": [{\"sku\": \"BRU-1\", \"rows\": []}]}");
        assertThat(unit(calls, "", 6)).isEqualTo("15.00");
        JsonNode refused = calls.put(
                        ROWS,
                        "{\"prices\": [{\"sku\": \"NONE\", \"rows\": [{\"from\": 6, \"price\": \"13.40\"}]}, {\"sku\": \"BRU-1\","
                                + " \"rows\": [{\"from\": 6, \"price\": \"13.40\"}]}]}")
                .json();
        assertThat(row(refused, "NONE").path("say").asString()).contains("NONE");
        assertThat(unit(calls, "", 6)).isEqualTo("13.40");
    }

    /** Nothing waits for its end in the list of sheets. */
    @Test
    void rowsThatAreNotThereMayBeTakenAwayOnceMore(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        String none = "{\"prices\": [{\"sku\": \"BRU-1\", \"rows\": []}]}";
        calls.put(ROWS, none);
        JsonNode again = calls.put(ROWS, none).json();
        assertThat(again.path("applied").asBoolean()).isFalse();
        assertThat(again.path("rows").isEmpty()).isTrue();
        assertThat(app.sql()
                        .sql("select state from price_batch where id = ?")
                        .param(again.path("sheet").asLong())
                        .query(String.class)
                        .single())
                .isEqualTo("CANCELLED");
    }

    @Test
    void whatIsWrongIsSaidByItsPlace(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        Answer answer = calls.put(
                ROWS,
                "{\"prices\": [{\"sku\": \"BRU-1\", \"group\": \"Pirates\", \"rows\": [{\"from\": 0, \"price\": \"x\", \"starts\":"
                        + " \"2027-05-01\", \"ends\": \"2027-04-01\"}]}, {\"sku\": \"SHK\"}]}");
        assertThat(answer.json().path("issues").valueStream().map(one -> one.path("at")
                        .asString()))
                .containsExactlyInAnyOrder(
                        "/prices/0/group",
                        "/prices/0/rows/0/from",
                        "/prices/0/rows/0/price",
                        "/prices/0/rows/0/ends",
                        "/prices/1/rows");
        String many = IntStream.range(0, 1_001)
                .mapToObj(i -> "{\"sku\": \"A" + i + "\"}")
                .collect(Collectors.joining(","));
        assertThat(calls.put(GOODS, "{\"goods\": [" + many + "]}").json().toString())
                .contains("1 to 1000 products, not 1001");
        assertThat(MadeKeys.calls(app, KeyRight.PRICES)
                        .put(GOODS, "{\"goods\": []}")
                        .status())
                .isEqualTo(403);
    }

    /** Two that bring the same goods at once do not stop each other, nor half of either. */
    @Test
    void twoAtOnceBothGetThrough(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        List<CompletableFuture<Answer>> both = IntStream.of(16, 17)
                .mapToObj(price -> CompletableFuture.supplyAsync(() ->
                        calls.put(GOODS, "{\"goods\": [{\"sku\": \"BRU-1\", \"shelfPrice\": \"" + price + "\"}]}")))
                .toList();
        assertThat(both.stream().map(CompletableFuture::join).map(Answer::status))
                .containsOnly(200);
        assertThat(price(calls, "BRU-1")).isIn("16.00", "17.00");
    }

    /** Each holds a connection to the database while it writes; were another needed to end, all would wait for each other. */
    @Test
    void moreAtOnceThanThereAreConnectionsAllGetThrough(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        ExecutorService stores = Executors.newFixedThreadPool(MANY);
        List<CompletableFuture<Answer>> all = IntStream.rangeClosed(1, MANY)
                .mapToObj(one -> CompletableFuture.supplyAsync(
                        () -> calls.put(
                                GOODS,
                                "{\"goods\": [{\"sku\": \"NEW-" + one
                                        + "\", \"name\": \"New\", \"shelfPrice\": \"7.50\"}]}"),
                        stores))
                .toList();
        assertThat(all.stream().map(CompletableFuture::join).map(Answer::status))
                .containsOnly(200);
        stores.shutdown();
        assertThat(IntStream.rangeClosed(1, MANY).mapToObj(one -> price(calls, "NEW-" + one)))
                .containsOnly("7.50");
    }

    @Test
    void whereTwoPairsOfEyesAreAskedForItWaitsForAPerson(App app, Http owner) {
        app.sql()
                .sql("update shop set two_eyes = true, revision = revision + 1")
                .update();
        app.bean(dev.steelyard.web.book.Books.class).refresh();
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode answer = calls.put(GOODS, "{\"goods\": [{\"sku\": \"BRU-1\", \"shelfPrice\": \"15.50\"}]}")
                .json();
        assertThat(answer.path("applied").asBoolean()).isFalse();
        assertThat(answer.path("waits").asBoolean()).isTrue();
        assertThat(price(calls, "BRU-1")).isEqualTo("15.00");
        owner.signIn("maren");
        assertThat(owner.get("/sheets/goods/" + answer.path("sheet").asLong()).text())
                .contains("BRU-1")
                .contains("15.5");
    }

    private static JsonNode row(JsonNode answer, String sku) {
        return answer.path("rows")
                .valueStream()
                .filter(one -> one.path("sku").asString().equals(sku))
                .findFirst()
                .orElseThrow();
    }

    private static String price(StoreCalls calls, String sku) {
        return calls.post(
                        "/api/v1/prices",
                        "{\"together\": true, \"lines\": [{\"sku\": \"" + sku + "\", \"quantity\": 1}]}")
                .json()
                .at("/lines/0/unit")
                .asString("");
    }

    private static String unit(StoreCalls calls, String customer, int pieces) {
        return calls.post(
                        "/api/v1/prices",
                        "{" + customer + "\"together\": true, \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": " + pieces
                                + "}]}")
                .json()
                .at("/lines/0/unit")
                .asString("");
    }
}
