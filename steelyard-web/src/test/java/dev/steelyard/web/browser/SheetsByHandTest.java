package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** From picked goods to a spreadsheet and back, seen by shoppers and taken back; and an action on the picked. */
@ExtendWith(WithApp.class)
class SheetsByHandTest {

    @TempDir
    Path folder;

    private static Locator row(Page page, String name) {
        return page.locator("tr", new Page.LocatorOptions().setHasText(name)).locator("input[name=pick]");
    }

    @Test
    void pickTakeOutChangeReadInMendApplyAndUndo(App app, BrowserContext context) throws IOException {
        DemoCards.takeAway(app);
        Page page = context.newPage();
        OwnerSteps.signIn(page, "maren");
        page.fill("#find-here", "deck");
        assertThat(page.locator("#count")).hasText("1 of 13 products");
        row(page, "Deck brush").check();
        page.fill("#find-here", "");
        assertThat(page.locator("#count")).hasText("13 products");
        assertThat(row(page, "Deck brush")).isChecked();
        assertThat(page.locator("#pick-count")).hasText("1");
        page.click("#act");
        assertThat(page.locator("h1")).hasText("What shall happen with Deck brush?");
        page.selectOption("[name=kind]", "CSV");
        Download download = page.waitForDownload(
                () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take out"))
                        .click());
        Path file = folder.resolve("brushes.csv");
        download.saveAs(file);
        Files.writeString(
                file,
                Files.readString(file).replace(",row,6,,13.20,", ",row,6,,12.90,")
                        + "BRU-1,,Everyone,row,24,,\"11,80\",,,EUR,,\r\n");

        page.navigate("/sheets");
        page.setInputFiles("#file", file);
        page.getByText("Look at it").click();
        assertThat(page.locator("#sum")).containsText("1 row is refused");
        assertThat(page.locator(".mend .fault")).containsText("11,80 has a decimal comma");
        page.fill(".mend input[name='cell.PRICE']", "11.80");
        page.getByText("Mend").click();
        assertThat(page.locator("#sum")).not().containsText("refused");
        assertThat(page.locator("#sum")).containsText("prices would change");
        assertThat(page.locator("#sum b").first()).hasText("2");
        page.click("#apply");
        assertThat(page.locator(".batch-applied")).containsText("applied by Maren");

        Page shopper = context.newPage();
        Shopping.at(shopper, "BRU-1").quantity("6").costs("77.40");
        Shopping.at(shopper, "BRU-1").quantity("24").costs("283.20");
        page.click("#undo");
        assertThat(page.locator(".batch-undone")).containsText("undone by Maren");
        Shopping.at(shopper, "BRU-1").quantity("6").costs("79.20");
    }

    @Test
    void pickingGoesByKeyboardAndStaysOverPages(BrowserContext context) {
        Page page = context.newPage();
        OwnerSteps.signIn(page, "maren");
        page.locator("#find-here").press("ArrowDown");
        page.keyboard().press("Space");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#pick-count")).hasText("2");
        page.navigate("/goods?sort=sku");
        assertThat(page.locator("#pick-count")).hasText("2");
        assertThat(row(page, "Anchor chain")).isChecked();
        page.click("#pick-all");
        assertThat(page.locator("#pick-count")).hasText("13");
        assertThat(page.locator("input[name=pick]:checked")).hasCount(13);
        row(page, "Deck brush").uncheck();
        assertThat(page.locator("#pick-count")).hasText("12");
        page.click("#pick-none");
        assertThat(page.locator("#act")).isDisabled();
    }

    @Test
    void anActionListsEveryChangeBeforeItIsDone(BrowserContext context) {
        Page page = context.newPage();
        OwnerSteps.signIn(page, "maren");
        page.selectOption("[name=supplier]", "Harlow Forge");
        assertThat(page.locator("#count")).hasText("3 of 13 products");
        page.check("#pick-shown");
        page.click("#act");
        page.fill("[name='change.by']", "4");
        page.selectOption("[name='change.ending']", "NINETY_FIVE");
        page.getByText("Show the changes").first().click();
        assertThat(page.locator("#sum")).containsText("prices would change");
        assertThat(page.locator("#sum b").first()).hasText("4");
        assertThat(page.locator("tbody tr").first()).containsText("7.40");
        assertThat(page.locator("tbody tr").first()).containsText("7.95");
        page.click("#apply");
        assertThat(page.locator("#undo")).isVisible();
        assertThat(page.url()).contains("/sheets/");
    }
}
