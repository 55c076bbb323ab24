package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** What an owner's hands do on the page of a rate card: everything by its fields and buttons, nothing as JSON. */
final class CardHands {

    private final Page page;

    CardHands(Page page) {
        this.page = page;
    }

    /** Begins a card for some goods in one of the ways. */
    static CardHands begin(Page page, String sku, String way) {
        page.navigate("/cards/new");
        page.check("input[value=\"" + sku + "\"]");
        page.click("button[value=" + way + "]");
        page.waitForURL("**/cards/*step=*");
        return new CardHands(page);
    }

    Page page() {
        return page;
    }

    CardHands step(String code) {
        page.click("a[data-step=" + code + "]");
        page.locator("section.bench[data-step=" + code + "]").waitFor();
        return this;
    }

    Locator field(String place) {
        return page.locator(".editor [name=\"" + place + "\"]:not([type=hidden])");
    }

    /** Types into a field and leaves it. */
    CardHands type(String place, String text) {
        Locator field = field(place);
        field.fill(text);
        field.blur();
        return kept();
    }

    CardHands pick(String place, String option) {
        field(place).selectOption(option);
        return kept();
    }

    CardHands tick(String place) {
        field("?" + place).check();
        return kept();
    }

    /** Presses a button that asks for a change. */
    CardHands press(String wish, String at, String to) {
        String selector = ".bench [data-do=" + wish + "]" + (at.isEmpty() ? "" : "[data-at=\"" + at + "\"]")
                + (to.isEmpty() ? "" : "[data-to=\"" + to + "\"]");
        String before = page.locator("#basedOn").inputValue();
        page.locator(selector).first().click();
        assertThat(page.locator("#basedOn")).not().hasValue(before);
        return this;
    }

    /** Picks from a list that asks for a change. */
    CardHands change(String id, String option) {
        String before = page.locator("#basedOn").inputValue();
        page.locator("[id=\"" + id + "\"]").selectOption(option);
        assertThat(page.locator("#basedOn")).not().hasValue(before);
        return this;
    }

    /** Picks a unit, and leaves the numbers as they are. */
    CardHands unit(String place, String unit) {
        if (!page.locator("[id=\"" + place + "\"]").inputValue().equals(unit)) {
            change(place, unit);
            Locator leave = page.locator("[data-do=leave-numbers][data-at=\"" + place + "\"]");
            if (leave.count() > 0) {
                press("leave-numbers", place, "");
            }
        }
        return this;
    }

    CardHands kept() {
        assertThat(page.locator("#state")).hasText("kept");
        return this;
    }

    /** A measurement with its limits. */
    CardHands limits(int ask, String unit, String least, String most, String step) {
        String at = "/asks/" + ask;
        return unit(at + "/unit", unit)
                .type(at + "/min", least)
                .type(at + "/max", most)
                .type(at + "/step", step);
    }

    CardHands trial(String name, String value) {
        Locator field = page.locator("[id=\"t." + name + "\"]");
        if ("SELECT".equals(field.evaluate("field => field.tagName"))) {
            field.selectOption(value);
        } else {
            field.fill(value);
            field.blur();
        }
        return this;
    }

    CardHands costs(String total) {
        assertThat(page.locator("#total")).hasText(total);
        return this;
    }

    CardHands costs(String each, String total) {
        assertThat(page.locator("#per-piece")).hasText(each);
        return costs(total);
    }

    CardHands refused(String words) {
        assertThat(page.locator("#refusal")).containsText(words);
        return this;
    }

    /** Says of figures that were put in as samples that they are meant, where there are any. */
    CardHands meant() {
        kept();
        Locator meant = page.locator("#findings [data-to=meant]");
        if (meant.count() > 0) {
            meant.click();
            assertThat(meant).hasCount(0);
        }
        return kept();
    }

    /** Puts the draft live now, as it is. */
    void live() {
        meant();
        page.click("#to-live");
        page.click("#go");
        assertThat(page.locator("#notice")).containsText("Live. Shoppers see it now.");
    }
}
