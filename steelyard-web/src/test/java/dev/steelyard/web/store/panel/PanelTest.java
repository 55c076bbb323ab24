package dev.steelyard.web.store.panel;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What the panel asks and is answered; the element itself is driven by {@code NeighbourTest}. */
@ExtendWith(WithApp.class)
class PanelTest {

    private static final String PANEL = "/api/v1/panel";
    private static final int MOST_BYTES = 30_000;

    @Test
    void itIsWhatTheCounterShows(App app, Http shopper) {
        JsonNode panel = page(app)
                .post(
                        PANEL,
                        "{\"sku\": \"COVER\", \"lang\": \"de\", \"sent\": true, \"quantity\": \"2\", \"fields\": {\"a.length\": \"5,2\","
                                + " \"u.length\": \"m\", \"a.width\": \"211\", \"a.hem\": \"plain\", \"a.fixing\": \"loose\"}}")
                .json();
        String counter = shopper.get(
                        "/counter/price?lang=de&sku=COVER&sent=yes&quantity=2&a.length=5%2C2&u.length=m&a.width=211&a.hem=plain"
                                + "&a.fixing=loose")
                .text();
        assertThat(panel.at("/price/total").asString()).isEqualTo("583,60");
        assertThat(counter)
                .contains("583,60")
                .contains(panel.at("/price/perUnit").asString());
        assertThat(panel.path("lang").asString()).isEqualTo("de");
        panel.path("asks")
                .forEach(ask -> assertThat(counter).contains(ask.path("label").asString()));
        assertThat(panel.path("token").asString()).isNotEmpty();
    }

    @Test
    void beforeAnythingIsTypedNothingIsAMistake(App app) {
        JsonNode fresh = page(app).post(PANEL, "{\"sku\": \"COVER\"}").json();
        assertThat(fresh.path("faults").isEmpty()).isTrue();
        assertThat(fresh.has("price")).isFalse();
        assertThat(fresh.has("token")).isFalse();
        assertThat(fresh.at("/from/money").asString()).isNotEmpty();
        JsonNode typed = page(app)
                .post(
                        PANEL,
                        "{\"sku\": \"COVER\", \"sent\": true, \"quantity\": \"two\", \"fields\": {\"a.length\": \"9\"}}")
                .json();
        assertThat(typed.path("faults").propertyNames()).contains("length", "width", "quantity");
        assertThat(typed.has("token")).isFalse();
    }

    @Test
    void anAskNobodyHasComeToIsNoMistakeWhileOneTypes(App app) {
        String typing =
                "{\"sku\": \"COVER\", \"sent\": true, \"fields\": {\"a.hem\": \"plain\", \"a.fixing\": \"loose\", \"a.length\": \"523\",\"a.width\": \"\"}, \"waits\": ";
        JsonNode waiting =
                page(app).post(PANEL, typing + "[\"width\", \"width\"]}").json();
        assertThat(waiting.path("faults").isEmpty()).isTrue();
        assertThat(waiting.has("price")).isFalse();
        assertThat(waiting.has("token")).isFalse();
        JsonNode cleared = page(app).post(PANEL, typing + "[]}").json();
        assertThat(cleared.path("faults").propertyNames()).containsExactly("width");
        Answer odd = page(app).post(PANEL, typing + "\"width\"}");
        assertThat(odd.status()).isEqualTo(422);
        assertThat(odd.json().toString()).contains("it must be a list");
    }

    @Test
    void aPriceThatChangedMeanwhileIsSaid(App app) {
        StoreCalls calls = page(app);
        String ask = "{\"sku\": \"BRU-1\", \"sent\": true, \"quantity\": \"12\"";
        JsonNode before = calls.post(PANEL, ask + "}").json();
        String seen = ", \"seen\": \"" + before.path("seen").asString() + "\"}";
        assertThat(calls.post(PANEL, ask + seen).json().has("changed")).isFalse();
        app.sql()
                .sql("update price_row set price = 14.00 where product_id = 13")
                .update();
        app.sql()
                .sql("update product set revision = revision + 1, version = version + 1 where id = 13")
                .update();
        app.sql()
                .sql("update shop set revision = (select max(revision) from product)")
                .update();
        app.bean(dev.steelyard.web.book.Books.class).refresh();
        JsonNode after = calls.post(PANEL, ask + seen).json();
        assertThat(after.path("changed").asString()).isEqualTo("158.40");
        assertThat(after.at("/price/total").asString()).isEqualTo("168.00");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"sku\": \"NONE\"} | 404 | Nothing is sold under “NONE”",
                "{\"sku\": \"a/b\"} | 404 | Nothing is sold",
                "{\"sku\": \"COVER\", \"fields\": {\"a.length\": 5}} | 422 | as typed",
                "{\"lang\": \"de\"} | 422 | “sku” is missing"
            })
    void whatCannotBeShownIsSaid(String body, int status, String words, App app) {
        Answer answer = page(app).post(PANEL, body);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.json().path("detail").asString()).contains(words);
    }

    @Test
    void goodsOfAListAreAskedTogether(App app) {
        JsonNode answer = page(app)
                .post("/api/v1/from-prices", "{\"skus\": [\"COVER\", \"SHK\", \"NONE\"], \"lang\": \"fr\"}")
                .json();
        assertThat(answer.path("lang").asString()).isEqualTo("fr");
        assertThat(answer.at("/prices/0/money").asString()).contains(",");
        assertThat(answer.at("/prices/1/sold").asBoolean()).isTrue();
        assertThat(answer.at("/prices/2/sold").asBoolean()).isFalse();
        assertThat(page(app).post("/api/v1/from-prices", "{\"skus\": []}").status())
                .isEqualTo(422);
    }

    @Test
    void theFileIsSmallAndMayBeLoadedByAnyPage(Http anybody) throws IOException {
        Http.Answer file = anybody.get("/panel/v1.js");
        assertThat(file.response().headers().firstValue("Access-Control-Allow-Origin"))
                .contains("*");
        assertThat(file.response().headers().firstValue("Content-Type").orElse(""))
                .startsWith("text/javascript");
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
            gzip.write(anybody.bytes("/panel/v1.js"));
        }
        assertThat(packed.size()).isLessThan(MOST_BYTES);
    }

    private static StoreCalls page(App app) {
        return StoreCalls.with(app, MadeKeys.page(app).text()).from(MadeKeys.PAGE);
    }
}
