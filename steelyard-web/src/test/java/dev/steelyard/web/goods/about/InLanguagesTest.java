package dev.steelyard.web.goods.about;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What owners write of goods and categories for shoppers of other languages. */
@ExtendWith(WithApp.class)
class InLanguagesTest {

    private Http http = new Http("");

    @BeforeEach
    void signIn(App app) {
        http = new Http(app.url()).signIn("maren");
    }

    @Test
    void whatIsMissingIsShownAndWhatIsWrittenIsReadAtOnce(Http shopper) {
        assertThat(http.get("/goods/13/languages").text()).contains("Deck brush", "Deutsch", "Français");
        Http.Answer saved = http.post("/goods/13/languages", "seen.name.0.de", "Deckbürste", "name.0.de", "Schrubber");
        assertThat(saved.text()).contains("Saved");
        assertThat(shopper.get("/counter/goods/BRU-1?lang=de").text()).contains("Schrubber");
        assertThat(http.get("/history").text()).contains("Deck brush").contains("Schrubber");
        http.post("/goods/13/languages", "seen.name.0.de", "Schrubber", "name.0.de", "");
        assertThat(http.get("/goods/13/languages").body()).contains("class=\"missing\"");
        assertThat(shopper.get("/counter/goods/BRU-1").text()).contains("Deck brush");
    }

    @Test
    void twoWhoWriteDifferentTextsBothDoAndOneTextIsAskedAbout(Http other) {
        other.signIn("jonas");
        http.post("/goods/13/languages", "seen.name.0.de", "Deckbürste", "name.0.de", "Schrubber");
        other.post(
                "/goods/13/languages",
                "seen.name.0.de",
                "Deckbürste",
                "name.0.de",
                "Deckbürste",
                "seen.name.0.fr",
                "Brosse de pont",
                "name.0.fr",
                "Balai");
        assertThat(http.get("/goods/13/languages").body()).contains("Schrubber").contains("Balai");
        Http.Answer late = other.post("/goods/13/languages", "seen.name.0.de", "Deckbürste", "name.0.de", "Besen");
        assertThat(late.status()).isEqualTo(422);
        assertThat(late.text()).contains("Somebody else has written “Schrubber” here meanwhile");
        assertThat(late.body()).contains("value=\"Besen\"");
    }

    @Test
    void aNameThatIsTooLongIsRefusedByItsField() {
        Http.Answer refused =
                http.post("/goods/13/languages", "seen.name.0.de", "Deckbürste", "name.0.de", "x".repeat(201));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("At most 200 characters; these are 201");
        assertThat(http.get("/goods/9999/languages").status()).isEqualTo(404);
    }

    @Test
    void categoriesAreCalledOtherwiseToo(Http shopper) {
        http.post("/goods/shelves/languages", "seen.name.2.de", "Beschläge", "name.2.de", "Eisenwaren");
        assertThat(shopper.get("/counter?lang=de").text())
                .contains("Eisenwaren")
                .doesNotContain("Beschläge");
    }

    /** A shop that turns a language off keeps what is written in it. */
    @Test
    void languagesAreTurnedOnAndOffAtTheShop(App app, Http shopper) {
        http.post("/shop/counter", "language", "en", "languages", "de", "counterOpen", "true", "beAnother", "true");
        assertThat(shopper.get("/counter?lang=fr").body()).contains("<html lang=\"en\"");
        assertThat(shopper.get("/counter?lang=de").body()).contains("<html lang=\"de\"");
        assertThat(http.get("/history").text()).contains("shoppers read");
        http.post("/shop/counter", "language", "de", "languages", "en", "languages", "fr", "counterOpen", "true");
        assertThat(app.sql()
                        .sql("select languages from shop")
                        .query(String.class)
                        .single())
                .isEqualTo("de,en,fr");
        assertThat(http.get("/goods/13/languages").text()).contains("In Deutsch");
    }
}
