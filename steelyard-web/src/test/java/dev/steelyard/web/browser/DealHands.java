package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** What an owner's hands do on the page of a deal. */
final class DealHands {

    private final Page page;
    private final CardHands fields;

    private DealHands(Page page) {
        this.page = page;
        this.fields = new CardHands(page);
    }

    /** Begins a deal from a sentence, for some goods. */
    static DealHands begin(Page page, String sentence, String... goods) {
        page.navigate("/deals/new");
        for (String one : goods) {
            page.check("input[value=\"" + one + "\"]");
        }
        if (goods.length == 0 && !sentence.equals("payment")) {
            page.check("#everything");
        }
        page.click("button[value=" + sentence + "]");
        page.locator("form#deal").waitFor();
        return new DealHands(page);
    }

    /** On the page of a deal that is open. */
    static DealHands of(Page page) {
        return new DealHands(page);
    }

    DealHands type(String place, String text) {
        fields.type(place, text);
        return this;
    }

    DealHands pick(String place, String option) {
        fields.pick(place, option);
        return this;
    }

    DealHands tick(String place) {
        fields.tick(place);
        return this;
    }

    DealHands change(String id, String option) {
        fields.change(id, option);
        return this;
    }

    DealHands press(String wish, String at, String to) {
        fields.press(wish, at, to);
        return this;
    }

    DealHands step(String code) {
        fields.step(code);
        return this;
    }

    /** Puts goods into the trial basket, in place of what is in its row. */
    DealHands tries(int row, String sku, String quantity) {
        page.locator("[id='t.sku." + row + "']").selectOption(sku);
        Locator pieces = page.locator("[id='t.quantity." + row + "']");
        pieces.fill(quantity);
        pieces.blur();
        return this;
    }

    /** Takes the goods of a row out of the trial basket: with them the row goes. */
    DealHands triesNot(int row) {
        page.locator("[id='t.sku." + row + "']").selectOption("");
        return this;
    }

    DealHands with(String name, String value) {
        fields.trial(name, value);
        return this;
    }

    DealHands comesTo(String total) {
        fields.costs(total);
        return this;
    }

    DealHands says(String sentence) {
        assertThat(page.locator("#sentence")).hasText(sentence);
        return this;
    }

    void live() {
        fields.live();
    }
}
