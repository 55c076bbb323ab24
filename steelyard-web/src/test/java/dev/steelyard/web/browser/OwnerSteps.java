package dev.steelyard.web.browser;

import com.microsoft.playwright.Page;

/** What owners do again and again. */
final class OwnerSteps {

    private OwnerSteps() {}

    static void signIn(Page page, String name) {
        page.navigate("/goods");
        page.fill("#username", name);
        page.fill("#password", "saltmarsh");
        page.click("button[type=submit]");
        page.waitForURL("**/goods*");
    }

    static Page prices(Page page, String name, long product) {
        signIn(page, name);
        page.navigate("/goods/" + product);
        return page;
    }
}
