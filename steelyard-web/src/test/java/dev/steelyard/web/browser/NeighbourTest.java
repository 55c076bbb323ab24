package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.TestNeighbour;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Somebody else's store on another origin: the panel in its pages, its cart, its checkout, its orders in Steelyard. */
@ExtendWith(WithApp.class)
class NeighbourTest {

    /** What is typed for each kind of card of the demo shop, and what the counter asks for it. */
    private static final List<String> KINDS = List.of(
            "SHK-8 | | 12 | 82.80",
            "ROPE-12 | a.length=137.5 | 1 | 372.00",
            "SCR-4x40 | | 2500 | 153.50",
            "TRAY-W | | 20 | 74.50",
            "CHN-8 | a.length=98.5&u.length=ft | 1 | 208.66",
            "LEAD | pack=25 kg | 3 | 276.00",
            "LEAD | pack=&a.weight=12.5 | 1 | 54.38",
            "COVER | a.length=5.23 m&a.width=211&a.hem=roped&a.fixing=zip | 2 | 722.62",
            "CUSHION | a.length=60&a.width=60&a.height=50&a.foam=closed cell | 1 | 31.13",
            "WINDOW | a.width=445&a.height=399&a.thickness=10 mm | 2 | 162.92",
            "BRASS | a.diameter=20&a.length=1000 | 12 | 417.00",
            "PAINT | a.hull=18.4&a.coats=2 | 1 | 93.80",
            "FLAGS-P | | 3 | 85.00",
            "BRU-1 | | 6 | 79.20");

