package dev.steelyard.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ForcedColors;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Where the system forces its own few colours, shapes and outlines must tell what ours told. */
@ExtendWith(WithApp.class)
class ForcedColoursTest {

    private static Page forced(BrowserContext context) {
        Page page = context.newPage();
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
        return page;
    }

    private static String style(Page page, String selector, String property) {
        return (String) page.locator(selector)
                .first()
                .evaluate("(element, property) => getComputedStyle(element)[property]", property);
    }

    @Test
    void theBeamAndItsWeightsStandOutFromThePage(BrowserContext context) {
        Page page = OwnerSteps.prices(forced(context), "maren", 1);
        String paper = style(page, "body", "backgroundColor");

        assertThat(style(page, ".beam .arm", "fill")).isNotEqualTo(paper);
        assertThat(style(page, ".beam .run", "stroke")).isNotEqualTo(paper).isNotEqualTo("none");
        assertThat(style(page, ".beam .weight .body", "fill"))
                .as("a plate behind its figure")
                .isNotEqualTo(style(page, ".beam .weight text", "fill"));
        assertThat(style(page, ".rail a[aria-current]", "outlineStyle")).isEqualTo("solid");
    }

    @Test
    void thePickedOptionAndTheReachedTierHaveAnOutline(BrowserContext context) {
        Page page = forced(context);
        page.navigate("/counter/goods/SHK-8?quantity=12");

        assertThat(style(page, ".tiers li[aria-current]", "outlineStyle")).isEqualTo("solid");
        assertThat(style(page, ".tiers li:not([aria-current])", "outlineStyle")).isEqualTo("none");
        assertThat(style(page, "input:checked + span", "outlineStyle")).isEqualTo("solid");
        assertThat(style(page, "input:not(:checked) + span", "outlineStyle")).isEqualTo("none");
        assertThat(style(page, ".buy", "borderTopStyle")).isEqualTo("solid");
    }
}
