package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** What a shopper's hands do at the counter, from a product page to a paid order. */
final class Shopping {

    private final Page page;

    private Shopping(Page page) {
        this.page = page;
    }

    static Shopping at(Page page, String sku) {
        page.navigate("/counter/goods/" + sku);
        return new Shopping(page);
    }

    Shopping type(String ask, String text) {
        page.fill("[id='a." + ask + "']", text);
        return this;
    }

    /** Picks from a list, or a card with that word on it. */
    Shopping pick(String ask, String option) {
        Locator list = page.locator("select[id='a." + ask + "']");
        if (list.count() > 0) {
            list.selectOption(option);
        } else {
            page.locator("#ask-" + ask + " label")
                    .filter(new Locator.FilterOptions().setHasText(option))
                    .click();
        }
        return this;
    }

    Shopping pack(String name) {
        page.locator("#packs label")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first()
                .click();
        return this;
    }

    Shopping quantity(String pieces) {
        page.fill("#quantity", pieces);
        return this;
    }

    Shopping costs(String total) {
        assertThat(page.locator("#total")).hasText(total);
        return this;
    }

    /** Puts it in the basket and pays; the order has the same total. */
    void orders(String total) {
        page.click("#buy");
        assertThat(page.locator("#basket-total")).hasText(total);
        page.getByText("To the checkout").click();
        page.fill("#name", "Ada Quill");
        page.fill("#email", "ada@example.org");
        page.fill("#card", "5000 1111 2222 3331");
        page.getByText("Order and pay").click();
        assertThat(page.locator("h1")).hasText("Thank you, Ada Quill");
        assertThat(page.locator(".totals .sum .big-figure")).hasText(total);
    }
}
