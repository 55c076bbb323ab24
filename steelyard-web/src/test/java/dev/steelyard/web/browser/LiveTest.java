package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.DemoSpring;
import dev.steelyard.web.testing.WithApp;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From a draft to what shoppers see, and back, by hand. */
@ExtendWith(WithApp.class)
class LiveTest {

    private Page owner;
    private Page shopper;

    @BeforeEach
    void signIn(BrowserContext owners, BrowserContext shoppers) {
        owner = owners.newPage();
        shopper = shoppers.newPage();
        OwnerSteps.signIn(owner, "maren");
    }

    /** Typed and clicked at once, while the server is slow to keep it. */
    @Test
    void whatWasTypedIsKeptBeforeItIsCompared() {
        open("Rope by the metre");
        new CardHands(owner).step("piece");
        List<Route> held = new ArrayList<>();
        owner.route("**/edit", route -> {
            if (route.request().postData().contains("do=keep")) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        owner.fill("[name='/cases/0/piece/rate/price']", "3.30");
        owner.click("#to-live");
        owner.waitForCondition(() -> !held.isEmpty());
        owner.waitForTimeout(300);
        held.get(0).resume();
        assertThat(owner.locator("#words")).containsText("Case 1, rate, price: 3.10 → 3.30");
    }

    @Test
    void aDraftIsComparedPlannedTakenBackPutLiveAndGoneBackFrom() {
        open("Rope by the metre");
        CardHands hands = new CardHands(owner);
        hands.step("piece").type("/cases/0/piece/rate/price", "3.30");
        owner.click("#to-live");
        assertThat(owner.locator("#words")).containsText("Case 1, rate, price: 3.10 → 3.30");
        assertThat(owner.locator("#curves polyline.beside").first()).isAttached();
        Locator drum = owner.locator("#prices tr").filter(new Locator.FilterOptions().setHasText("Most of a drum"));
        assertThat(drum).containsText("372.00");
        assertThat(drum).containsText("376.00");
        assertThat(drum).containsText("+ 4.00 (+1.1 %)");

        // a check weight that differs asks for a word why
        assertThat(owner.locator(".checks")).containsText("“Most of a drum” was 372.00, is 376.00");
        owner.fill(
                "#at",
                LocalDateTime.now().plusDays(3).truncatedTo(ChronoUnit.MINUTES).toString());
        owner.click("#go");
        assertThat(owner.locator("#error-why")).containsText("Say why it goes live all the same");
        owner.fill("#why", "the mill's new list");
        owner.click("#go");
        assertThat(owner.locator("#notice")).hasText("Planned. It begins by itself.");
        Shopping.at(shopper, "ROPE-12").type("length", "137.5").costs("372.00");
        shopper.fill("[name=day]", LocalDateTime.now().plusDays(5).toLocalDate().toString());
        shopper.locator("[name=day]").blur();
        Shopping.at(shopper, "ROPE-12").type("length", "137.5").costs("376.00");
        shopper.fill("[name=day]", LocalDateTime.now().toLocalDate().toString());

        owner.click("text=Take back");
        assertThat(owner.locator("#notice")).hasText("Taken back. It will not begin.");
        owner.fill("#why", "at once then");
        owner.click("#go");
        assertThat(owner.locator("#notice")).containsText("Live. Shoppers see it now.");
        Shopping.at(shopper, "ROPE-12").type("length", "137.5").costs("376.00");

        owner.click("text=Go back to it");
        assertThat(owner.locator(".gate h2").first()).hasText("Go back to version 1");
        owner.click("#go");
        assertThat(owner.locator("#notice")).containsText("Live. Shoppers see it now.");
        Shopping.at(shopper, "ROPE-12").type("length", "137.5").costs("372.00");
        assertThat(owner.locator(".releases")).containsText("at once then");

        owner.click("#pause");
        assertThat(owner.locator("#state")).hasText("paused");
        shopper.navigate("/counter/goods/ROPE-12");
        assertThat(shopper.locator("#price")).containsText("No price yet");
        owner.click("#resume");
        assertThat(owner.locator("#state")).hasText("live");
    }

    @Test
    void anotherOrderLetsAnotherCardWinAndThePageSaysWhy() {
        owner.navigate("/cards");
        owner.selectOption("#win-sku", "ROPE-12");
        owner.selectOption("#win-group", "Crew club");
        assertThat(owner.locator("#verdicts .wins")).hasText("Crew club rope prices it");
        assertThat(owner.locator("#verdicts")).containsText("Rope by the metre would price it, but a card above does");
        owner.selectOption("#win-group", "");
        assertThat(owner.locator("#verdicts")).containsText("Crew club rope covers it, but not this customer");

        owner.click("[aria-label='Move Rope by the metre up']");
        assertThat(owner.locator("#rows tr").nth(1)).containsText("Rope by the metre");
        owner.selectOption("#win-sku", "ROPE-12");
        owner.selectOption("#win-group", "Crew club");
        assertThat(owner.locator("#verdicts .wins")).hasText("Rope by the metre prices it");

        // dragged back by its grip
        Locator rows = owner.locator("#rows tr");
        rows.nth(2).locator(".handle").dragTo(rows.nth(1).locator(".handle"));
        assertThat(owner.locator("#rows tr").nth(1)).containsText("Crew club rope");
        owner.selectOption("#win-sku", "ROPE-12");
        owner.selectOption("#win-group", "Crew club");
        assertThat(owner.locator("#verdicts .wins")).hasText("Crew club rope prices it");
        owner.navigate("/history?subject=order");
        assertThat(owner.locator("#history")).containsText("moved in the order");
    }

    @Test
    void todaySaysWhereOneIsNeeded() {
        owner.navigate("/");
        assertThat(owner.locator("#drafts")).containsText("Boat covers by area");
        assertThat(owner.locator("#failing")).containsText("“A dinghy” was 206.20, is 210.20");
        assertThat(owner.locator("#soon"))
                .containsText("1 March " + DemoSpring.YEAR + " Antifouling by hull area version 2 begins");
        assertThat(owner.locator("#odd")).containsText("Bow shackles by quantity");
        assertThat(owner.locator("#changes")).containsText("Maren put live Deck brushes as marked");
    }

    @Test
    void lotsAreShownAsCardsWithAVariantForEachPiece(BrowserContext context) {
        shopper.navigate("/counter/goods/FLAGS-C");
        shopper.locator("#lots label").nth(2).click();
        assertThat(shopper.locator("#total")).hasText("85.00");
        assertThat(shopper.locator("#lots")).containsText("You save 17.00");
        assertThat(shopper.locator("#pieces select")).hasCount(3);
        shopper.selectOption("[id='v.2']", "FLAGS-N");
        shopper.fill("#quantity", "2");
        assertThat(shopper.locator("#total")).hasText("62.00");
        assertThat(shopper.locator("#pieces select")).hasCount(2);
        assertThat(shopper.locator("[id='v.2']")).hasValue("FLAGS-N");
        shopper.click("#buy");
        assertThat(shopper.locator(".basket")).containsText("1 × cotton, 1 × nylon");
        assertThat(shopper.locator("#basket-total")).hasText("62.00");
    }

    @Test
    void theCounterWorksWithoutScripts(App app, BrowserContext context) {
        Browser browser = context.browser();
        BrowserContext plain = browser.newContext(
                new Browser.NewContextOptions().setBaseURL(app.url()).setJavaScriptEnabled(false));
        Page page = plain.newPage();
        page.navigate("/counter/goods/COVER");
        page.fill("[id='a.length']", "523");
        page.fill("[id='a.width']", "21");
        page.locator("#ask-fixing label").nth(2).click();
        page.click(".show");
        assertThat(page.locator("#error-width")).containsText("Width is too small: 21 cm was given");
        page.fill("[id='a.width']", "211");
        page.click(".show");
        assertThat(page.locator("#total")).hasText("326.82");
        page.click("#buy");
        assertThat(page.locator("#basket-total")).hasText("326.82");
        page.navigate("/counter/goods/FLAGS-C");
        page.locator("#lots label").nth(1).click();
        page.click(".show");
        assertThat(page.locator("#total")).hasText("62.00");
        page.click("#buy");
        assertThat(page.locator("#basket-total")).hasText("388.82");
        page.locator(".pieces").first().fill("2");
        page.locator("noscript button, button:has-text('Change')").first().click();
        assertThat(page.locator("#basket-total")).hasText("715.64");
        plain.close();
    }

    @Test
    void theCounterFitsAPhone() {
        shopper.setViewportSize(390, 844);
        Shopping shop = Shopping.at(shopper, "COVER").type("length", "5.23 m").type("width", "211");
        shop.pick("hem", "roped").pick("fixing", "zip").quantity("3").costs("1,025.13");
        org.assertj.core.api.Assertions.assertThat((int) shopper.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
        shop.orders("1,025.13");
    }

    /** htmx forgets which request it is to call off where a form is set up anew; then an older answer may come last. */
    @Test
    void anOlderAnswerThatComesLaterTakesNothingBack() {
        Shopping shop = Shopping.at(shopper, "COVER").type("length", "523").type("width", "211");
        shop.costs("291.80");
        List<Route> held = new ArrayList<>();
        shopper.route("**/counter/price*", held::add);
        shop.quantity("2");
        shopper.waitForCondition(() -> held.size() == 1);
        shopper.evaluate("delete document.getElementById('product')['htmx-internal-data'].xhr");
        shop.quantity("3");
        shopper.waitForCondition(() -> held.size() == 2);
        String three = held.get(1).fetch().text();
        shopper.evaluate(
                "document.addEventListener('htmx:afterOnLoad', () => window.answers = (window.answers ?? 0) + 1)");
        held.get(1).fulfill(new Route.FulfillOptions().setBody(three).setContentType("text/html"));
        assertThat(shopper.locator("#total")).not().hasText("291.80");
        String total = shopper.locator("#total").innerText();
        held.get(0).fulfill(new Route.FulfillOptions().setResponse(held.get(0).fetch()));
        shopper.waitForFunction("window.answers === 2");
        assertThat(shopper.locator("#total")).hasText(total);
        assertThat(shopper.locator("#quantity")).hasValue("3");
    }

    @Test
    void marksOfHtmlInACardAreTextAtTheCounter(App app) {
        DemoCards.takeAway(app);
        owner.navigate("/cards/new");
        owner.fill(
                "[name=json]",
                """
                {"name": "<i>Brushes</i>", "covers": {"products": ["BRU-1"]},
                 "asks": [{"measurement": "length", "label": "<b>Length</b>", "kind": "length", "unit": "cm",
                           "min": 1, "max": 9, "help": "<script>window.hurt = 1</script>", "tooLarge": "<u>too long</u>"},
                          {"choice": "hair", "label": "Hair", "look": "cards", "start": "\\"><img src=x>",
                           "options": [{"name": "\\"><img src=x>"}, {"name": "soft"}]}],
                 "cases": [{"piece": {"rate": {"amount": "length", "unit": "cm", "price": "1.00"}}}],
                 "ladder": {"counts": "pieces", "over": "line", "mode": "all-units", "value": "percent-off",
                   "rows": [{"from": 2, "value": "5", "words": {"title": "<s>two</s>", "mark": "<em>best</em>"}}]},
                 "shopPage": {"table": "cards"}}""");
        owner.getByText("Read the card").click();
        new CardHands(owner).live();
        Shopping.at(shopper, "BRU-1").type("length", "8").quantity("2").costs("15.20");
        assertThat(shopper.locator("#product")).containsText("<b>Length</b>");
        assertThat(shopper.locator("#product")).containsText("<script>window.hurt = 1</script>");
        assertThat(shopper.locator("#product")).containsText("\"><img src=x>");
        assertThat(shopper.locator("#product")).containsText("<em>best</em>");
        shopper.fill("[id='a.length']", "10");
        assertThat(shopper.locator("#error-length")).hasText("<u>too long</u>");
        assertThat(shopper.locator("#product img[src=x], #product s, #product em"))
                .hasCount(0);
        org.assertj.core.api.Assertions.assertThat(shopper.evaluate("window.hurt"))
                .isNull();
    }

    private void open(String name) {
        owner.navigate("/cards");
        owner.getByText(name).first().click();
        owner.locator("#card").waitFor();
    }
}
