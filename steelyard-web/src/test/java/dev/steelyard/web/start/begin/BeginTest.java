package dev.steelyard.web.start.begin;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A shop that nobody has set up yet, and how it is. */
@ExtendWith(WithApp.class)
class BeginTest {

    private static final String PASSWORD = "a long walk home";

    private App.Beginning beginning;
    private Http owner;

    @BeforeEach
    void empty(App app) {
        beginning = app.begin();
        owner = new Http(beginning.node().url());
    }

    @AfterEach
    void stop() {
        beginning.close();
    }

    private Answer open(Http http) {
        return http.get("/begin?code=" + beginning.code());
    }

    private static Answer you(Http http, String name) {
        return http.post(
                "/begin/you", "name", name, "signIn", name.toLowerCase(), "password", PASSWORD, "again", PASSWORD);
    }

    private static Answer shop(Http http, String country, String currency, String zone) {
        return http.post("/begin/shop", "shopName", "Quill", "country", country, "currency", currency, "zone", zone);
    }

    private static Answer tax(Http http, String standard, String reduced) {
        return http.post(
                "/begin/tax",
                "included",
                "yes",
                "standardName",
                "Standard",
                "standard",
                standard,
                "reducedName",
                "Reduced",
                "reduced",
                reduced);
    }

    private static Answer all(Http http, String name) {
        you(http, name);
        shop(http, "DE", "EUR", "Europe/Berlin");
        tax(http, "19", "5,5");
        return http.post("/begin/goods", "do", "later");
    }

    @Test
    void nothingElseAnswersUntilItIsDone(App app) {
        assertThat(owner.get("/counter").response().uri().getPath()).isEqualTo("/begin");
        assertThat(owner.get("/begin").text()).contains("This shop has not been set up yet.");
        assertThat(owner.get("/begin/shop").text())
                .as("not without the code")
                .contains("This shop has not been set up yet.");

        Http other = new Http(beginning.node().url());
        open(owner);
        open(other);
        you(other, "Bo");
        assertThat(all(owner, "Ada").text()).contains("To a first price").contains("Ada");
        assertThat(owner.get("/counter").status()).isEqualTo(200);
        assertThat(open(owner).response().uri().getPath()).as("done is done").isEqualTo("/today");
        assertThat(owner.get("/shop").text()).contains("Quill, prices in EUR");
        assertThat(owner.get("/history").text()).contains("Ada made Quill");
        assertThat(owner.get("/shop/tax").body())
                .as("a rate typed with a comma, and shown so where Germany is proposed")
                .contains("value=\"5,5\"");

        other.post("/begin/goods", "do", "later");
        assertThat(app.sql().sql("select name from staff").query(String.class).list())
                .as("whoever is slower of two does not make it anew")
                .containsExactly("Ada");
    }

    @Test
    void whatCannotBeTakenIsSaidByItsFieldAndTheRestIsKept() {
        open(owner);
        assertThat(owner.post("/begin/you", "name", "Ada", "signIn", "ada q", "password", "short", "again", "")
                        .text())
                .contains("without spaces")
                .contains("A password has at least 12 characters; this one has 5");
        assertThat(owner.post("/begin/you", "name", "Ada", "signIn", "ada", "password", PASSWORD, "again", "x")
                        .text())
                .contains("This is another one than above");
        you(owner, "Ada");
        Answer back = owner.post("/begin/shop", "shopName", "Quill", "do", "back");
        assertThat(back.field("name")).isEqualTo("Ada");
        assertThat(owner.get("/begin/shop").field("shopName")).isEqualTo("Quill");
        assertThat(shop(owner, "XX", "EUR", "Europe/Berlin").text()).contains("Pick a country");
        assertThat(tax(owner, "190", "").text()).contains("A rate goes from 0 to 100 percent, not 190");
        assertThat(owner.post("/begin/goods", "do", "later").response().uri().getPath())
                .as("what is not right yet is asked first")
                .isEqualTo("/begin/shop");

        // another country brings its currency before one goes on
        Answer proposed = shop(owner, "JP", "EUR", "Europe/Berlin");
        assertThat(proposed.text()).contains("Currency, time zone, numbers and language are those of Japan now.");
        assertThat(shop(owner, "JP", "JPY", "Asia/Tokyo").text()).contains("No rates ship for Japan.");
        shop(owner, "CH", "JPY", "Asia/Tokyo");
        assertThat(shop(owner, "CH", "CHF", "Europe/Zurich").field("standard")).isEqualTo("8.1");
        assertThat(shop(owner, "DE", "CHF", "Europe/Berlin").field("standard"))
                .as("what was picked by hand stays")
                .isEqualTo("8.1");
    }
}
