package dev.steelyard.web.selling.payment;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The ways to pay: on or off, for some countries or groups, and the shop's own. */
@ExtendWith(WithApp.class)
class PaymentWaysTest {

    private Http owner;
    private Http shopper;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.owner = owner.signIn("maren");
        this.shopper = new Http(app.url());
        shopper.get("/counter/goods/BRU-1");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
    }

    private Answer change(String label, String... more) {
        String[] all = new String[more.length + 4];
        System.arraycopy(new String[] {"do", "change", "label", label}, 0, all, 0, 4);
        System.arraycopy(more, 0, all, 4, more.length);
        return owner.post("/shop/payments", all);
    }

    @Test
    void oneThatIsOffIsNotOfferedAndNotTaken() {
        change("invoice", "title", "Invoice");
        Answer checkout = shopper.get("/counter/checkout");
        assertThat(checkout.body()).doesNotContain("value=\"invoice\"").contains("value=\"bank transfer\"");

        Answer refused = shopper.post(
                "/counter/checkout",
                "key",
                checkout.field("key"),
                "seen",
                checkout.field("seen"),
                "name",
                "Ada Quill",
                "email",
                "ada@example.org",
                "payment",
                "invoice");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("“invoice” is not offered for this order; pick another way");
        assertThat(owner.get("/history?subject=shop").text()).contains("the way to pay “Invoice”");
    }

    @Test
    void oneIsForSomeCountriesAndGroupsOnly() {
        change("bank transfer", "title", "Bank transfer", "on", "true", "countries", "France, AT");
        assertThat(shopper.get("/counter/checkout").body()).doesNotContain("value=\"bank transfer\"");
        shopper.post("/counter/basket/choose", "country", "AT");
        assertThat(shopper.get("/counter/checkout").body()).contains("value=\"bank transfer\"");

        change("invoice", "title", "Invoice", "on", "true", "group", "Boatyard");
        assertThat(shopper.get("/counter/checkout").body()).doesNotContain("value=\"invoice\"");
        assertThat(change("invoice", "title", "Invoice", "on", "true", "countries", "Atlantis")
                        .text())
                .contains("There is no country “Atlantis”");
    }

    @Test
    void ownOnesComeByNameAndGoUnlessADealGoesByThem() {
        owner.post("/shop/payments", "do", "add", "title", "Cash on delivery");
        Answer checkout = shopper.get("/counter/checkout");
        assertThat(checkout.body()).contains("value=\"cash on delivery\"");
        Answer placed = shopper.post(
                "/counter/checkout",
                "key",
                checkout.field("key"),
                "seen",
                checkout.field("seen"),
                "name",
                "Ada Quill",
                "email",
                "ada@example.org",
                "payment",
                "cash on delivery");
        assertThat(placed.text()).contains("Ada Quill").containsIgnoringCase("cash on delivery");

        assertThat(owner.post("/shop/payments", "do", "remove", "label", "cash on delivery")
                        .body())
                .doesNotContain("Take Cash on delivery away");
        assertThat(owner.post("/shop/payments", "do", "remove", "label", "card").body())
                .contains("Save Card");
    }

    @Test
    void theLastOneStaysOn() {
        change("invoice", "title", "Invoice");
        change("bank transfer", "title", "Bank transfer");
        assertThat(change("card", "title", "Card").text()).contains("This is the last way to pay");
    }
}
