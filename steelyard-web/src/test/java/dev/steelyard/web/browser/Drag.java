package dev.steelyard.web.browser;

import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import org.assertj.core.api.Assertions;

/** Drags a weight by its body, slowly as a hand does, until its field says what is wanted. */
record Drag(Page page, String weight) {

    private static final int FURTHEST = 400;

    static Drag weight(Page page, String selector) {
        return new Drag(page, selector);
    }

    /** Up or down until the price field has a value. */
    void byPrice(String price, String field) {
        until(field, price, 0, -1);
    }

    /** Left until the threshold field has a value. */
    void toQuantity(int quantity, String field) {
        until(field, "" + quantity, -1, 0);
    }

    private void until(String field, String value, int stepX, int stepY) {
        page.evaluate("document.fonts.ready.then(() => true)"); // letters that come late move what is aimed at
        BoundingBox body = page.locator(weight + " .body").boundingBox();
        double x = body.x + body.width / 2;
        double y = body.y + body.height / 2;
        Mouse mouse = page.mouse();
        mouse.move(x, y);
        mouse.down();
        for (int step = 1; step < FURTHEST; step++) {
            mouse.move(x + stepX * step, y + stepY * step);
            if (page.inputValue(field).equals(value)) {
                mouse.up();
                return;
            }
        }
        mouse.up();
        Assertions.fail(
                "dragging " + weight + " never made " + field + " " + value + "; it is " + page.inputValue(field));
    }
}
