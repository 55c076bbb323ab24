package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.nio.charset.StandardCharsets;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From an empty data folder to a first bought order, by the browser alone. */
@ExtendWith(WithApp.class)
class OwnShopTest {

    private static final String PASSWORD = "a long walk home";

    @Test
    void fromAnEmptyShopToAFirstOrderInYen(App app, BrowserContext context) {
        Page page = context.newPage();
        try (App.Beginning beginning = app.begin()) {
            String url = beginning.node().url();
            page.navigate(url + "/goods");
            assertThat(page.locator("h1")).hasText("Begin");
            usable(page, "the code");
            page.fill("#code", beginning.code());
            page.click("button[type=submit]");
            usable(page, "you");
            page.fill("#name", "Ada Quill");
            page.fill("#signIn", "ada");
            page.fill("#password", PASSWORD);
            page.fill("#again", PASSWORD);
            page.click("button[value=next]");
            usable(page, "the shop");
            page.fill("#shopName", "Quill and Daughters");
            page.selectOption("#country", "JP");
            page.click("button[value=next]");
            assertThat(page.locator("#proposed")).containsText("those of Japan now");
            page.click("button[value=next]");
            usable(page, "tax");
            page.fill("#standard", "10");
            page.click("button[value=next]");
            usable(page, "goods");
            page.click("button[value=first]");
            page.waitForURL(url + "/goods/new");

            page.fill("[name=sku]", "TEA-1");
            page.fill("[name=name]", "Tea caddy");
            page.fill("[name=shelfPrice]", "1200");
            page.getByText("Add it").click();
            foreignSheet(page, url);
            page.navigate(url + "/shop/groups");
            page.fill("#new-group", "Tea rooms");
            page.click("button[value=add]");
            page.navigate(url + "/today");
            assertThat(page.locator("#left .done")).hasCount(2);

            page.navigate(url + "/cards/new");
            page.check("input[value='TEA-1']");
            page.click("button[value=quantity]");
            CardHands card = new CardHands(page);
            card.type("/ladder/rows/0/value", "1100").trial("quantity", "12").costs("13,200");
            page.getByText("Keep this trial as a check weight").click();
            card.live();
            page.navigate(url + "/today");
            assertThat(page.locator("#left")).hasCount(0);

            page.navigate(url + "/counter/goods/CUP-1");
            assertThat(page.locator("#total")).hasText("1,250");
            page.navigate(url + "/counter/goods/TEA-1");
            page.fill("#quantity", "12");
            assertThat(page.locator("#total")).hasText("13,200");
            page.click("#buy");
            page.getByText("To the checkout").click();
            page.fill("#name", "Bo Lund");
            page.fill("#email", "bo@example.org");
            page.fill("#card", "5000 1111 2222 3331");
            page.getByText("Order and pay").click();
            assertThat(page.locator("h1")).hasText("Thank you, Bo Lund");
            assertThat(page.locator(".totals")).containsText("10 % tax contained in 13,200");
            assertThat(page.locator(".totals .sum .big-figure")).hasText("13,200");
        }
    }

    private static void usable(Page page, String step) {
        Assertions.assertThat(Access.complaints(page, "Begin, " + step)).isEmpty();
    }

    /** Goods of another program: in German, with a column too many, and prices that can be read in two ways. */
    private static void foreignSheet(Page page, String url) {
        page.navigate(url + "/sheets?of=GOODS");
        page.setInputFiles(
                "#file",
                new FilePayload(
                        "artikel.csv",
                        "text/csv",
                        "Artikelnummer;Bezeichnung;Warengruppe;VK;EAN\nCUP-1;Teetasse;Geschirr > Tassen;1.250;4001\n"
                                .getBytes(StandardCharsets.UTF_8)));
        page.getByText("Look at it").click();
        page.getByText("Look at the rows").click();
        assertThat(page.locator("#why-4")).hasText("Say what it is, or that it is left out");
        assertThat(page.locator("#why-3")).containsText("1.250 can be read in two ways");
        page.selectOption("#is-4", "-");
        page.selectOption("[name='how.3']", "COMMA");
        page.getByText("Look at the rows").click();
        assertThat(page.locator("#sum")).containsText("1 product or variant would change");
        page.click("#apply");
        assertThat(page.locator(".batch-applied")).isVisible();
    }
}
