package dev.steelyard.web.shop.settings;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(WithApp.class)
class SettingsTest {

    /** The form as the page showed it, with some fields changed. */
    private static Answer save(Http owner, Answer page, String... changed) {
        List<String> form = new ArrayList<>(List.of("seen", page.field("seen"), "home", "DE", "group", "Boatyard"));
        form.addAll(List.of("rate.DE.1", "19", "rate.DE.2", "7", "rate.IE.1", "23"));
        form.addAll(List.of(changed));
        return owner.post("/shop/tax", form.toArray(String[]::new));
    }

    private static Answer basket(App app) {
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        return shopper.get("/counter/basket");
    }

    @Test
    void taxIsAddedOrContainedAsTheOwnerSays(App app, Http owner) {
        assertThat(basket(app).text()).contains("19 % tax contained in 30.00 4.79");
        Answer page = owner.signIn("maren").get("/shop/tax");
        assertThat(owner.get("/shop").text()).contains("Saltmarsh Chandlery, prices in EUR");
        Answer shown = save(owner, page, "included", "no", "per", "line", "new", "FR", "rate.new.1", "20");
        assertThat(shown.text())
                .contains("Not saved yet. Prices would be without tax from now on")
                .containsPattern("Deck brush, BRU-1 15.00 17.85")
                .contains("open now: a basket with 1 line 30.00 35.70");
        assertThat(basket(app).text()).as("nothing is changed yet").contains("19 % tax contained");
        Answer saved =
                save(owner, page, "included", "no", "per", "line", "new", "FR", "rate.new.1", "20", "compared", "yes");
        assertThat(saved.text()).contains("Saved. It counts from now on.");
        assertThat(saved.field("rate.FR.1")).isEqualTo("20");
        assertThat(basket(app).text()).contains("19 % tax on 30.00 5.70").contains("To pay, EUR 35.70");
        assertThat(owner.get("/history?subject=tax").text())
                .contains("Maren changed the tax of Saltmarsh Chandlery")
                .contains("prices: with tax → without tax")
                .contains("AT, Standard: taken off (was 20 %)");
        save(owner, saved, "included", "no", "per", "line", "rate.FR.1", "20", "group", "Sailing school");
        assertThat(owner.get("/history?subject=tax").text())
                .contains("shown without tax to: Boatyard → Boatyard, Sailing school");
    }

    @Test
    void whoeverIsSlowerIsToldAndNothingIsOverwritten(App app, Http owner, Http other) {
        Answer page = owner.signIn("maren").get("/shop/tax");
        Answer theirs = other.signIn("jonas").get("/shop/tax");
        save(other, theirs, "per", "line");
        Answer late = save(owner, page, "rate.NL.1", "21");
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text()).contains("Somebody else has changed the tax meanwhile.");
        assertThat(late.field("rate.NL.1")).isEqualTo("21");
        assertThat(save(owner, late, "rate.NL.1", "21").text()).contains("Saved.");
    }

    @ParameterizedTest
    @CsvSource({
        "rate.DE.1, '19,500', '19,500 can be 19.500 or 19500'",
        "rate.DE.1, 101, A rate goes from 0 to 100 percent",
        "rate.DE.1, -1, A rate goes from 0 to 100 percent",
        "rate.DE.1, 5.1234, at most 3 decimals",
        "rate.DE.1, abc, is not a number",
        "new, XX, is no country",
        "home, '', Pick the country",
    })
    void whatCannotBeReadIsSaidByItsFieldAndKept(String field, String typed, String words, Http owner) {
        Answer page = owner.signIn("maren").get("/shop/tax");
        Answer wrong = owner.post(
                "/shop/tax",
                "seen",
                page.field("seen"),
                "home",
                field.equals("home") ? typed : "DE",
                "rate.DE.2",
                "7",
                field,
                typed);
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text()).contains(words);
        if (field.startsWith("rate")) {
            assertThat(wrong.field(field)).isEqualTo(typed);
        }
    }

    @Test
    void withNoRateAtAllNoTaxIsReckoned(App app, Http owner) {
        Answer page = owner.signIn("maren").get("/shop/tax");
        owner.post("/shop/tax", "seen", page.field("seen"), "home", "DE");
        assertThat(basket(app).text()).doesNotContain("% tax").contains("To pay, EUR 30.00");
    }

    @Test
    void aCurrencyStaysOnceSomethingSpeaksOfIt(App app, Http owner) {
        Answer page = owner.signIn("maren").get("/shop");
        Answer refused = place(owner, page, "JPY", "Europe/Berlin", "0");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("It stays EUR: there are rate cards or deals that speak of it");
        assertThat(place(owner, page, "EUR", "Mars/Olympus", "7").text())
                .contains("Pick a time zone")
                .contains("“7” is not from 0 to 6");
        assertThat(place(owner, page, "EUR", "Asia/Tokyo", "3").text()).contains("Saved.");
        assertThat(owner.get("/history?subject=shop").text()).contains("time zone: Europe/Berlin → Asia/Tokyo");
        assertThat(place(owner, page, "EUR", "Europe/Paris", "3").text()).contains("Somebody else has changed this");

        DemoCards.takeAway(app);
        assertThat(place(owner, owner.get("/shop"), "KWD", "Asia/Tokyo", "3").text())
                .contains("prices in KWD");
        assertThat(basket(app).text()).contains("To pay, KWD 30.000");
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
        assertThat(Buying.pay(shopper, shopper.get("/counter/checkout")).text()).contains("KWD 15.000");
        assertThat(place(owner, owner.get("/shop"), "EUR", "Asia/Tokyo", "2").text())
                .contains("It stays KWD: something was sold in it");
    }

    private static Answer place(Http owner, Answer page, String currency, String zone, String decimals) {
        return owner.post(
                "/shop/place",
                "seenPlace",
                page.field("seenPlace"),
                "currency",
                currency,
                "zone",
                zone,
                "decimals",
                decimals);
    }

    /** Every setting can be gone back to: its form stands as it was, to be looked at and saved. */
    @Test
    void settingsAreGoneBackToFromHistory(Http owner) {
        owner.signIn("maren");
        save(owner, owner.get("/shop/tax"), "rate.DE.1", "21");
        Answer tax = owner.get(owner.get("/history?subject=tax").link("as it was before"));
        assertThat(tax.text()).contains("Not saved: this is how it was before");
        assertThat(tax.field("rate.DE.1")).isEqualTo("19");
        assertThat(save(owner, tax, "rate.DE.1", "19").text()).contains("Saved.");

        owner.post("/shop/counter", "decimalComma", "true", "beAnother", "true");
        Answer work = owner.get(owner.get("/history?subject=shop").link("as it was before"));
        assertThat(work.body())
                .containsPattern("name=\"decimalComma\" value=\"false\" checked")
                .containsPattern("name=\"decimalComma\" value=\"true\">");
    }
}
