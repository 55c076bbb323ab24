package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(WithApp.class)
class DealsAtTheCounterTest {

    private static Answer basket(Http shopper, String... skusAndQuantities) {
        shopper.get("/counter");
        for (int i = 0; i < skusAndQuantities.length; i += 2) {
            shopper.post("/counter/basket/add", "sku", skusAndQuantities[i], "quantity", skusAndQuantities[i + 1]);
        }
        return shopper.get("/counter/basket");
    }

    private static Answer code(Http shopper, String code) {
        return shopper.post("/counter/basket/code", "code", code);
    }

    @Test
    void theBasketSaysWhatCountsAndWhatItSaves(App app, Http shopper) {
        DemoDeals.putBack(app);
        assertThat(basket(shopper, "SHK-8", "6").text())
                .contains("Goods 44.40")
                .contains("Mix your hardware 6 pieces reach “from 6”: 0.40 off each, on 44.40 −2.40")
                .contains("19 % tax contained in 42.00 6.71")
                .contains("To pay, EUR 42.00");
    }

    /** Every button that is offered does what it says. */
    @Test
    void whatWouldUnlockTheNextIsOneClickAway(App app, Http shopper) {
        DemoDeals.putBack(app);
        Answer before = basket(shopper, "SHK-8", "5");
        assertThat(before.text())
                .contains("One more of Deck brush, Bow shackle or Wood screws by the tray for 0.40 off each")
                .contains("Add 1 more × Bow shackle, 8 mm")
                .contains("you pay 5.00 more in all");
        String hint = before.body().substring(before.body().indexOf("class=\"hint\""));
        Matcher line = Pattern.compile("name=\"line\" value=\"(\\d+)\"").matcher(hint);
        Matcher quantity = Pattern.compile("name=\"quantity\" value=\"(\\d+)\"").matcher(hint);
        assertThat(line.find() && quantity.find()).isTrue();
        Answer after = shopper.post("/counter/basket/quantity", "line", line.group(1), "quantity", quantity.group(1));
        assertThat(after.text()).contains("Mix your hardware 6 pieces reach").contains("To pay, EUR 42.00");
    }

    @Test
    void aPieceThatWouldBeGivenIsOffered(App app, Http owner, Http shopper) {
        DemoDeals.putBack(app, "Brush with a cover");
        shopper.get("/counter");
        shopper.post(
                "/counter/basket/add",
                "sku",
                "COVER",
                "quantity",
                "1",
                "a.length",
                "400",
                "a.width",
                "200",
                "a.fixing",
                "loose",
                "a.hem",
                "plain",
                "a.eyelets",
                "none");
        Answer page = shopper.get("/counter/basket");
        assertThat(page.text())
                .contains("Add one of Deck brush: it is at half price")
                .contains("Add 1 × Deck brush")
                .contains("you pay 7.50 more in all");
        assertThat(basket(shopper, "BRU-1", "1").text())
                .contains("A deck brush at half price with each boat cover 1 × Deck brush at 15.00")
                .contains("−7.50");
    }

    @Test
    void aCodeIsAnsweredWithAClearYesOrNo(App app, Http shopper) {
        DemoDeals.putBack(app);
        basket(shopper, "BRU-1", "2");
        Answer no = code(shopper, "SUMMER");
        assertThat(no.status()).isEqualTo(422);
        assertThat(no.text()).contains("No: “SUMMER” is not a code of this shop");
        assertThat(no.field("code")).isEqualTo("SUMMER");
        assertThat(code(shopper, "  keel-tide-26 ").text())
                .contains("✓ KEEL-TIDE-26 Keel code, 7.50 off")
                .contains("To pay, EUR 22.50");
        shopper.post("/counter/basket/code/take-out", "code", "KEEL-TIDE-26");
        assertThat(shopper.get("/counter/basket").text()).contains("To pay, EUR 30.00");
        basket(shopper);
        code(shopper, "KEEL-TIDE-26");
        String line = shopper.get("/counter/basket").field("line");
        assertThat(shopper.post("/counter/basket/quantity", "line", line, "quantity", "1")
                        .text())
                .contains("KEEL-TIDE-26 does not count: 15.00 more needed for “from 30.00”");
    }

    @Test
    void badCodesAreRefusedInWordsAndBounded(App app, Http shopper) {
        DemoDeals.putBack(app);
        basket(shopper, "BRU-1", "2");
        assertThat(code(shopper, "x".repeat(10_000)).text())
                .contains("A code has at most 40 characters; this one has 10,000");
        assertThat(code(shopper, "   ").text()).contains("Type a code");
        assertThat(code(shopper, "'\" or 1=1 --<b>").text()).contains("is not a code of this shop");
        assertThat(shopper.get("/counter/basket").body()).doesNotContain("--<b>");
        for (int i = 0; i < 9; i++) {
            assertThat(code(shopper, "GUESS" + i).text()).contains("is not a code of this shop");
        }
        assertThat(code(shopper, "GUESS9").text()).contains("Too many wrong codes. Try again after");
        assertThat(code(shopper, "KEEL-TIDE-26").text())
                .as("nor is a right one told apart then")
                .contains("Too many wrong codes. Try again after");
    }

