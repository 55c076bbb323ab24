package dev.steelyard.web.browser;

import com.microsoft.playwright.Page;

/** Pastes text where the focus is, as a spreadsheet's copy would arrive. */
final class Paste {

    private Paste() {}

    static void into(Page page, String text) {
        page.evaluate(
                """
                text => {
                  const data = new DataTransfer();
                  data.setData("text/plain", text);
                  document.activeElement.dispatchEvent(
                    new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
                }""",
                text);
    }
}
