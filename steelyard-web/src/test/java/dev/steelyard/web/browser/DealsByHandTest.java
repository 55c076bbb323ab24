package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each kind of deal made by hand, put live, and counted in a paid order. */
@ExtendWith(WithApp.class)
class DealsByHandTest {

    private Page owner;
    private Page shopper;

    @BeforeEach
    void signIn(BrowserContext owners, BrowserContext shoppers) {
        owner = owners.newPage();
        shopper = shoppers.newPage();
        OwnerSteps.signIn(owner, "maren");
    }

    private void puts(String sku, String quantity) {
        Shopping.at(shopper, sku).quantity(quantity);
        shopper.click("#buy");
        shopper.waitForURL("**/counter/basket");
    }

    /** Pays what is in the basket; the owner's order page has the deal with what it saved. */
    private void pays(String total, String deal, String saved) {
        assertThat(shopper.locator("#basket-total")).hasText(total);
        shopper.getByText("To the checkout").click();
        shopper.fill("#name", "Ada Quill");
        shopper.fill("#email", "ada@example.org");
        if (shopper.locator("#card").count() > 0) {
            shopper.fill("#card", "5000 1111 2222 3331");
        }
        shopper.click("#checkout .buy");
        assertThat(shopper.locator("h1")).hasText("Thank you, Ada Quill");
        assertThat(shopper.locator(".totals .sum .big-figure")).hasText(total);
        String number = shopper.locator("#order-number").textContent();
        owner.navigate("/orders/" + number);
        Locator row = owner.locator("#sums .deal").filter(new Locator.FilterOptions().setHasText(deal));
        assertThat(row.locator("td")).hasText(saved);
        assertThat(owner.locator("#sums .sum td")).hasText(total);
    }

    @Test
    void spendMorePayLess() {
        DealHands.begin(owner, "spend", "category:Hardware")
                .type("/rows/0/from", "40")
                .type("/rows/0/value", "5")
                .type("/rows/1/from", "100")
                .says("Spend 40 or more on Hardware: 5 % off; from 100: 8 % off.")
                .tries(0, "SHK-8", "6")
                .triesNot(1)
                .comesTo("42.18")
                .live();
        puts("SHK-8", "5");
        assertThat(shopper.locator(".hint")).containsText("Add 3.00 of Hardware for 5 % off");
        shopper.locator(".hint button").click();
        assertThat(shopper.locator(".totals .deal")).containsText("44.40 reaches “from 40.00”: 5 % off");
        pays("42.18", "Spend more, pay less: Hardware", "−2.22");
    }

    @Test
    void mixPiecesWithTheBeam() {
        DealHands hands = DealHands.begin(owner, "pieces", "SHK", "BRU-1")
                .tries(0, "SHK-8", "4")
                .tries(1, "BRU-1", "2");
        hands.comesTo("57.20");
        Locator weight = owner.locator("[id='weight-/rows/0']");
        weight.focus();
        owner.keyboard().press("ArrowUp"); // hung higher, it takes off less
        assertThat(owner.locator("[name='/rows/0/value']")).hasValue("0.39");
        owner.keyboard().press("ArrowDown");
        weight.blur();
        hands.comesTo("57.20").live();
        puts("SHK-8", "4");
        puts("BRU-1", "2");
        pays("57.20", "Mix pieces: Bow shackle, Deck brush", "−2.40");
    }

    @Test
    void trySeveral() {
        DealHands.begin(owner, "variety")
                .type("/rows/0/from", "2")
                .says("Take 2 or more different products: 4 % off; from 5: 7 % off.")
                .live();
        puts("SHK-8", "2");
        assertThat(shopper.locator(".hint")).containsText("One more different product for 4 % off");
        shopper.locator(".hint button").click();
        assertThat(shopper.locator(".totals .deal")).containsText("2 different products reach “from 2”");
        puts("BRU-1", "1");
        pays("28.69", "Try several: Everything", "−1.20");
    }

    @Test
    void buySomeGetSome() {
        DealHands.begin(owner, "buy-and-get", "SHK")
                .type("#/atMost", "1")
                .says("For every 2 bought of Bow shackle, 1 more is free, at most 1 time.")
                .tries(0, "SHK-8", "3")
                .triesNot(1)
                .comesTo("14.80")
                .live();
        puts("SHK-8", "2");
        assertThat(shopper.locator(".hint")).containsText("One more of Bow shackle and the cheapest is free");
        assertThat(shopper.locator(".hint")).containsText("you pay the same in all");
        shopper.locator(".hint button").click();
        pays("14.80", "Buy some, get some: Bow shackle", "−7.40");
    }