    @Test
    void countryAndPaymentChangeTheTotalsAtOnce(App app, Http shopper) {
        DemoDeals.putBack(app);
        basket(shopper, "BRU-1", "2", "FLAGS-C", "1");
        Answer home = shopper.get("/counter/basket");
        assertThat(home.text()).contains("7 % tax contained in").contains("19 % tax contained in 30.00 4.79");
        Answer france = shopper.background("/counter/basket/choose", "country", "FR", "payment", "bank transfer");
        assertThat(france.text())
                .contains("For paying by bank transfer")
                .contains("20 % tax contained in 29.40 4.90")
                .contains("5.5 % tax");
        Answer ireland = shopper.background("/counter/basket/choose", "country", "IE", "payment", "card");
        assertThat(ireland.text())
                .contains("Signal flag set, cotton is not sold to Ireland.")
                .doesNotContain("To the checkout");
        assertThat(shopper.background("/counter/basket/choose", "country", "", "payment", "invoice")
                        .text())
                .contains("For paying by invoice")
                .contains("1.5 % added");
    }

    @Test
    void tradeGroupsSeeLinesWithoutTax(App app, Http shopper) {
        basket(shopper, "BRU-1", "2");
        shopper.post("/counter/as", "group", "Boatyard");
        assertThat(shopper.get("/counter/basket").text())
                .contains("Total, without tax")
                .contains("12.61 25.21")
                .contains("Without tax 25.21")
                .contains("To pay, EUR 30.00");
    }

    @Test
    void theBetterOfTwoWaysIsUsedAndTheOtherSaysSo(App app, Http shopper) {
        DemoDeals.putBack(app);
        basket(shopper, "SHK-8", "6", "BRU-1", "1");
        shopper.post("/counter/as", "group", "Crew club");
        assertThat(shopper.get("/counter/basket").text())
                .contains("Crew club day")
                .contains("−5.35")
                .contains("Mix your hardware: Crew club day take off 5.35, this alone 2.80");
    }

    @Test
    void aDealThatChangesBeforeThePaymentIsToldAndAskedNotCharged(App app, Http shopper) {
        DemoDeals.putBack(app);
        basket(shopper, "SHK-8", "6");
        Answer form = shopper.get("/counter/checkout");
        app.sql()
                .sql(
                        "update draft set paused_at = utc_timestamp(), paused_by = 'Maren' where name = 'Mix your hardware'")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        Answer asked = Buying.pay(shopper, form);
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.text())
                .contains("Mix your hardware, −2.40 no longer counts")
                .contains("Order and pay 44.40");
        assertThat(Buying.pay(shopper, asked).text()).contains("Thank you").contains("44.40");
    }

    @Test
    void aFirstOrderIsKnownByTheBasketItComesFrom(App app, Http shopper) {
        app.sql()
                .sql("update draft_version v join draft d on d.id = v.draft_id set document = json_set(document,"
                        + " '$.card.firstOrder', true) where d.name = 'Transfer bonus'")
                .update();
        DemoDeals.putBack(app, "Transfer bonus");
        basket(shopper, "BRU-1", "2");
        assertThat(shopper.background("/counter/basket/choose", "payment", "bank transfer")
                        .text())
                .contains("For paying by bank transfer");
        Answer form = shopper.get("/counter/checkout");
        Answer receipt = shopper.post(
                "/counter/checkout",
                "key",
                form.field("key"),
                "seen",
                form.field("seen"),
                "name",
                "Ada Quill",
                "email",
                "ada@example.org",
                "payment",
                "bank transfer");
        assertThat(receipt.text()).contains("to be paid by bank transfer").contains("To pay , EUR 29.40");
        assertThat(basket(shopper, "BRU-1", "2").text()).doesNotContain("For paying by bank transfer");
    }

    @Test
    void goodsThatVanishLeaveTheRestDealtWith(App app, Http shopper) {
        DemoDeals.putBack(app);
        basket(shopper, "SHK-8", "6", "BRU-1", "1");
        app.sql()
                .sql("update product set removed_at = utc_timestamp() where sku = 'BRU-1'")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();
        assertThat(shopper.get("/counter/basket").text())
                .contains("This is no longer sold.")
                .contains("6 pieces reach “from 6”: 0.40 off each, on 44.40")
                .contains("Something in the basket cannot be ordered; take it out first.");
        assertThat(Buying.pay(shopper, shopper.get("/counter/checkout")).status())
                .isEqualTo(409);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1000000", "999999"})
    void quantitiesAtTheLimitsHaveATotal(String quantity, App app, Http shopper) {
        DemoDeals.putBack(app);
        assertThat(basket(shopper, "SHK-8", quantity).text())
                .contains("Mix your hardware")
                .contains("To the checkout");
    }

    @Test
    void aBasketOfAThousandLinesIsShown(App app, Http shopper) {
        DemoDeals.putBack(app);
        basket(shopper, "BRU-1", "1");
        long id = app.sql().sql("select id from basket").query(Long.class).single();
        app.sql()
                .sql("insert into basket_line (id, basket_id, sku, name, quantity, answers, pack, variants, line_key)"
                        + " select 1000000 + seq, ?, 'ROPE-12', 'Rope', 1, concat('{\"a.length\":\"', 1 + seq mod 199,"
                        + " '\",\"u.length\":\"m\"}'), '', '[]', sha2(seq, 256) from seq_1_to_999")
                .param(id)
                .update();
        Answer page = shopper.get("/counter/basket");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.text()).contains("Rope and chain days").contains("To the checkout");
        assertThat(Buying.pay(shopper, shopper.get("/counter/checkout")).text()).contains("Thank you");
        assertThat(app.sql()
                        .sql("select count(*) from order_line")
                        .query(Long.class)
                        .single())
                .isEqualTo(1000);
    }
}
