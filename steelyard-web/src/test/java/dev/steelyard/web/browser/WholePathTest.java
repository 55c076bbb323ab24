package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The one path everything hangs on: breaks are set, shoppers see them, an order keeps them. */
@ExtendWith(WithApp.class)
class WholePathTest {

    @Test
    void fromADraggedWeightToAnOrder(BrowserContext owners, BrowserContext shoppers) {
        Page owner = owners.newPage();
        OwnerSteps.signIn(owner, "maren");
        owner.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Bow shackle").setExact(true))
                .click();

        // up and down is the price: the weight at 10 goes from 6.90 to 7.00
        Drag.weight(owner, "[id='weight-/rows/0']").byPrice("7.00", "[id='/rows/0/value']");
        // sideways is the threshold: the weight at 25 goes to 24 pieces
        Drag.weight(owner, "[id='weight-/rows/2']").toQuantity(24, "[id='/rows/2/from']");
        assertThat(owner.locator("#sentence"))
                .hasText("Every piece costs 7.40; from 10 it is 7.00, from 24 it is 6.20, from 100 it is 5.45.");
        assertThat(owner.locator("#per-piece")).hasText("7.00");
        assertThat(owner.locator("#total")).hasText("84.00");
        assertThat(owner.locator("#unpublished")).containsText("Breaks from 25 → from 24");
        assertThat(owner.locator(".trial")).containsText("12 more and each costs 6.20");

        owner.locator("#save").click();
        assertThat(owner.locator("#notice")).containsText("Saved. Shoppers see it now.");
        assertThat(owner.locator("#notice")).containsText("from 10: 6.90 → 7.00");

        Page shopper = shoppers.newPage();
        shopper.navigate("/counter/goods/SHK-8");
        expectPrice(shopper, "9", "66.60", "7.40");
        expectPrice(shopper, "10", "70.00", "7.00");
        expectPrice(shopper, "25", "155.00", "6.20");
        expectPrice(shopper, "10", "70.00", "7.00");
        assertThat(shopper.locator("#next")).hasText("14 more and each costs 6.20");

        shopper.getByText("Put in the basket").click();
        assertThat(shopper.locator("#basket-total")).hasText("70.00");
        shopper.getByText("To the checkout").click();
        shopper.fill("#name", "Ada Quill");
        shopper.fill("#email", "ada@example.org");
        shopper.fill("#card", "5000 1111 2222 3331");
        shopper.getByText("Order and pay").click();
        assertThat(shopper.locator("h1")).hasText("Thank you, Ada Quill");
        String number = shopper.locator("#order-number").textContent();

        // a later change of prices does not touch what was sold
        owner.fill("[id='/rows/0/value']", "9.99");
        owner.locator("#save").click();
        assertThat(owner.locator("#notice")).containsText("from 10: 7.00 → 9.99");
        owner.navigate("/orders");
        owner.getByText(number).click();
        assertThat(owner.locator("#order")).containsText("10 × 7.00");
        assertThat(owner.locator(".steps").first()).containsText("10 pieces reach “from 10”");
        assertThat(owner.locator(".order-total")).hasText("70.00");
    }

    private static void expectPrice(Page shopper, String quantity, String total, String each) {
        shopper.fill("#quantity", quantity);
        assertThat(shopper.locator("#total")).hasText(total);
        assertThat(shopper.locator("#each b")).hasText(each);
    }
}
