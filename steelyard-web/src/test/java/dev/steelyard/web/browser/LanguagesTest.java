package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Shoppers who read another language than the shop's own. */
@ExtendWith(WithApp.class)
class LanguagesTest {

    /** Makes every text of a page half as long again, as a language might. */
    private static final String LONGER =
            """
            const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            const texts = [];
            while (walk.nextNode()) texts.push(walk.currentNode);
            texts.filter(text => text.data.trim() && !text.parentElement.closest('script, style, .big-figure, select'))
                .forEach(text => text.data += ' ' + text.data.trim().slice(0, Math.ceil(text.data.trim().length / 2)));
            document.documentElement.scrollWidth""";

    @Test
    void aGermanBuysFromTheListToTheReceipt(App app, BrowserContext context) {
        DemoDeals.putBack(app);
        Page page = context.newPage();
        List<String> complaints = new ArrayList<>();
        page.navigate("/counter");
        assertThat(page.locator("html")).hasAttribute("lang", "en");
        page.getByText("Deutsch").click();
        assertThat(page.locator("html")).hasAttribute("lang", "de");
        assertThat(page.locator(".languages [aria-current]")).hasText("Deutsch");
        assertThat(page.locator("main")).containsText("Tauwerk & Ketten");
        look(page, "Liste", complaints);

        page.getByText("Dreischäftiges Tauwerk").click(); // the language picked holds on the next pages
        page.fill("[id='a.length']", "7,3");
        assertThat(page.locator("#error-length"))
                .hasText("Länge passt nicht: 7,3 m eingegeben; möglich: 0,5 bis 200 m, in Schritten von 0,5 m; am"
                        + " nächsten liegt 7 m oder 7,5 m");
        page.fill("[id='a.length']", "137,5");
        assertThat(page.locator("#total")).hasText("372,00");
        assertThat(page.locator("#reckoning")).containsText("Von 100 m bis 137,5 m 37,5 m × 2,40 je m");
        assertThat(page.locator("#offers")).containsText("Tau- und Kettentage gilt");
        look(page, "Tauwerk", complaints);
        page.getByText("In den Warenkorb").click();

        assertThat(page.locator(".basket")).containsText("Länge 137,5 m");
        assertThat(page.locator(".totals"))
                .containsText("Tau- und Kettentage 372,00 erreicht „ab 150,00“: 5 % weniger");
        assertThat(page.locator("#basket-total")).hasText("353,40");
        page.fill("#code", "WRONG");
        page.getByText("Einlösen").click();
        assertThat(page.locator("#error-code")).hasText("Nein: „WRONG“ ist kein Code dieses Ladens");
        look(page, "Warenkorb", complaints);
        page.getByText("Zur Kasse").click();

        page.fill("#name", "Ada Quill");
        page.fill("#email", "ada");
        page.fill("#card", "5000 1111 2222 3331");
        page.locator("button.buy").click();
        assertThat(page.locator("#error-email"))
                .hasText("„ada“ ist keine E-Mail-Adresse; schreiben Sie sie wie ada@example.org");
        page.fill("#email", "ada@example.org");
        look(page, "Kasse", complaints);
        page.locator("button.buy").click();
        page.waitForURL("**/counter/orders/*");
        assertThat(page.locator("h1")).hasText("Danke, Ada Quill");
        assertThat(page.locator("#receipt")).containsText("Dreischäftiges Tauwerk 12 mm Länge 137,5 m");
        assertThat(page.locator("#receipt")).containsText("19 % Steuer, enthalten in 353,40");
        look(page, "Beleg", complaints);

        page.getByText("Français").click(); // what was frozen is codes and figures, which every language can say
        assertThat(page.locator("#receipt")).containsText("Cordage trois torons 12 mm Longueur 137,5 m");
        assertThat(page.locator("#receipt")).containsText("372,00 atteint « à partir de 150,00 »");
        assertThat(complaints).isEmpty();

        OwnerSteps.signIn(page, "maren");
        page.navigate("/orders");
        page.locator("table a").first().click();
        assertThat(page.locator("main")).containsText("Three-strand rope 12 mm");
        assertThat(page.locator("main")).containsText("37.5 m × 2.40 per m");
    }

    @Test
    void longTextsFitAPhoneAndAScreen(App app, BrowserContext context) {
        DemoDeals.putBack(app);
        Page page = context.newPage();
        List<String> wide = new ArrayList<>();
        page.navigate("/counter/goods/FLAGS-C?lang=de");
        page.getByText("In den Warenkorb").click();
        for (String path : List.of(
                "/counter",
                "/counter/goods/COVER?sent=yes&a.length=523&a.width=211&a.hem=roped&a.fixing=hooks",
                "/counter/goods/LEAD",
                "/counter/goods/FLAGS-C",
                "/counter/goods/PAINT",
                "/counter/basket",
                "/counter/checkout")) {
            for (int width : List.of(390, 1280)) {
                page.setViewportSize(width, 800);
                page.navigate(path);
                int needed = (int) page.evaluate(LONGER);
                if (needed > width) {
                    wide.add(path + " needs " + needed + " of " + width);
                }
            }
        }
        assertThat(wide).isEmpty();
    }

    private static void look(Page page, String what, List<String> complaints) {
        complaints.addAll(Access.complaints(page, what));
    }
}
