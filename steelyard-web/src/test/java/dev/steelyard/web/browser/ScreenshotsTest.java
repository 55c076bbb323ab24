package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import dev.steelyard.web.start.demo.DemoOrders;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.TestNeighbour;
import dev.steelyard.web.testing.WithApp;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** Draws docs/screenshots anew from the demo data: {@code ./steelyard screenshots}. No part of a test run. */
@ExtendWith(WithApp.class)
@EnabledIfSystemProperty(named = "steelyard.screenshots", matches = ".+")
class ScreenshotsTest {

    private Page page;

    @Test
    void draw(App app, BrowserContext context) {
        DemoDeals.putBack(app);
        app.bean(DemoOrders.class).fill(DemoOrders.USUAL);
        page = context.newPage();
        Shopping.at(page, "COVER")
                .type("length", "523")
                .type("width", "211")
                .pick("hem", "roped")
                .pick("fixing", "zip")
                .quantity("2")
                .costs("722.62");
        page.mouse().move(0, 0);
        shoot("counter-product");
        page.navigate("/counter?lang=de");
        Shopping.at(page, "FLAGS-C");
        page.locator("#lots label").nth(1).click();
        assertThat(page.locator("#total")).hasText("62,00");
        page.selectOption("[id='v.2']", "FLAGS-N");
        page.mouse().move(0, 0);
        shoot("counter-german");
        page.navigate("/counter?lang=en");
        Shopping.at(page, "ROPE-12").type("length", "60").costs("172.00");
        page.click("#buy");
        Shopping.at(page, "SHK-8").quantity("5").costs("37.00");
        page.click("#buy");
        page.fill("#code", "KEEL-TIDE-26");
        page.getByText("Take it").click();
        page.locator(".codes .counts").waitFor();
        page.mouse().move(0, 0);
        shoot("basket");
        page.getByText("To the checkout").click();
        page.fill("#name", "Ada Quill");
        page.fill("#email", "ada@example.org");
        page.fill("#card", "5000 1111 2222 3331");
        page.getByText("Order and pay").click();
        String number = page.locator("#order-number").textContent();

        OwnerSteps.signIn(page, "maren");
        page.locator("input[name=pick]").nth(4).check();
        page.locator("input[name=pick]").nth(6).check();
        page.mouse().move(0, 0);
        shoot("goods");
        page.navigate("/sheets");
        page.setInputFiles(
                "#file",
                new FilePayload(
                        "spring-prices.csv",
                        "text/csv",
                        ("sku,group,what,from,price,action\nSHK,,row,10,7.10,\nSHK,,row,25,4.20,\nSHK,Boatyard,row,100,,remove\n"
                                        + "BRU-1,,shelf price,,\"15,90\",\nBRU-1,,row,24,11.80,\nSCR-4x40,,row,2000,15,\n")
                                .getBytes(StandardCharsets.UTF_8)));
        page.getByText("Look at it").click();
        page.locator("#sum").waitFor();
        page.navigate(page.url() + "?show=all");
        page.locator("#sum").waitFor();
        shoot("sheet");
        page.navigate("/today");
        shoot("today");
        page.navigate("/orders/" + number);
        page.navigate("/goods/1");
        assertThat(page.locator("#total")).hasText("82.80");
        shoot("prices");
        sold();
        deals();
        cards();
        store(app);
        begin(app, context);
    }

    /** Somebody else's store that asks here, and what its owner sees of it. */
    private void store(App app) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            page.navigate(store.url() + "/goods/COVER");
            page.locator("[data-field='a.length']").fill("523");
            page.locator("[data-field='a.width']").fill("211");
            page.locator("[data-field='a.fixing'][value=hooks]").check();
            assertThat(page.locator("#total")).hasText("309.80");
            shoot("store-panel");
            phone("store-panel-phone");
            page.locator("#add").click();
            page.locator("#checkout").click();
            page.getByLabel("Name").fill("Ada Quay");
            page.getByLabel("E-mail").fill("ada@example.org");
            page.locator("#place").click();
            page.locator("#number").waitFor();
            page.navigate(app.url() + "/shop/keys");
            shoot("keys");
            page.navigate(app.url() + "/api/docs");
            page.fill("#key", store.settings().serverKey());
            page.locator("#prices summary").first().click();
            page.locator("#prices").scrollIntoViewIfNeeded();
            shoot("api");
        }
    }

    /** Last, since it empties the shop. */
    private void begin(App app, BrowserContext context) {
        page = context.newPage();
        try (App.Beginning beginning = app.begin()) {
            page.navigate(beginning.node().url() + "/begin?code=" + beginning.code());
            page.fill("#name", "Maren");
            page.fill("#signIn", "maren");
            page.fill("#password", "a long walk home");
            page.fill("#again", "a long walk home");
            page.click("button[value=next]");
            page.fill("#shopName", "Saltmarsh Chandlery");
            page.fill("#address", "The Old Quay 4\nSaltmarsh");
            page.locator("#address").blur();
            shoot("begin");
        }
    }

    private void sold() {
        page.navigate("/sold");
        page.locator("#parts").waitFor();
        shoot("sold");
        page.navigate("/goods/1/replay");
        page.selectOption("#figure", "/rows/2/from");
        page.fill("#values", "18; 20; 22");
        page.fill("#takeUp", "30");
        page.click("#begin");
        page.locator("#most").waitFor();
        shoot("replay");
    }

    private void deals() {
        page.navigate("/deals");
        page.getByText("Rope and chain days").first().click();
        page.locator("form#deal").waitFor();
        DealHands hands = DealHands.of(page);
        hands.tries(0, "ROPE-12", "4").tries(1, "CHN-8", "1").tries(2, "BRU-1", "1");
        page.locator(".deals-used .ours").waitFor();
        page.mouse().move(0, 0);
        page.evaluate("document.activeElement.blur()");
        shoot("deal");
    }

    private void cards() {
        page.navigate("/cards");
        page.selectOption("#win-sku", "ROPE-12");
        page.selectOption("#win-group", "Crew club");
        assertThat(page.locator("#verdicts .wins")).hasText("Crew club rope prices it");
        shoot("cards");
        page.getByText("Boat covers by area").first().click();
        page.click("#to-live");
        page.locator("#curves").waitFor();
        shoot("card-live");
        CardHands covers = open("Boat covers by area");
        covers.trial("a.length", "523")
                .trial("a.width", "211")
                .trial("a.hem", "roped")
                .costs("332.30");
        open("Berth cushions by foam").step("piece");
        page.fill("[name='/cases/0/piece/formula']", "length * widht * height * soft_foam + 9.00 EUR");
        assertThat(page.locator(".formula-faults").first()).containsText("Did you mean");
        shoot("card-formula");
        page.locator("[data-do=mend-text]").click();
        CardHands shackles = CardHands.begin(page, "SHK", "quantity");
        shackles.type("+/ladder/rows/0:Boatyard", "6.40").type("+/ladder/rows/2:Boatyard", "5.20");
        shackles.costs("84.36");
        page.mouse().move(0, 0);
        page.evaluate("document.activeElement.blur()");
        page.evaluate("scrollTo(0, 0)");
        shoot("card-breaks");
    }

    private CardHands open(String name) {
        page.navigate("/cards");
        page.getByText(name).first().click();
        page.locator("#card").waitFor();
        return new CardHands(page);
    }

    private void shoot(String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(file(name)));
    }

    private void phone(String name) {
        page.setViewportSize(390, 844);
        shoot(name);
        page.setViewportSize(1280, 800);
    }

    private static Path file(String name) {
        return Path.of(System.getProperty("steelyard.screenshots"), name + ".png");
    }
}