    @Test
    void everyKindOfCardIsPricedAsAtTheCounterAndGoesIntoTheStoresCart(App app, BrowserContext browser) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            for (String kind : KINDS) {
                String[] parts = kind.split("\\|");
                page.navigate(store.url() + "/goods/" + parts[0].strip());
                fill(page, parts[1].strip());
                page.locator("#quantity").fill(parts[2].strip());
                assertThat(page.locator("#total")).hasText(parts[3].strip());
                page.locator("#add").click();
                assertThat(page.locator("#cart .money").last()).hasText(parts[3].strip());
            }
            assertThat(page.locator("#cart tr")).hasCount(KINDS.size());
        }
    }

    private static void fill(Page page, String answers) {
        assertThat(page.locator("#price")).isVisible();
        for (String one : answers.isEmpty() ? new String[0] : answers.split("&")) {
            String name = one.split("=", 2)[0];
            String value = one.split("=", 2)[1];
            Locator field = page.locator("[data-field='" + name + "']");
            if (field.first().evaluate("one => one.type").equals("radio")) {
                page.locator("[data-field='" + name + "'][value='" + value + "']")
                        .check();
            } else if (field.evaluate("one => one.localName").equals("select")) {
                field.selectOption(value);
            } else {
                field.fill(value);
            }
        }
    }

    @Test
    void anOrderGoesFromThePanelToTheOwnersOrders(App app, BrowserContext browser, Http owner) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            page.navigate(store.url() + "/");
            assertThat(page.locator("li", new Page.LocatorOptions().setHasText("Bow shackle"))
                            .locator("steelyard-price"))
                    .containsText("4.15 EUR");
            page.getByLabel("Prices for").selectOption("Boatyard");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change"))
                    .click();
            page.navigate(store.url() + "/goods/SHK-8");
            page.locator("#quantity").fill("120");
            assertThat(page.locator("#total"))
                    .hasText("499.16"); // the boatyard sees prices without tax, here as at the counter
            page.locator("#add").click();
            page.locator("#checkout").click();
            assertThat(page.locator("#to-pay")).hasText("594.00 EUR");
            page.getByLabel("Name").fill("Ada Quay");
            page.getByLabel("E-mail").fill("ada@example.org");
            page.locator("#place").click();
            String number = page.locator("#number").innerText();
            owner.signIn("maren");
            assertThat(owner.get("/orders").text())
                    .contains(number)
                    .contains("server key Warehouse")
                    .contains("Ada Quay");
            assertThat(owner.get("/orders/" + number).text())
                    .contains("Boatyard")
                    .contains("120 pieces reach");
        }
    }

    @Test
    void whatIsMissingKeepsTheFormFromBeingSent(App app, BrowserContext browser) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            page.navigate(store.url() + "/goods/COVER");
            page.locator("[data-field='a.length']").fill("9");
            assertThat(page.locator("#error-length")).containsText("Length is too small: 9 cm");
            page.locator("#add").click();
            assertThat(page).hasURL(store.url() + "/goods/COVER");
            assertThat((String) page.locator("steelyard-panel").evaluate("one => one.validationMessage"))
                    .contains("too small");
            assertThat(page.locator("steelyard-panel").evaluate("one => new FormData(one.form).get('price')"))
                    .isNull();
        }
    }

    @Test
    void aPriceThatChangedWhileThePageWasOpenIsSaidAndAgreedTo(App app, BrowserContext browser) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            page.navigate(store.url() + "/goods/BRU-1");
            page.locator("#quantity").fill("12");
            assertThat(page.locator("#total")).hasText("158.40");
            app.sql()
                    .sql("update price_row set price = 14.00 where product_id = 13")
                    .update();
            app.sql()
                    .sql("update product set revision = revision + 1 where id = 13")
                    .update();
            app.sql()
                    .sql("update shop set revision = (select max(revision) from product)")
                    .update();
            app.bean(Books.class).refresh();
            page.evaluate("window.dispatchEvent(new Event('online'))"); // it looks again by itself, each minute
            assertThat(page.locator("#changed")).containsText("it was 158.40, it is 168.00 now");
            page.locator("#add").click();
            assertThat(page).hasURL(store.url() + "/goods/BRU-1"); // not before it was agreed to
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take the new price"))
                    .click();
            page.locator("#add").click();
            assertThat(page.locator("#cart .money")).hasText("168.00");
        }
    }

    @Test
    void whileTheServiceIsAwayWhatWasTypedStaysAndNoOldPriceStands(App app, BrowserContext browser) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            page.navigate(store.url() + "/goods/COVER");
            fill(page, "a.length=523&a.width=211&a.hem=plain&a.fixing=loose");
            assertThat(page.locator("#total")).hasText("291.80");
            page.route("**/api/v1/panel", route -> route.abort());
            page.locator("[data-field='a.length']").fill("600");
            assertThat(page.locator("#price")).containsText("Prices cannot be reached just now");
            assertThat(page.locator("#total")).hasCount(0);
            page.locator("#add").click();
            assertThat(page).hasURL(store.url() + "/goods/COVER");
            page.unroute("**/api/v1/panel");
            assertThat(page.locator("#total")).isVisible(); // it tries again by itself
            assertThat(page.locator("[data-field='a.length']")).hasValue("600");
        }
    }

    @Test
    void aStrangersPageIsNotServed(App app, BrowserContext browser) {
        try (TestNeighbour store = TestNeighbour.of(app);
                TestNeighbour stranger = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            page.navigate(stranger.url() + "/goods/COVER");
            page.locator("steelyard-panel")
                    .evaluate(
                            "(one, key) => one.setAttribute('key', key)",
                            store.settings().pageKey());
            assertThat(page.locator("steelyard-panel")).containsText("No price can be shown here");
        }
    }

    @Test
    void itIsAskedOnceForAListAndFitsAnyPage(App app, BrowserContext browser) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            AtomicInteger asked = new AtomicInteger();
            page.onRequest(request -> {
                if (request.url().endsWith("/from-prices") && request.method().equals("POST")) {
                    asked.incrementAndGet();
                }
            });
            page.navigate(store.url() + "/");
            assertThat(page.locator("steelyard-price").last()).containsText("EUR");
            assertThat(asked.get()).isEqualTo(1);
            for (String look : List.of("", "?look=dark")) {
                page.setViewportSize(1280, 800);
                page.navigate(store.url() + "/goods/COVER" + look);
                fill(page, "a.length=523&a.width=211&a.hem=plain&a.fixing=loose");
                assertThat(page.locator("#total")).hasText("291.80");
                assertThat(Access.complaints(page, look)).isEmpty();
                page.setViewportSize(320, 700);
                assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= 320"))
                        .isTrue();
                assertThat(Access.complaints(page, look)).isEmpty();
            }
        }
    }

    @Test
    void itSpeaksTheLanguageOfThePage(App app, BrowserContext browser) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            Page page = browser.newPage();
            page.navigate(store.url() + "/goods/COVER");
            page.getByLabel("Language").selectOption("de");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change"))
                    .click();
            page.navigate(store.url() + "/goods/COVER");
            page.getByLabel("Länge", new Page.GetByLabelOptions().setExact(true))
                    .fill("5,23");
            page.locator("[data-field='u.length']").selectOption("m");
            page.getByLabel("Breite", new Page.GetByLabelOptions().setExact(true))
                    .fill("211");
            assertThat(page.locator("#total")).hasText("291,80");
            page.locator("#add").click();
            assertThat(page.locator("#cart")).containsText("Bootsplane nach Maß");
        }
    }
}
