package dev.steelyard.web.browser;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

/** A finger on the screen, by the browser's own protocol, since a test mouse makes no touches. */
final class Touch {

    private static final int STEPS = 10;

    private final Page page;
    private final CDPSession browser;

    Touch(Page page) {
        this.page = page;
        this.browser = page.context().newCDPSession(page);
    }

    void drag(String selector, double byX, double byY) {
        page.evaluate("document.fonts.ready.then(() => true)");
        BoundingBox box = page.locator(selector).boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        send("touchStart", x, y);
        for (int step = 1; step <= STEPS; step++) {
            send("touchMove", x + byX * step / STEPS, y + byY * step / STEPS);
            page.waitForTimeout(40); // the page redraws under the finger meanwhile
        }
        send("touchEnd", null, null);
    }

    private void send(String type, Double x, Double y) {
        JsonArray points = new JsonArray();
        if (x != null) {
            JsonObject point = new JsonObject();
            point.addProperty("x", x);
            point.addProperty("y", y);
            points.add(point);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        browser.send("Input.dispatchTouchEvent", event);
    }
}