    @Test
    void byPayment() {
        DealHands.begin(owner, "payment")
                .pick("/payment", "invoice")
                .type("/amount", "-1.5")
                .says("Paying by invoice adds 1.5 % to all.")
                .live();
        puts("BRU-1", "2");
        assertThat(shopper.locator("#basket-total")).hasText("30.00");
        shopper.selectOption("#payment", "invoice");
        assertThat(shopper.locator("#basket-total")).hasText("30.45");
        pays("30.45", "By payment: Everything", "+0.45");
    }

    @Test
    void aCodeForAGroupThatStandsAlone() {
        DealHands.begin(owner, "spend", "category:Hardware")
                .type("/rows/0/from", "10")
                .type("/rows/0/value", "20")
                .step("who")
                .type("/code", "K7-TIDEWATER")
                .change("add-/groups", "Crew club")
                .step("words")
                .type("/words", "For the club, with your code")
                .live();
        puts("SHK-8", "2");
        shopper.fill("#code", "k7-tidewater");
        shopper.getByText("Take it").click();
        assertThat(shopper.locator(".codes")).containsText("does not count: not this customer");
        shopper.selectOption(".stand-in [name=group]", "Crew club");
        assertThat(shopper.locator(".codes .counts")).containsText("For the club, with your code, 2.96 off");
        pays("11.84", "Spend more, pay less: Hardware", "−2.96");
        assertThat(owner.locator(".about")).containsText("K7-TIDEWATER");
    }

    @Test
    void theCheckoutFollowsCountryAndPaymentAndKeepsWhatIsTyped(App app) {
        DemoDeals.putBack(app);
        puts("BRU-1", "2");
        shopper.getByText("To the checkout").click();
        shopper.fill("#name", "Ada Quill");
        shopper.selectOption("#payment", "bank transfer");
        assertThat(shopper.locator("#basket-total")).hasText("29.40");
        assertThat(shopper.locator("#name")).hasValue("Ada Quill");
        assertThat(shopper.locator("#card")).hasCount(0);
        shopper.selectOption("#country", "FR");
        assertThat(shopper.locator(".totals .tax")).containsText("20 % tax contained in 29.40");
        shopper.selectOption("#country", "GB");
        assertThat(shopper.locator(".refusal")).containsText("Deck brush is not sold to United Kingdom");
        // typed while the answer to the choice is on its way
        shopper.selectOption("#country", "FR");
        shopper.fill("#email", "ada@example.org");
        assertThat(shopper.locator(".totals .tax")).containsText("20 % tax");
        assertThat(shopper.locator("#email")).hasValue("ada@example.org");
        shopper.click("#checkout .buy");
        assertThat(shopper.locator("#receipt")).containsText("to be paid by bank transfer");
        assertThat(shopper.locator("#receipt")).containsText("It goes to France");
    }

    @Test
    void aLateAnswerLeadsToTheReceiptByItself() {
        puts("BRU-1", "2");
        shopper.getByText("To the checkout").click();
        shopper.fill("#name", "Ada Quill");
        shopper.fill("#email", "ada@example.org");
        shopper.fill("#card", "5000 1111 2222 3336");
        shopper.click("#checkout .buy");
        assertThat(shopper.locator(".message")).containsText("did not answer in time");
        shopper.waitForURL("**/counter/orders/*");
        assertThat(shopper.locator("h1")).hasText("Thank you, Ada Quill");
    }

    @Test
    void aDealIsChangedComparedGoneBackFromAndMoved(App app) {
        DemoDeals.putBack(app);
        owner.navigate("/deals");
        owner.getByText("Rope and chain days").first().click();
        owner.click("#to-live");
        assertThat(owner.locator("#words")).containsText("Breaks from 120: added at 4");
        owner.click("#go");
        assertThat(owner.locator("#notice")).containsText("Live. Shoppers see it now.");
        owner.click("text=Go back to it");
        owner.click("#go");
        assertThat(owner.locator("#notice")).containsText("Live. Shoppers see it now.");
        owner.navigate("/deals");
        owner.click("[aria-label='Move Mix your hardware up']");
        assertThat(owner.locator("#rows tr").first()).containsText("Mix your hardware");
    }
}
