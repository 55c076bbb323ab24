package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.TestNeighbour;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** An answer that comes while something is pressed takes nothing from under the hand: the click counts. */
@ExtendWith(WithApp.class)
class UnderTheHandTest {

    private Page page;

    @BeforeEach
    void open(BrowserContext context) {
        page = context.newPage();
    }

    private void press(Locator what) {
        what.scrollIntoViewIfNeeded();
        BoundingBox box = what.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
    }

    /** What asks for an answer, which then waits. */
    private List<Route> held(String calls) {
        List<Route> held = new ArrayList<>();
        page.route(calls, held::add);
        return held;
    }

    private void answer(List<Route> held) {
        page.waitForCondition(() -> !held.isEmpty());
        Route last = held.get(held.size() - 1);
        page.waitForResponse(answer -> true, () -> last.fulfill(new Route.FulfillOptions().setResponse(last.fetch())));
        page.unrouteAll();
    }

    private void answerUnderThePress(List<Route> held) {
        answer(held);
        page.evaluate("() => new Promise((go) => requestAnimationFrame(() => requestAnimationFrame(go)))");
    }

    @Test
    void anOptionPressedAtTheCounterIsPickedThoughThePriceComesMeanwhile() {
        page.setViewportSize(390, 844);
        Shopping shop = Shopping.at(page, "COVER");
        page.waitForResponse("**/counter/price*", () -> shop.type("length", "5.23 m"));
        List<Route> held = held("**/counter/price*");
        shop.type("width", "9"); // too small, which takes a line to say
        page.waitForCondition(() -> held.size() == 1);
        press(page.locator("#ask-fixing label").nth(2));
        page.waitForCondition(() -> held.size() == 2); // once more as the field is left
        answerUnderThePress(held);
        page.mouse().up();
        assertThat(page.locator("[name='a.fixing']:checked")).hasValue("zip");
        assertThat(page.locator("#error-width")).containsText("too small");
    }

    @Test
    void aLinkPressedInTheBasketLeadsOnThoughTheBasketChangesMeanwhile() {
        Shopping.at(page, "BRU-1").quantity("2").costs("30.00");
        page.click("#buy");
        List<Route> held = held("**/counter/basket/quantity");
        page.fill("#quantity-0", "6");
        press(page.getByText("To the checkout"));
        answerUnderThePress(held);
        page.mouse().up();
        assertThat(page.locator("#checkout")).containsText("79.20");
    }

    @Test
    void aLinkOutOfTheBasketWaitsForWhatChangesInIt() {
        Shopping.at(page, "BRU-1").quantity("2").costs("30.00");
        page.click("#buy");
        List<Route> held = held("**/counter/basket/quantity");
        page.fill("#quantity-0", "6");
        page.getByText("To the checkout").click();
        answer(held);
        assertThat(page.locator("#checkout")).containsText("79.20");
    }

    @Test
    void aLinkOutOfTheBasketDoesNotLeadPastARefusal() {
        Shopping.at(page, "BRU-1").quantity("2").costs("30.00");
        page.click("#buy");
        List<Route> held = held("**/counter/basket/quantity");
        page.fill("#quantity-0", "1.5");
        press(page.getByText("To the checkout"));
        answerUnderThePress(held);
        page.mouse().up();
        assertThat(page.locator("#error-0")).containsText("1.5 is not a whole number");
        assertThat(page.locator("#quantity-0")).hasValue("1.5");
    }

    @Test
    void goodsPressedInTheListAreOpenedThoughTheListIsFoundAnewMeanwhile() {
        OwnerSteps.signIn(page, "maren");
        page.navigate("/goods");
        List<Route> held = held("**/goods?rowsOnly=true*");
        page.fill("#find-here", "brush");
        page.waitForCondition(() -> held.size() == 1);
        press(page.locator("#found td a[href='/goods/1']"));
        page.waitForCondition(() -> held.size() == 2); // once more as the field is left
        answerUnderThePress(held);
        page.mouse().up();
        assertThat(page.locator("h1")).containsText("Bow shackle");
    }

    /** At the page of a product in somebody else's store: what the panel asks there from then on. */
    private List<Route> heldAt(TestNeighbour store, String sku) {
        page.navigate(store.url() + "/goods/" + sku);
        assertThat(page.locator("#price")).isVisible();
        return held("**/api/v1/panel");
    }

    @Test
    void anOptionPressedInThePanelIsPickedThoughThePriceComesMeanwhile(App app) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            page.setViewportSize(390, 844);
            List<Route> held = heldAt(store, "COVER");
            page.locator("[data-field='a.width']").fill("9");
            page.waitForCondition(() -> !held.isEmpty());
            press(page.locator("#ask-fixing label").nth(2));
            answerUnderThePress(held);
            page.mouse().up();
            assertThat(page.locator("[data-field='a.fixing']:checked")).hasValue("zip");
            assertThat(page.locator("#error-width")).containsText("too small");
        }
    }

    @Test
    void theStoresButtonPressedWhileThePriceIsOnItsWaySendsTheFormOnceItIsThere(App app) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            List<Route> held = heldAt(store, "SHK-8");
            assertThat(page.locator("#total")).isVisible();
            page.locator("#quantity").fill("12");
            page.locator("#add").click();
            answer(held);
            assertThat(page.locator("#cart .money")).hasText("82.80");
        }
    }

    @Test
    void itIsNotSentWhereThePriceIsRefusedOrSomebodyTypesOn(App app) {
        try (TestNeighbour store = TestNeighbour.of(app)) {
            List<Route> held = heldAt(store, "SHK-8");
            assertThat(page.locator("#total")).isVisible();
            page.locator("#quantity").fill("1.5");
            page.locator("#add").click();
            answer(held);
            assertThat(page.locator("#error-quantity")).containsText("1.5 is not a whole number");
            List<Route> later = held("**/api/v1/panel");
            page.locator("#quantity").fill("12");
            page.locator("#add").click();
            page.waitForCondition(() -> later.size() == 1);
            page.locator("#quantity").fill("13");
            page.waitForCondition(() -> later.size() == 2);
            answer(later);
            assertThat(page.locator("#total")).hasText("89.70");
            assertThat(page).hasURL(store.url() + "/goods/SHK-8");
            page.evaluate("document.querySelector('form').checkValidity()");
            assertThat(page).hasURL(store.url() + "/goods/SHK-8");
        }
    }

    @Test
    void aButtonPressedInACardDoesItsWorkThoughTheCardIsKeptMeanwhile() {
        OwnerSteps.signIn(page, "maren");
        CardHands hands = CardHands.begin(page, "COVER", "formula");
        Locator field = hands.field("/cases/0/piece/formula");
        hands.type("/cases/0/piece/formula", "length * 3").kept();
        List<Route> held = new ArrayList<>();
        page.route("**/edit", route -> {
            if (route.request().postData().contains("do=keep")) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        field.fill("length * width * 2");
        press(page.locator("#undo"));
        answerUnderThePress(held);
        assertThat(page.locator("#state")).hasText("…");
        page.mouse().up();
        hands.kept();
        assertThat(field).hasValue("length * 3");
    }
}
