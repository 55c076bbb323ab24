package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import dev.steelyard.web.start.demo.DemoOrders;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From the bars under the beam to a price that a bound keeps from going live. Product 1 is the shackle. */
@ExtendWith(WithApp.class)
class SoldByHandTest {

    private static final int ORDERS = 600;
    private static final String WEIGHT = "[id='weight-/rows/2']";
    private static final String FROM = "[id='/rows/2/from']";

    private App app;
    private Page page;

    @BeforeEach
    void open(App app, BrowserContext context) {
        this.app = app;
        app.bean(DemoOrders.class).fill(ORDERS);
        page = OwnerSteps.prices(context.newPage(), "maren", 1);
    }

    private BigDecimal shelfPrice() {
        return app.sql()
                .sql("select shelf_price from product where id = 1")
                .query(BigDecimal.class)
                .single();
    }

    /** Many orders stand at 20 to 24, short of the break at 25: it is dragged to 20, and they are its own. */
    @Test
    void aWeightIsDraggedOverWhatWasSoldAndHeldAgainstIt() {
        assertThat(page.locator(".sold-bars .stood.near").first()).isVisible();
        assertThat(page.locator("#under-says")).containsText("less than 20 % below 25");
        page.click("#under-table summary");
        Locator at25 = page.locator("#under-table tr", new Page.LocatorOptions().setHasText("from 25"));
        int before = Integer.parseInt(at25.locator("td").nth(1).textContent());
        int near = Integer.parseInt(at25.locator("td").nth(2).textContent());

        new Drag(page, WEIGHT).toQuantity(20, FROM);

        Locator at20 = page.locator("#under-table tr", new Page.LocatorOptions().setHasText("from 20"));
        assertThat(at20.locator("td").nth(1)).hasText("" + (before + near));

        page.click("text=Hold the draft against these orders");
        page.selectOption("#period", "all");
        page.click("#begin");
        assertThat(page.locator("#all")).isVisible();
        assertThat(page.locator("#all")).containsText("Orders dearer, cheaper");
        assertThat(page.locator("#most tbody tr").first()).containsText("−");
        assertThat(page.locator("#by-breaks")).containsText("Bow shackles by quantity, from 20");
        page.click("#most a >> nth=0");
        assertThat(page.locator("#order h1")).containsText("Order");
    }

    @Test
    void aBoundOfTheOwnersStopsWhatMakesAnOrderFarDearer() {
        page.navigate("/shop");
        page.fill("[name=dearest]", "10");
        page.locator("form", new Page.LocatorOptions().setHas(page.locator("[name=dearest]")))
                .locator("button[type=submit]")
                .first()
                .click();
        page.navigate("/goods/1");
        page.fill("[id='/rows/0/value']", "9.90");
        page.locator("#per-piece").click();
        page.click("text=Save, live at once");
        assertThat(page.locator("body")).containsText("dearer by over 10 %, which is the shop’s bound");
        assertThat(shelfPrice()).isEqualByComparingTo("7.40");

        page.navigate("/goods/1/live");
        assertThat(page.locator(".checks")).containsText("dearer by over 10 %");
        assertThat(page.locator("#go")).isDisabled();
        assertThat(page.locator("#sold-check")).containsText("orders of the last 90 days");
    }

    /** The margin of the break at 100 is below 20 %; a click puts in the lowest price that keeps it. */
    @Test
    void aPriceThatKeepsAMarginIsPutInByAClick() {
        Locator keeps = page.locator(".keeps").nth(2);
        assertThat(keeps).hasText("→ 6.18");
        keeps.click();
        assertThat(page.locator("input[data-row='2'][data-column='1']")).hasValue("6.18");
        assertThat(page.locator("#findings")).not().containsText("Cost and margin. From 100");

        page.fill("[id='g.margin']", "30");
        page.locator("[id='g.margin']").press("Tab");
        assertThat(page.locator(".keeps").nth(2)).hasText("→ 7.06");
    }

    @Test
    void whatWasSoldIsToldApartBySize() {
        page.navigate("/sold?product=COVER");
        page.click(".by >> text=Size");
        assertThat(page.locator("#sizes")).containsText("Length, cm");
        page.click(".by >> text=Hem");
        assertThat(page.locator("#parts")).containsText("roped");
        page.selectOption("#period", "all");
        page.click("text=Show");
        assertThat(page.locator("#parts")).containsText("roped");
        page.fill("#from", "2020-01-01");
        page.fill("#until", "2020-02-01");
        page.click("text=Show");
        assertThat(page.locator("#none-fits")).isVisible();
        assertThat(page.locator("#period")).hasValue("own");
    }

    /** A card that was never live has sold nothing by itself: the orders of its goods stand under its beam. */
    @Test
    void aNewCardIsDrawnOverTheOrdersOfItsGoods() {
        CardHands.begin(page, "SHK", "quantity");
        assertThat(page.locator("#under-says")).containsText("Of its goods, by other prices: ");
        assertThat(page.locator(".sold-bars .stood").first()).isVisible();
    }
}
