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

/** Mistakes that owners make, made by hand, and what stops or tells them. */
@ExtendWith(WithApp.class)
class MistakesTest {

    private Page page;

    @BeforeEach
    void signIn(BrowserContext context) {
        page = context.newPage();
        OwnerSteps.signIn(page, "maren");
    }

    private Locator named(String name) {
        return page.locator("[name='" + name + "']");
    }

    @Test
    void everyonesRowsNoLongerCutIntoAGroupsOnceItStandsAlone() {
        page.navigate("/goods/1");
        page.fill("[id='t.quantity']", "30");
        page.selectOption("[id='t.group']", "Boatyard");
        assertThat(page.locator("#per-piece")).hasText("6.20");
        page.locator("[id='/alone:Boatyard']").check();
        assertThat(page.locator("#per-piece")).hasText("6.35");
        page.locator("#undo").click();
        assertThat(page.locator("#per-piece")).hasText("6.20");
    }

    @Test
    void aMistypedSkuOnANewCardIsRefusedAndTheRestIsKept() {
        page.navigate("/cards/new");
        named("more").fill("SHK-8, SKH-10");
        named("name").fill("Shackles in spring");
        page.locator("[name=start]").first().click();
        assertThat(page.locator("main")).containsText("SKH-10");
        assertThat(page.locator("main")).containsText("SHK-10");
        assertThat(named("name")).hasValue("Shackles in spring");
        assertThat(named("more")).hasValue("SHK-8, SKH-10");
    }

    @Test
    void aListOfCodesIsRefusedByTheFieldAndWhatWasTypedStays() {
        page.navigate("/codes");
        named("name").fill("Letters");
        named("many").fill("1.5");
        page.locator("#make-codes").click();
        assertThat(page.locator("#new-codes")).containsText("1.5");
        assertThat(named("many")).hasAttribute("aria-invalid", "true");
        assertThat(named("name")).hasValue("Letters");
        named("many").fill("25");
        page.locator("#make-codes").click();
        assertThat(page.locator("main")).containsText("25 codes");
    }

    @Test
    void dealsArePausedTogetherAndNoneWhereNoneIsTicked(App app) {
        DemoDeals.putBack(app);
        page.navigate("/deals");
        page.getByText("Pause", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#done")).containsText("None is picked");
        page.locator("[aria-label='Pick Club day']").check();
        page.locator("[aria-label='Pick Keel code']").check();
        page.getByText("Pause", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#done")).hasText("2 deals paused: shoppers do not see them.");
        assertThat(page.locator(".state-paused")).hasCount(2);
        page.locator("[aria-label='Pick Club day']").check();
        page.getByText("Resume", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".state-paused")).hasCount(1);
    }

    @Test
    void aPastedVariantOfATakenSkuIsSaidBeforeAnythingIsSaved() {
        page.navigate("/goods/new");
        named("sku").fill("CLEAT");
        named("name").fill("Horn cleat");
        page.locator(".paste summary").click();
        named("pasted").fill("SKU\tName\tPrice\nSHK-8\tsmall\t9,50\nCLEAT-L\tlarge\t14,20\n");
        page.getByText("Read these lines").click();
        assertThat(page.locator(".variants tbody tr")).hasCount(3);
        page.getByText("Add it").click();
        assertThat(page.locator(".variants")).containsText("“SHK-8” is the SKU of Bow shackle, 8 mm already");
        named("variantSku").first().fill("CLEAT-S");
        page.getByText("Add it").click();
        page.navigate("/counter/goods/CLEAT-S");
        assertThat(page.locator("#total")).hasText("9.50");
    }

    @Test
    void whatAnOrderComesToStaysInSightOnAPhone() {
        Shopping.at(page, "SHK-8").quantity("12").costs("82.80").orders("82.80");
        page.setViewportSize(390, 844);
        page.navigate("/orders");
        Locator total = page.locator("#orders tbody td.number").last();
        org.assertj.core.api.Assertions.assertThat(total.boundingBox().x + total.boundingBox().width)
                .isLessThanOrEqualTo(390);
    }
}
