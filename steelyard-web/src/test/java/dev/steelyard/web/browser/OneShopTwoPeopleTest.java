package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.MadeCodes;
import dev.steelyard.web.testing.WithApp;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** How the shop works, set by hand: decimal commas, two pairs of eyes, a second factor. */
@ExtendWith(WithApp.class)
class OneShopTwoPeopleTest {

    private Page page;

    @BeforeEach
    void signIn(BrowserContext context) {
        page = context.newPage();
        OwnerSteps.signIn(page, "maren");
    }

    private void works(String setting) {
        page.navigate("/shop");
        page.check("[name=" + setting + "][value=true]");
        page.click("#save-counter");
        assertThat(page.locator("#notice")).containsText("Saved.");
    }

    @Test
    void numbersWithADecimalCommaAreTypedDraggedAndShown() {
        works("decimalComma");
        page.navigate("/goods/13");
        Locator price = page.locator("[id='/rows/1/value']");
        assertThat(price).hasValue("13,20");
        price.fill("12,80");
        price.press("Tab");
        page.fill("[id='t.quantity']", "6");
        assertThat(page.locator("#total")).hasText("76,80");

        page.locator(".weight:not(.second)").first().focus();
        page.keyboard().press("ArrowDown");
        assertThat(price).hasValue("12,79");
        assertThat(page.locator("#sentence")).containsText("12,79");
        price.fill("12.345");
        price.press("Tab");
        assertThat(page.getByText("12.345 can be 12345 or 12,345").first()).isVisible();
        price.fill("12,5");
        price.press("Tab");
        page.locator("#save").click();
        assertThat(page.locator("#notice")).containsText("Saved.");
        page.navigate("/counter/goods/BRU-1?quantity=6&sent=yes");
        assertThat(page.locator("#total")).hasText("75,00");
    }

    @Test
    void somebodyElsePutsItLive(App app, BrowserContext context) {
        works("twoEyes");
        page.navigate("/cards");
        page.getByText("Boat covers by area").first().click();
        CardHands card = new CardHands(page);
        card.step("covers");
        page.fill("[name='/name']", "Boat covers, dearer");
        page.locator("[name='/name']").press("Tab");
        page.click("#to-live");
        page.fill("#why", "dearer cloth");
        page.click("#go");
        assertThat(page.locator("#notice")).containsText("Not put live: you changed it last");
        page.fill("#ask-why", "please look at the cloth");
        page.getByText("Ask for it", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#request")).containsText("Maren asked for the draft to be put live");

        try (BrowserContext other =
                context.browser().newContext(new Browser.NewContextOptions().setBaseURL(app.url()))) {
            Page theirs = other.newPage();
            OwnerSteps.signIn(theirs, "jonas");
            theirs.navigate("/today");
            assertThat(theirs.locator("#asked")).containsText("please look at the cloth");
            theirs.locator("#asked a").click();
            theirs.fill("#why", "looked at");
            theirs.click("#go");
            assertThat(theirs.locator("#notice")).containsText("Live. Shoppers see it now.");
        }
    }

    @Test
    void aCodeIsAskedForAfterThePassword() {
        page.navigate("/you");
        page.getByText("Set it up").click();
        MadeCodes codes = new MadeCodes(page.locator("#secret").textContent());
        page.fill("#code", codes.code(Duration.ZERO));
        page.getByText("Turn it on").click();
        assertThat(page.locator(".recovery li")).hasCount(10);

        page.getByText("sign out").click();
        page.fill("#username", "maren");
        page.fill("#password", "saltmarsh");
        page.locator("form button[type=submit]").click();
        page.fill("#code", "000000");
        page.locator("form button[type=submit]").click();
        assertThat(page.locator("#error-code")).containsText("This is not the code that counts now");
        page.fill("#code", codes.code(Duration.ofSeconds(30)));
        page.locator("form button[type=submit]").click();
        assertThat(page.locator("h1").first()).hasText("Today");
    }
}
