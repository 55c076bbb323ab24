package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Which language a shopper reads, and what of a shop is there in it. */
@ExtendWith(WithApp.class)
class ShopperLanguagesTest {

    @Test
    void thePageSaysWhichLanguagesThereAre(Http shopper) {
        assertThat(shopper.get("/counter/goods/BRU-1?quantity=6").body())
                .contains("<html lang=\"en\"")
                .contains("hreflang=\"de\"")
                .contains("/counter/goods/BRU-1?quantity=6&amp;lang=de");
    }

    @Test
    void whatIsPickedHoldsAndAnythingElseIsTheShopsOwn(Http shopper) {
        assertThat(shopper.get("/counter?lang=nl").body()).contains("<html lang=\"nl\"");
        assertThat(shopper.get("/counter/basket").text()).contains("Winkelwagen", "Er zit nog niets in.");
        assertThat(shopper.get("/counter?lang=xx").body()).contains("<html lang=\"nl\"");
        assertThat(shopper.get("/counter/goods/NOPE?lang=en").text()).contains("not sold here");
    }

    @Test
    void theBrowserIsAskedWhereNothingIsPicked(Http shopper) {
        assertThat(shopper.reads("es, fr-CA;q=0.8, de;q=0.7").get("/counter").body())
                .contains("<html lang=\"fr\"");
        shopper.get("/counter?lang=nl");
        assertThat(shopper.get("/counter").body()).contains("<html lang=\"nl\"");
    }

    @Test
    void whatIsNotThereIsSaidInTheShoppersLanguage(Http shopper) {
        shopper.get("/counter?lang=de");
        for (String path : List.of("/counter/goods/NONE", "/counter/orders/99", "/counter/none")) {
            Answer answer = shopper.get(path);
            assertThat(answer.status()).isEqualTo(404);
            assertThat(answer.body()).contains("<html lang=\"de\"").doesNotContain("To the goods");
            assertThat(answer.text()).contains("Zurück zu den Waren");
        }
        assertThat(shopper.get("/counter/none").text()).contains("Diese Adresse führt nirgendwohin.");
        Answer forged = new Http(shopper.get("/counter")
                        .response()
                        .uri()
                        .resolve("/")
                        .toString()
                        .replaceAll("/$", ""))
                .reads("fr")
                .post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
        assertThat(forged.status()).isEqualTo(403);
        assertThat(forged.text()).contains("La page est restée ouverte trop longtemps");
    }

    @Test
    void aLanguageThatIsNotTurnedOnIsNotRead(App app, Http shopper) {
        app.sql().sql("update shop set languages = 'en'").update();
        renewed(app);
        assertThat(shopper.get("/counter?lang=de").body())
                .contains("<html lang=\"en\"")
                .doesNotContain("hreflang");
    }

    @Test
    void aShopOfAnotherLanguageIsReadInThat(App app, Http shopper) {
        app.sql().sql("update shop set languages = 'fr,en'").update();
        renewed(app);
        assertThat(shopper.get("/counter").body()).contains("<html lang=\"fr\"").contains("Tous les articles");
        assertThat(shopper.get("/counter/price?sku=ROPE-12&sent=yes&quantity=1&a.length=137,5")
                        .text())
                .contains("372,00");
    }

    /** 1.234 is a thousand and more where a comma is the decimal sign. */
    @Test
    void numbersAreReadAsTheLanguageWritesThem(Http shopper) {
        shopper.get("/counter?lang=de");
        assertThat(length(shopper, "1.000").body())
                .contains("1.000 kann 1000 oder 1,000 heißen")
                .contains("name=\"a.length\" value=\"1.000\"")
                .doesNotContain("class=\"piece\"");
        assertThat(length(shopper, "500,5").body()).contains("Ein Stück von 500,5 cm mal 211 cm");
        assertThat(length(shopper, "10,5 m").body()).contains("Ein Stück von 10,5 m mal 211 cm", "22,155 m²");
        shopper.get("/counter?lang=en");
        assertThat(length(shopper, "1,000").text()).contains("1,000 can be 1.000 or 1000");
    }

    @Test
    void piecesAreReadAsTheLanguageWritesThem(Http shopper) {
        shopper.get("/counter?lang=de");
        String screws = "/counter/price?sku=SCR-4x40&sent=yes&quantity=";
        assertThat(shopper.get(screws + "2,5").text()).contains("2,5 ist keine ganze Zahl");
        assertThat(shopper.get(screws + "1.000").text()).contains("1.000 kann 1000 oder 1,000 heißen");
        assertThat(shopper.get(screws + "2,00").text()).contains("0,18 EUR");
        assertThat(shopper.get(screws + "5%E2%82%AC").text()).contains("„5€“ ist keine Zahl");
        assertThat(shopper.get("/counter/price?sku=SCR-4x40&sent=yes&quantity=2.5&lang=en")
                        .text())
                .contains("2.5 is not a whole number");
    }

    @Test
    void aReceiptNamesTheWayToPayAsTheLanguageDoes(Http shopper) {
        shopper.get("/counter?lang=de");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
        Answer receipt = Buying.order(shopper, shopper.get("/counter/checkout"), "bank transfer", "");
        assertThat(receipt.text()).contains("zu zahlen per Überweisung").doesNotContain("bank transfer");
    }

    private static Answer length(Http shopper, String typed) {
        return shopper.get(
                "/counter/price?sku=COVER&sent=yes&quantity=1&a.width=211&a.hem=plain&a.fixing=loose&a.length="
                        + java.net.URLEncoder.encode(typed, java.nio.charset.StandardCharsets.UTF_8));
    }

    @Test
    void whatTheOwnerHasNotWrittenIsReadInTheShopsOwn(App app, Http shopper) {
        app.sql().sql("delete from goods_wording where language = 'nl'").update();
        renewed(app);
        assertThat(shopper.get("/counter/goods/COVER?lang=nl").text())
                .contains("Boat cover, made to measure", "Lengte", "Zoom");
    }

    private static void renewed(App app) {
        app.sql().sql("update shop set revision = revision + 1").update();
        app.sql()
                .sql("update product set revision = (select revision from shop)")
                .update();
        app.bean(Books.class).refresh();
    }
}
