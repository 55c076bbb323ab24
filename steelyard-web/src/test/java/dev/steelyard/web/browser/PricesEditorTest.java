package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The prices page as hands use it. Product 1 is the shackle: 10 at 6.90, 25 at 6.20, 100 at 5.45. */
@ExtendWith(WithApp.class)
class PricesEditorTest {

    private static final String AS_SAVED =
            "Every piece costs 7.40; from 10 it is 6.90, from 25 it is 6.20, from 100 it is 5.45.";

    private Page page;

    @BeforeEach
    void open(BrowserContext context) {
        page = OwnerSteps.prices(context.newPage(), "maren", 1);
        assertThat(page.locator("#sentence")).hasText(AS_SAVED);
    }

    @Test
    void aWeightIsMovedByKeysAndKeepsTheFocus() {
        Locator weight = page.locator(".weight:not(.second)").first();
        weight.focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#sentence")).containsText("from 11 it is 6.90");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#sentence")).containsText("from 11 it is 6.89");
        page.keyboard().press("Shift+ArrowUp");
        assertThat(page.locator("#sentence")).containsText("from 11 it is 6.99");
        assertThat(weight).isFocused();
        assertThat(cell(0, 0)).hasValue("11");
    }

    @Test
    void aWeightIsTakenOffAndHungByKeysAndUndoTakesItBack() {
        page.locator(".weight:not(.second)").nth(1).focus();
        page.keyboard().press("Delete");
        assertThat(page.locator("#sentence"))
                .hasText("Every piece costs 7.40; from 10 it is 6.90, from 100 it is 5.45.");
        page.locator("#undo").click();
        assertThat(page.locator("#sentence")).hasText(AS_SAVED);
        assertThat(page.locator("#undo")).isDisabled();

        page.fill("[id='t.quantity']", "50");
        assertThat(page.locator("#per-piece")).hasText("6.20");
        page.locator("#arm").focus();
        page.keyboard().press("+");
        assertThat(page.locator("#sentence")).containsText("from 25 it is 6.20, from 50 it is 5.45, from 100");
        assertThat(page.locator("#findings")).containsText("No effect.");
    }

    @Test
    void oneGroupsPlateIsTakenOffAndTheRowStays() {
        page.locator(".weight.second").first().focus();
        page.keyboard().press("Delete");
        assertThat(cell(0, 2)).hasValue("");
        assertThat(cell(0, 1)).hasValue("6.90");
        assertThat(cell(0, 2)).hasAttribute("placeholder", "6.90");
    }

    @Test
    void aDoubleClickOnTheArmHangsABreak() {
        Locator notch = page.locator("#arm text", new Page.LocatorOptions().setHasText("50"));
        double x = notch.boundingBox().x + notch.boundingBox().width / 2;
        double y = page.locator("#arm .ring").boundingBox().y + 12;
        page.mouse().dblclick(x, y);
        assertThat(page.locator("#sentence")).containsText("from 50 it is");
    }

    @Test
    void aWeightIsDraggedByAFinger() {
        Touch finger = new Touch(page);
        finger.drag("[id='weight-/rows/0'] .body", 30, 0);
        assertThat(cell(0, 0)).not().hasValue("10");
        assertThat(cell(0, 1)).hasValue("6.90");
        page.locator("#undo").click();
        assertThat(page.locator("#sentence")).hasText(AS_SAVED);
    }

