package dev.steelyard.web.browser;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;

/** Whether a page can be used by everybody, as far as axe tells. */
final class Access {

    private Access() {}

    /** What is serious or critical on a page as it stands. @param path by which it is named */
    static List<String> complaints(Page page, String path) {
        List<String> found = new ArrayList<>();
        // no page has frames, so nothing is gathered from several: that takes half the time
        for (Rule rule : new AxeBuilder(page).setLegacyMode(true).analyze().getViolations()) {
            if (List.of("serious", "critical").contains(rule.getImpact())) {
                rule.getNodes()
                        .forEach(node -> found.add(path + ": " + rule.getId() + ", " + rule.getHelp() + ": "
                                + node.getHtml() + " " + node.getFailureSummary()));
            }
        }
        return found;
    }
}
