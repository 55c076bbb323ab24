package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.DemoSpring;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The demo shop's goods at the counter, each priced by its card, and what is said of answers that cannot be. */
@ExtendWith(WithApp.class)
class CounterKindsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SHK-8 | | 12 | 82.80",
                "ROPE-12 | a.length=137.5 | 1 | 372.00",
                "SCR-4x40 | | 2500 | 153.50",
                "TRAY-W | | 20 | 74.50",
                "CHN-8 | a.length=3 | 1 | 25.00",
                "CHN-8 | a.length=98.5&u.length=ft | 1 | 208.66",
                "LEAD | pack=25 kg | 3 | 276.00",
                "LEAD | pack=&a.weight=12.5 | 1 | 54.38",
                "COVER | a.length=5.23 m&a.width=211&a.hem=roped&a.fixing=zip | 2 | 722.62",
                "CUSHION | a.length=60&a.width=60&a.height=50&a.foam=closed cell | 1 | 31.13",
                "WINDOW | a.width=445&a.height=399&a.thickness=10 mm | 2 | 162.92",
                "BRASS | a.diameter=20&a.length=1000 | 12 | 417.00",
                "PAINT | a.hull=18.4&a.coats=2 | 1 | 93.80",
                "FLAGS-P | | 3 | 85.00",
                "BRU-1 | | 6 | 79.20",
            })
    void eachOfTheThirteenIsPricedByItsCard(String sku, String answers, String quantity, String total, Http shopper) {
        String query = "?sent=yes&sku=" + sku + "&quantity=" + quantity
                + (answers == null ? "" : "&" + answers.replace(" ", "%20"));
        assertThat(shopper.get("/counter/price" + query).body()).contains("id=\"total\">" + total + "<");
        assertThat(shopper.get("/counter/goods/" + sku + query).body()).contains("id=\"total\">" + total + "<");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "149 | Length is too small: 149 cm was given; it can be 150 to 1,200 cm",
                "1201 | Length is too large: 1,201 cm was given",
                "12.01 m | Length is too large: 12.01 m was given",
                "300.5 | Length does not fit: 300.5 cm was given",
                "1,234 m | Length: 1,234 can be 1.234 or 1234; write the one that is meant",
                "1.234,5 | Length is too large: 1,234.5 cm was given",
                "5 kg | Length is a length, but kg measures a weight",
                "5 mtr | Length: “5 mtr” is not a number",
                "5 m 23 | Length: “5 m 23” is not a number",
                "'' | Length: type a number",
                "1e3 | Length: “1e3” is not a number",
                "<b>5</b> | Length: “&lt;b&gt;5&lt;/b&gt;” is not a number",
                "-200 | Length is too small: -200 cm was given",
                "NaN | Length: “NaN” is not a number",
            })
    void aMeasurementThatCannotBeIsSaidByItsField(String typed, String message, Http shopper) {
        String length = java.net.URLEncoder.encode(typed, java.nio.charset.StandardCharsets.UTF_8);
        Answer answer = shopper.get("/counter/goods/COVER?sent=yes&a.width=211&a.length=" + length);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body()).containsPattern("id=\"error-length\"[^>]*>" + java.util.regex.Pattern.quote(message));
        assertThat(answer.body()).doesNotContain("id=\"total\"").contains("id=\"buy\" disabled");
        shopper.post(
                "/counter/basket/add",
                "sku",
                "COVER",
                "quantity",
                "1",
                "sent",
                "yes",
                "a.length",
                typed,
                "a.width",
                "211");
        assertThat(shopper.get("/counter/basket").text()).contains("Nothing in it yet");
    }

    /** Whoever types into the first field is not told off for the second; whoever clears one, or asks for the price, is told. */
    @Test
    void aFieldNobodyHasComeToIsNoMistakeWhileOneTypes(Http shopper) {
        String typing = "/counter/price?sku=COVER&sent=yes&a.hem=plain&a.fixing=loose&a.length=523&a.width=";
        assertThat(shopper.get("/counter/goods/COVER").body()).contains("name=\"waits\" value=\"length width\"");

        Answer first = shopper.get(typing + "&waits=length+width");
        assertThat(first.body())
                .contains("name=\"waits\" value=\"width\"")
                .doesNotContain("type a number", "id=\"buy\" disabled");
        assertThat(first.text()).contains("Fill in the fields above");

        Answer cleared = shopper.get(typing + "&waits=");
        assertThat(cleared.body()).contains("Width: type a number", "id=\"buy\" disabled");
        assertThat(cleared.text()).contains("something above is missing or cannot be taken");

        Answer wrong = shopper.get(typing.replace("523", "5") + "&waits=width");
        assertThat(wrong.body())
                .contains("Length is too small", "id=\"buy\" disabled", "name=\"waits\" value=\"width\"")
                .doesNotContain("type a number");

        assertThat(shopper.get("/counter/goods/COVER?sent=yes&a.length=523&a.width=&waits=width")
                        .body())
                .contains("Width: type a number");
        assertThat(shopper.get(typing + "&waits=width+width++nothing").status()).isEqualTo(200);
        assertThat(shopper.get(typing + "&waits=" + "w".repeat(5_000)).body()).contains("Width: type a number");
    }

    @Test
    void limitsAndTheLowestPriceAreSaidBeforeAnythingIsTyped(Http shopper) {
        assertThat(shopper.get("/counter/goods/COVER").text())
                .contains("from 21.40 EUR per m²", "150 to 1,200 cm", "Fill in the fields above")
                .doesNotContain("Type a number");
        assertThat(shopper.get("/counter/goods/ROPE-12").text())
                .contains("from 2.40 EUR per m", "the first 20 m 3.10 per m", "what lies over 100 m 2.40 per m");
        assertThat(shopper.get("/counter/goods/LEAD").text())
                .contains("5 kg 21.00 4.20 per kg", "25 kg 92.00 3.68 per kg", "Any amount 4.35 per kg");
        assertThat(shopper.get("/counter/goods/FLAGS-C").text())
                .contains("save up to 16.7 %", "Two sets 62.00 31.00 each You save 6.00");
        assertThat(shopper.get("/counter").text())
                .contains("Boat cover, made to measure from 21.40 per m²", "Berth cushion 9.37 at the smallest size")
                .doesNotContain("no price yet");
    }

    @Test
    void aLittleMoreIsSaidInWhatIsMeasured(Http shopper) {
        assertThat(shopper.get("/counter/price?sku=ROPE-12&sent=yes&quantity=1&a.length=37.5")
                        .text())
                .contains("62.5 m more and each further m costs 2.40");
        assertThat(shopper.get("/counter/price?sku=CHN-8&sent=yes&quantity=1&a.length=30")
                        .text())
                .contains("weighs 42.0 kg", "6.95 per m");
    }

    @Test
    void thePlannedPriceCountsFromItsDay(Http shopper) {
        shopper.get("/counter");
        shopper.post("/counter/as", "group", "", "day", DemoSpring.YEAR + "-02-28");
        assertThat(shopper.get("/counter/price?sku=PAINT&sent=yes&quantity=1&a.hull=18.4&a.coats=2")
                        .body())
                .contains("id=\"total\">93.80<");
        shopper.post("/counter/as", "group", "", "day", DemoSpring.YEAR + "-03-01");
        assertThat(shopper.get("/counter/price?sku=PAINT&sent=yes&quantity=1&a.hull=18.4&a.coats=2")
                        .body())
                .contains("id=\"total\">97.00<");
        shopper.post("/counter/as", "group", "Crew club", "day", "");
        assertThat(shopper.get("/counter/price?sku=ROPE-12&sent=yes&quantity=1&a.length=40")
                        .body())
                .contains("id=\"total\">104.00<");
    }

    @Test
    void equalAnswersMakeOneLineAndOthersAnother(Http shopper) {
        shopper.get("/counter/goods/ROPE-12");
        for (String length : List.of("20", "20", "25", "20.0")) {
            shopper.post("/counter/basket/add", "sku", "ROPE-12", "quantity", "1", "sent", "yes", "a.length", length);
        }
        Answer basket = shopper.get("/counter/basket");
        assertThat(basket.text()).contains("Length 20 m", "Length 25 m");
        assertThat(basket.body().split("name=\"quantity\"", -1)).hasSize(4);
        assertThat(basket.body()).contains("id=\"basket-total\">261.75<");
    }

    @Test
    void whatIsNotAskedIsNotKept(App app, Http shopper) {
        shopper.get("/counter/goods/LEAD");
        shopper.post(
                "/counter/basket/add",
                "sku",
                "LEAD",
                "quantity",
                "2",
                "sent",
                "yes",
                "pack",
                "10 kg",
                "a.weight",
                "7",
                "a.nonsense",
                "x",
                "u.nonsense",
                "y".repeat(5000));
        assertThat(shopper.get("/counter/basket").text())
                .contains("Pack 10 kg", "79.00")
                .doesNotContain("Weight");
        assertThat(app.sql()
                        .sql("select answers from basket_line")
                        .query(String.class)
                        .single())
                .isEqualTo("{}");
    }

    @Test
    void theOrderKeepsAnswersAndTheCardsVersion(App app, Http shopper, Http owner) {
        shopper.get("/counter/goods/COVER");
        shopper.post(
                "/counter/basket/add",
                "sku",
                "COVER",
                "quantity",
                "2",
                "sent",
                "yes",
                "a.length",
                "523",
                "a.width",
                "211",
                "a.hem",
                "roped",
                "a.fixing",
                "zip");
        Answer form = shopper.get("/counter/checkout");
        assertThat(form.text()).contains("Length 523 cm · Width 211 cm · Hem roped · Fixing zip");
        Answer receipt = Buying.pay(shopper, form);
        assertThat(receipt.text()).contains("Thank you", "Length 523 cm", "722.62");
        String number = app.sql()
                .sql("select number from shop_order")
                .query(String.class)
                .single();
        assertThat(owner.signIn("maren").get("/orders/" + number).text())
                .contains("Length 523 cm", "priced by the card “ Boat covers by area ”", "version 1", "Fixing: zip");
    }
}
