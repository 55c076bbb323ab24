package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import dev.steelyard.web.testing.WithApp;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The counter as shoppers use it. */
@ExtendWith(WithApp.class)
class CounterBrowserTest {

    private Page page;

    @BeforeEach
    void open(BrowserContext context) {
        page = context.newPage();
        page.navigate("/counter");
        page.locator("text=Bow shackle").click();
    }

    @Test
    void priceTableAndNextBreakFollowVariantAndQuantity() {
        page.locator("text=10 mm").click();
        page.fill("#quantity", "24");
        assertThat(page.locator("#total")).hasText("218.40");
        assertThat(page.locator("#tiers [aria-current]")).containsText("10 to 24");
        assertThat(page.locator("#next")).hasText("1 more and each costs 8.20");
        page.locator("[data-step='1']").click();
        assertThat(page.locator("#total")).hasText("205.00");
        assertThat(page.locator("#reckoning")).containsText("25 pieces reach “from 25”");
    }

    @Test
    void aBadQuantityIsSaidAtOnceAndCannotBePutInTheBasket() {
        page.fill("#quantity", "1.5");
        assertThat(page.locator("#error-quantity")).hasText("1.5 is not a whole number; this is sold in whole pieces");
        assertThat(page.locator(".buy")).isDisabled();
        page.fill("#quantity", "2");
        assertThat(page.locator("#error-quantity")).hasText("");
        assertThat(page.locator(".buy")).isEnabled();
    }

    @Test
    void beingOfAnotherGroupChangesThePriceTable() {
        page.selectOption("select[name=group]", "Boatyard");
        page.locator("text=8 mm").click();
        page.fill("#quantity", "10");
        assertThat(page.locator("#total")).hasText("53.36"); // 63.50 less the tax it contains
        assertThat(page.locator("#tiers")).containsText("4.16");
    }

    @Test
    void theBasketFollowsAChangedQuantityWithoutAReload() {
        page.fill("#quantity", "9");
        page.getByText("Put in the basket").click();
        assertThat(page.locator("#basket-total")).hasText("50.40");
        page.fill("#quantity-0", "10");
        page.locator("h1").click();
        assertThat(page.locator("#basket-total")).hasText("52.00");
        page.locator("[aria-label='Take Bow shackle, 6 mm out']").click();
        assertThat(page.locator(".basket")).containsText("Nothing in it yet");
    }

    /** Fields and price come before how the price came about, and nothing stands beside another or outside its frame. */
    @Test
    void onAPhoneOneThingStandsBelowTheOther() {
        page.setViewportSize(390, 844);
        Assertions.assertThat(end("header .languages"))
                .as("languages in the header")
                .isLessThanOrEqualTo(end("header"));
        Assertions.assertThat(end("#buy")).as("price before reckoning").isLessThanOrEqualTo(begin("#reckoning"));
        page.click("#buy");
        page.navigate("/counter/checkout");
        Assertions.assertThat(end(".two > :first-child"))
                .as("what is bought before who buys it")
                .isLessThanOrEqualTo(begin(".two > :last-child"));
    }

    private double begin(String what) {
        return page.locator(what).boundingBox().y;
    }

    private double end(String what) {
        BoundingBox box = page.locator(what).boundingBox();
        return box.y + box.height;
    }

    @Test
    void aProductPageIsLight() {
        page.navigate("/counter/goods/COVER?sent=yes&a.length=523&a.width=211&a.hem=plain&a.fixing=loose");
        assertThat(page.locator("#total")).hasText("291.80");
        Object bytes = page.evaluate("performance.getEntriesByType('navigation')[0].encodedBodySize"
                + " + performance.getEntriesByType('resource').reduce((sum, one) => sum + one.encodedBodySize, 0)");
        org.assertj.core.api.Assertions.assertThat(((Number) bytes).intValue()).isBetween(20_000, 200_000);
    }
}
