package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.WithApp;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Mistakes that would have gone live unseen, made by hand, and what is said before or instead. */
@ExtendWith(WithApp.class)
class MistakesGoingLiveTest {

    private Page page;
    private Page shopper;

    @BeforeEach
    void signIn(BrowserContext context) {
        page = context.newPage();
        OwnerSteps.signIn(page, "maren");
        shopper = context.newPage();
    }

    @Test
    void aSamplePriceLeftAsItWasDoesNotGoLive(App app) {
        DemoCards.takeAway(app);
        CardHands.begin(page, "BRU-1", "area").kept();
        page.click("#to-live");
        assertThat(page.locator(".checks"))
                .containsText("was put in by Steelyard as a sample, and nobody has touched it");
        assertThat(page.locator("#go")).isDisabled();
        assertThat(page.locator("#sentence")).hasText("Nothing of it is live yet.");
    }

    @Test
    void whosePriceChangesIsSeenBeforeItIsLive(App app) {
        DemoCards.takeAway(app);
        CardHands.begin(page, "BRU-1", "quantity")
                .type("/ladder/rows/0/value", "40")
                .meant();
        page.click("#to-live");
        assertThat(page.locator("#reach")).containsText("1 of the goods changes its price, 1 of them by over 30 %");
        assertThat(page.locator("#reach tbody tr").first()).containsText("Deck brush");
        page.fill("#at", "2031-03-01T09:00");
        page.click("#go");
        assertThat(page.locator("#notice")).containsText("Planned. It begins by itself.");
        Shopping.at(shopper, "BRU-1").quantity("1").costs("15.00");
    }

    @Test
    void tenfoldChangesAskForTheirNumber() {
        StringBuilder sheet = new StringBuilder("sku,group,what,from,price\r\n");
        for (int from = 20; from < 31; from++) {
            sheet.append("BRU-1,Everyone,row,").append(from).append(",12.00\r\n");
        }
        lookAt(sheet.toString());
        page.click("#apply");
        assertThat(page.locator(".batch-applied")).containsText("applied by Maren");

        lookAt(sheet.toString().replace("12.00", "1.20"));
        page.fill("input[name=tenfold]", "1");
        page.click("#apply");
        assertThat(page.locator(".notice")).containsText("11 prices would be ten times what they are");
        assertThat(page.locator(".batch-applied")).hasCount(0);
        page.fill("input[name=tenfold]", "11");
        page.click("#apply");
        assertThat(page.locator(".batch-applied")).containsText("applied by Maren");
    }

    private void lookAt(String sheet) {
        page.navigate("/sheets");
        page.setInputFiles("#file", new FilePayload("prices.csv", "text/csv", sheet.getBytes(StandardCharsets.UTF_8)));
        page.getByText("Look at it").click();
        page.locator("#apply").waitFor();
    }

    @Test
    void forEveryHundredIsAStairThatEndsWhereItIsSaid(App app) {
        DemoCards.takeAway(app);
        DealHands hands = DealHands.begin(page, "spend", "category:Hardware")
                .press("remove", "/rows/1", "")
                .type("/rows/0/from", "40")
                .type("/rows/0/value", "5")
                .pick("/value", "amount-off");
        hands.tick("/forEvery").type("#/atMost", "2");
        hands.tries(0, "SHK-8", "6").triesNot(1).comesTo("39.40");
        hands.tries(0, "SHK-8", "22").comesTo("141.80");
        hands.tries(0, "SHK-8", "1").comesTo("7.40");
    }

    @Test
    void aLineThatIsNoMultipleIsRefusedWithTheNearest(App app) {
        DemoCards.takeAway(app);
        CardHands.begin(page, "BRU-1", "quantity")
                .step("finish")
                .type("#/quantity/multipleOf", "6")
                .live();
        Shopping.at(shopper, "BRU-1").quantity("8");
        assertThat(shopper.locator("main")).containsText("6 or 12");
        Shopping.at(shopper, "BRU-1").quantity("12").costs("171.00");
    }

    @Test
    void whatIsNotAskedIsNeitherShownNorChecked(App app) {
        page.navigate("/cards");
        page.getByText("Boat covers by area", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        CardHands hands = new CardHands(page);
        hands.step("ask");
        hands.press("set", "/asks/4/shownWhen", "").type("pick:/asks/4/shownWhen:0:value", "200");
        hands.trial("a.length", "150");
        assertThat(page.locator("[id='t.a.eyelets']")).hasCount(0);
        hands.trial("a.length", "500");
        assertThat(page.locator("[id='t.a.eyelets']")).hasCount(1);
    }

    @Test
    void aPriceInAnotherCurrencyIsRefusedByTheField() {
        page.navigate("/goods/1");
        CardHands hands = new CardHands(page);
        hands.type("/rows/0/value", "$ 6.80");
        assertThat(page.locator("[name='/rows/0/value']")).hasAttribute("aria-invalid", "true");
        assertThat(page.locator(".editor")).containsText("“$ 6.80” has a currency beside it");
        hands.type("/rows/0/value", "€ 6,80");
        assertThat(page.locator("[name='/rows/0/value']")).hasAttribute("aria-invalid", "false");
        assertThat(page.locator("#per-piece")).hasText("6.80");
        page.locator("#undo").click();
        page.locator("#undo").click();
    }

    @Test
    void aPriceThatChangedInTheBasketSaysSo(App app) {
        DemoCards.takeAway(app);
        Shopping.at(shopper, "BRU-1").quantity("2").costs("30.00");
        shopper.click("#buy");
        assertThat(shopper.locator("#basket-total")).hasText("30.00");
        CardHands.begin(page, "BRU-1", "quantity")
                .type("/ladder/rows/0/from", "1")
                .type("/ladder/rows/0/value", "9")
                .live();
        shopper.reload();
        assertThat(shopper.locator(".changed")).containsText("it was 30.00, it is 18.00 now");
    }
}