    @Test
    void theRiderMovesTheTrial() {
        page.locator("#rider").focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.locator("[id='t.quantity']")).hasValue("22");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#total")).hasText("158.70");
    }

    @Test
    void aNumberIsChangedInTheSentence() {
        page.locator("#sentence button", new Page.LocatorOptions().setHasText("6.20"))
                .click();
        Locator inPlace = page.locator("#sentence input");
        inPlace.fill("6.50");
        assertThat(cell(1, 1)).hasValue("6.50");
        inPlace.press("Enter");
        assertThat(page.locator("#sentence")).containsText("from 25 it is 6.50");
        page.locator("#undo").click();
        assertThat(page.locator("#sentence")).hasText(AS_SAVED);
    }

    @Test
    void cellsFromASpreadsheetArePastedAndBadOnesMarked() {
        cell(1, 0).focus();
        Paste.into(page, "From\tEveryone\tBoatyard\n30\t6,100\t5\n60\t5\t\n");
        assertThat(cell(1, 0)).hasValue("30");
        assertThat(cell(1, 2)).hasValue("5");
        assertThat(page.locator(".breaks")).containsText("6,100 can be 6.100 or 6100; write the one that is meant");
        assertThat(cell(1, 1)).hasAttribute("aria-invalid", "true");
        assertThat(cell(2, 0)).hasValue("60");
        page.locator("#undo").click();
        assertThat(page.locator("#sentence")).hasText(AS_SAVED);
    }

    @Test
    void aBlockWhoseCellsContradictEachOtherIsNotPasted() {
        cell(1, 1).focus();
        Paste.into(page, "5,80\n1.234\n5.60\n");
        assertThat(page.locator("#notice")).containsText("Nothing was pasted: “5,80” and “5.60” have different signs");
        assertThat(cell(1, 1)).hasValue("6.20");
        cell(1, 1).focus();
        Paste.into(page, "1.234\n5,60\n");
        assertThat(cell(1, 1)).hasValue("1234");
    }

    @Test
    void aFindingIsMendedByOneClick() {
        page.locator("[data-do=mend]", new Page.LocatorOptions().setHasText("Make it 6.63 from 25"))
                .click();
        assertThat(cell(1, 1)).hasValue("6.63");
        assertThat(page.locator("#sentence")).containsText("from 25 it is 6.63");
        page.locator("#undo").click();
        assertThat(cell(1, 1)).hasValue("6.20");
    }

    @Test
    void datesAreGivenToARowAndTheTrialsDayFollowsThem() {
        page.locator(".breaks summary").nth(0).click();
        page.fill("[id='/rows/0/fromDate']", "2027-04-01");
        page.fill("[id='/rows/0/untilDate']", "2027-03-01");
        assertThat(page.locator("[id='error-/rows/0/untilDate']"))
                .containsText("The last day, 2027-03-01, is before the first, 2027-04-01");
        page.fill("[id='/rows/0/untilDate']", "2027-04-30");
        assertThat(page.locator("[id='error-/rows/0/untilDate']")).hasText("");
        assertThat(page.locator("#per-piece")).hasText("7.40");
        page.fill("[id='t.day']", "2027-04-30");
        assertThat(page.locator("#per-piece")).hasText("6.90");
    }

    @Test
    void whatIsTypedSurvivesSigningInAgain() {
        cell(0, 1).fill("6.66");
        assertThat(page.locator("#per-piece")).hasText("6.66");
        page.context().clearCookies(new BrowserContext.ClearCookiesOptions().setName("steelyard"));
        cell(1, 1).fill("6.11");
        assertThat(page.locator("#offline")).containsText("You have been signed out. What you typed is kept");
        page.locator("#offline a").click();
        page.fill("#username", "maren");
        page.fill("#password", "saltmarsh");
        page.click("button[type=submit]");
        assertThat(page.locator("#offline")).containsText("What you had typed before is back");
        assertThat(cell(0, 1)).hasValue("6.66");
        assertThat(cell(1, 1)).hasValue("6.11");
        page.locator("#save").click();
        assertThat(page.locator("#notice")).containsText("Saved.");
    }

    @Test
    void whatIsTypedIsThereAfterLeavingAndUndoStillGoesBack() {
        cell(0, 1).fill("6.80");
        cell(0, 1).press("Tab");
        assertThat(page.locator("#state")).hasText("kept");
        assertThat(page.locator("#unpublished")).containsText("Breaks from 10: 6.90 → 6.80");
        page.navigate("/goods");
        page.navigate("/goods/1");
        assertThat(cell(0, 1)).hasValue("6.80");
        assertThat(page.locator("#standing")).hasText("live, a draft waits");
        page.locator("#undo").click();
        assertThat(page.locator("#sentence")).hasText(AS_SAVED);
        assertThat(page.locator("#unpublished")).hasCount(0);
    }

    @Test
    void whatBothChangedIsPickedAndTheRestIsKeptOfBoth(App app, BrowserContext other) {
        Page jonas = OwnerSteps.prices(other.newPage(), "jonas", 1);
        cell(jonas, 1, 1).fill("6.10");
        cell(jonas, 0, 1).fill("6.85");
        jonas.locator("#save").click();
        assertThat(jonas.locator("#notice")).containsText("Saved.");

        cell(0, 1).fill("6.80");
        page.locator("#save").click();
        assertThat(page.locator("#notice")).containsText("Jonas has changed this product meanwhile");
        assertThat(page.locator("#notice .both tbody tr")).hasCount(1);
        assertThat(cell(0, 1)).hasValue("6.80");

        page.locator("#notice input[value=mine]").check();
        page.locator("[data-do=settle]").click();
        assertThat(cell(1, 1)).hasValue("6.10");
        assertThat(cell(0, 1)).hasValue("6.80");
        page.locator("#save").click();
        assertThat(page.locator("#notice")).containsText("Saved.");
    }

    @Test
    void goodsTakenOutMeanwhileAreSaidToBeAndTheTypedValuesStay(App app) {
        app.bean(GoodsStore.class).remove(1, "Jonas");
        cell(0, 1).fill("6.80");
        page.locator("#save").click();
        assertThat(page.locator("#notice")).containsText("it was taken out of the shop");
        assertThat(cell(0, 1)).hasValue("6.80");
        page.locator("text=Put back into the shop").click();
        assertThat(cell(0, 1)).hasValue("6.80");
        assertThat(page.locator("#save")).isVisible();
    }

    @Test
    void aVariantGetsPricesOfItsOwn() {
        page.navigate("/goods/1?variant=2");
        page.waitForURL("**/goods/1?step=variant-SHK-8");
        assertThat(page.locator("[id='/variants/SHK-8/shelfPrice']")).hasAttribute("placeholder", "7.40");
        page.locator("[data-do=hang]").click();
        cell(0, 0).fill("3");
        cell(0, 1).fill("7.00");
        page.fill("[id='t.quantity']", "3");
        assertThat(page.locator("#total")).hasText("21.00");
        page.locator("#save").click();
        assertThat(page.locator("#notice")).containsText("Variant SHK-8, breaks from 3: added at 7.00");
    }

    /** A cell of the table of breaks; column 0 is the threshold, 1 everyone, 2 the boatyard. */
    private Locator cell(int row, int column) {
        return cell(page, row, column);
    }

    private static Locator cell(Page page, int row, int column) {
        return page.locator(".breaks input[data-row='" + row + "'][data-column='" + column + "']");
    }
}
