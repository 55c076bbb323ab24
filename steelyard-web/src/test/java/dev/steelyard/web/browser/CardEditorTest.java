package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The page of a rate card as hands use it. */
@ExtendWith(WithApp.class)
class CardEditorTest {

    private static final String FORMULA = "/cases/0/piece/formula";

    private Page page;

    @BeforeEach
    void signIn(BrowserContext context) {
        page = context.newPage();
        OwnerSteps.signIn(page, "maren");
    }

    @Test
    void aMistakeInAFormulaIsUnderlinedAndMendedByOneClick() {
        CardHands hands = CardHands.begin(page, "COVER", "formula");
        Locator field = hands.field(FORMULA);
        field.fill("length * widht * cloth");
        assertThat(page.locator(".formula-field .wrong")).hasText("widht");
        assertThat(page.locator(".formula-faults")).containsText("Did you mean “width”?");
        assertThat(page.locator("#refusal")).containsText("No price while something in the card cannot be read");
        page.locator("[data-do=mend-text]").click();
        assertThat(field).hasValue("length * width * cloth");
        assertThat(page.locator(".formula-value")).hasText("= 64.80");
        hands.costs("64.80");

        field.fill("length * width");
        assertThat(page.locator(".formula-faults")).containsText("is an area");
        page.locator("#undo").click();
        assertThat(field).hasValue("length * width * cloth");
        page.locator("#redo").click();
        assertThat(field).hasValue("length * width");
    }

    @Test
    void namesAndFunctionsAreCompletedAndClicked() {
        CardHands hands = CardHands.begin(page, "COVER", "formula");
        Locator field = hands.field(FORMULA);
        field.fill("");
        field.pressSequentially("le");
        assertThat(page.locator(".formula-faults")).containsText("Nothing here is called “le”");
        assertThat(page.locator("#completions li").first()).containsText("length");
        field.press("Tab");
        assertThat(field).hasValue("length");
        field.pressSequentially(" * ");
        page.locator("button[data-insert=width]").click();
        field.pressSequentially(" * clo");
        page.locator("#completions li").first().click();
        assertThat(field).hasValue("length * width * cloth");
        field.press("Escape");
        hands.costs("64.80");
        assertThat(page.locator("#completions")).isHidden();
    }

    @Test
    void weightsAreMovedByDragAndKeysAndUndoTakesThemBack() {
        CardHands hands = CardHands.begin(page, "SHK", "quantity")
                .change("/ladder/value", "price")
                .type("/ladder/rows/0/value", "7.03")
                .type("/ladder/rows/1/value", "6.66")
                .type("/ladder/rows/2/value", "5.92");
        String weight = "[id=\"weight-/ladder/rows/0\"]";
        page.locator(weight).focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#sentence")).containsText("From 11 on");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#sentence")).containsText("each costs 7.02");
        assertThat(page.locator(weight)).isFocused();
        page.locator("#arm").focus();
        hands.kept();
        Drag.weight(page, weight).byPrice("7.20", "[id=\"/ladder/rows/0/value\"]");
        hands.kept();
        Drag.weight(page, weight).toQuantity(9, "[id=\"/ladder/rows/0/from\"]");
        hands.kept().costs("7.20", "86.40");
        page.locator(weight).focus();
        page.keyboard().press("Delete");
        assertThat(page.locator("#sentence")).containsText("From 25 on");
        page.locator("#undo").click();
        assertThat(page.locator("#sentence")).containsText("From 9 on, each costs 7.20");
        page.locator("#undo").click();
        assertThat(page.locator("#sentence")).containsText("From 11 on, each costs 7.20");
        page.locator("#rider").focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.locator("[id=\"t.quantity\"]")).hasValue("22");
    }

    @Test
    void aNumberIsChangedInTheSentence() {
        CardHands hands = CardHands.begin(page, "COVER", "area");
        page.locator("#sentence button").first().click();
        page.locator("#sentence input").fill("22.50");
        hands.costs("72.90");
        page.locator("#sentence input").press("Enter");
        assertThat(page.locator("#sentence")).hasText("A piece costs 22.50 per m².");
        hands.kept();
        page.reload();
        assertThat(hands.field("/cases/0/piece/rate/price")).hasValue("22.50");
    }

    @Test
    void aPastedGridIsTakenCellByCellAndTheBadOnesMarked() {
        CardHands hands = CardHands.begin(page, "WINDOW", "grid");
        page.locator(".corner input").focus();
        Paste.into(page, "\t300\t450\twide\n250\t38,500\t49\n400\tabc\t66\t\n");
        assertThat(hands.field("/cases/0/piece/grid/columns/2")).hasAttribute("aria-invalid", "true");
        assertThat(hands.field("/cases/0/piece/grid/prices/0/0")).hasValue("38,500");
        assertThat(hands.field("/cases/0/piece/grid/prices/0/0")).hasAttribute("aria-invalid", "true");
        assertThat(hands.field("/cases/0/piece/grid/prices/1/0")).hasAttribute("aria-invalid", "true");
        assertThat(hands.field("/cases/0/piece/grid/prices/0/1")).hasAttribute("aria-invalid", "false");
        assertThat(page.locator(".bench")).containsText("38,500 can be 38.500 or 38500; write the one that is meant");
        hands.type("/cases/0/piece/grid/prices/0/0", "38.50")
                .type("/cases/0/piece/grid/prices/1/0", "60.00")
                .type("/cases/0/piece/grid/columns/2", "600");
        hands.trial("a.width", "300").trial("a.height", "250").costs("38.50");
        page.locator("#undo").click();
        assertThat(hands.field("/cases/0/piece/grid/columns/2")).hasValue("wide");
    }

    @Test
    void breaksArePastedWrittenByARuleAndMended() {
        CardHands hands = CardHands.begin(page, "SHK", "quantity").change("/ladder/value", "price");
        hands.field("/ladder/rows/0/from").focus();
        Paste.into(page, "From\tEveryone\tBoatyard\n12\t6.90\t6.35\n30\t6.20\n");
        assertThat(hands.field("/ladder/rows/1/from")).hasValue("30");
        assertThat(page.locator("[aria-label=\"Boatyard, row 1\"]")).hasValue("6.35");
        page.locator("#generator summary").click();
        hands.field("g.start").fill("7.00");
        hands.field("g.first").fill("10");
        assertThat(page.locator("#generated")).containsText("from 10 at 7.00, from 20 at 6.65");
        hands.press("generate", "", "");
        assertThat(page.locator("#sentence")).containsText("From 10 on, each costs 7.00, from 20 it is 6.65");
        assertThat(page.locator("#findings")).containsText("Cliff.");
        page.locator("#findings [data-do=mend]").first().click();
        assertThat(page.locator("[id=\"/ladder/noCliffs\"]")).isChecked();
        assertThat(page.locator("#findings")).not().containsText("Cliff.");
    }

    @Test
    void aTrialIsKeptAsACheckWeightAndWeighedAgain() {
        CardHands hands = CardHands.begin(page, "COVER", "area").costs("64.80");
        page.locator(".trial [data-do=keep-weight]").click();
        hands.step("weights");
        assertThat(page.locator("#weight-row-0")).containsText("holds");
        hands.step("piece").type("/cases/0/piece/rate/price", "25.00");
        assertThat(page.locator("#findings")).containsText("Check weight.");
        hands.step("weights");
        assertThat(page.locator("#weight-row-0")).containsText("differs");
        hands.press("renew-weight", "", "");
        assertThat(page.locator("#weight-row-0")).containsText("81.00");
        assertThat(page.locator("#weight-row-0")).containsText("holds");
    }

    @Test
    void severalTrialsStandSideBySide() {
        CardHands.begin(page, "COVER", "area");
        page.locator("#many").check();
        assertThat(page.locator("table[aria-label=\"Several trials\"]")).containsText("50 pieces");
        assertThat(page.locator("table[aria-label=\"Several trials\"]")).containsText("500 × 500 cm");
    }

    @Test
    void theShopPageIsShownWithOwnWordsAndRealNumbers() {
        CardHands hands = CardHands.begin(page, "FLAGS", "lots");
        hands.type("/ladder/rows/1/from", "2")
                .type("/ladder/rows/1/value", "18.00")
                .step("shop");
        hands.pick("/shopPage/table", "cards")
                .type("/ladder/rows/1/words/title", "Two sets")
                .type("/ladder/rows/1/words/before", "You save")
                .pick("/ladder/rows/1/words/figure", "saved-in-all")
                .type("/ladder/rows/1/words/mark", "most taken")
                .tick("/shopPage/saving");
        assertThat(page.locator("#shop-preview")).containsText("Two sets");
        assertThat(page.locator("#shop-preview")).containsText("You save 2.00");
        assertThat(page.locator("#shop-preview .shop-mark")).hasText("save up to 20 %");
    }

    @Test
    void leavingThePageLosesNothing() {
        CardHands hands = CardHands.begin(page, "COVER", "area");
        String address = page.url();
        hands.field("/cases/0/piece/rate/price").fill("23.45");
        page.navigate("/goods");
        page.navigate(address);
        assertThat(hands.field("/cases/0/piece/rate/price")).hasValue("23.45");
    }

    @Test
    void whatIsTypedSurvivesSigningInAgain() {
        CardHands hands = CardHands.begin(page, "COVER", "area");
        page.context().clearCookies(new BrowserContext.ClearCookiesOptions().setName("steelyard"));
        hands.field("/cases/0/piece/rate/price").fill("23.45");
        assertThat(page.locator("#offline")).containsText("You have been signed out");
        page.locator("#offline a").click();
        page.fill("#username", "maren");
        page.fill("#password", "saltmarsh");
        page.click("button[type=submit]");
        assertThat(page.locator("#offline")).containsText("What you had typed before is back");
        assertThat(hands.field("/cases/0/piece/rate/price")).hasValue("23.45");
        hands.kept();
    }

    @Test
    void whatTwoPeopleChangeAtDifferentPlacesIsBothKeptAndEachIsTold(BrowserContext other) {
        CardHands maren = CardHands.begin(page, "COVER", "area");
        CardHands jonas = second(other);
        jonas.type("/cases/0/piece/rate/wastePercent", "8");

        maren.type("/cases/0/piece/rate/price", "22.00");
        assertThat(page.locator("#notice"))
                .containsText("Jonas had changed this card meanwhile, at other places. Both are kept.");
        assertThat(page.locator("#notice")).containsText("Case 1, rate, waste: nothing → 8");
        assertThat(maren.field("/cases/0/piece/rate/wastePercent")).hasValue("8");
        assertThat(maren.field("/cases/0/piece/rate/price")).hasValue("22.00");

        jonas.field("/cases/0/piece/base").fill("5.00");
        assertThat(jonas.page().locator("#notice"))
                .containsText(
                        "Maren has changed this card meanwhile, at other places. It comes in with your next change.");
        jonas.field("/cases/0/piece/base").blur();
        assertThat(jonas.field("/cases/0/piece/rate/price")).hasValue("22.00");
    }

    @Test
    void onlyAPlaceThatBothChangedAsksAndKeepingMinePutsNothingElseBack(BrowserContext other) {
        CardHands maren = CardHands.begin(page, "COVER", "area");
        CardHands jonas = second(other);
        jonas.type("/cases/0/piece/rate/wastePercent", "8").type("/cases/0/piece/rate/price", "21.00");

        maren.field("/cases/0/piece/rate/price").fill("22.00");
        maren.field("/cases/0/piece/rate/price").blur();
        Locator both = page.locator("#notice table tbody tr");
        assertThat(both).hasCount(1);
        assertThat(both).containsText("Case 1, rate, price");
        assertThat(both).containsText("21.00");
        both.locator("input[value=mine]").check();
        // what is marked stays so while one types on and leaves fields, and nothing is kept by that
        maren.field("/cases/0/piece/base").fill("3.00");
        maren.field("/cases/0/piece/base").blur();
        assertThat(page.locator("#notice")).containsText("Case 1, base: nothing → 3.00");
        assertThat(both.locator("input[value=mine]")).isChecked();
        page.locator("[data-do=settle]").click();
        assertThat(page.locator("#notice table")).hasCount(0);
        assertThat(maren.field("/cases/0/piece/rate/price")).hasValue("22.00");
        assertThat(maren.field("/cases/0/piece/rate/wastePercent")).hasValue("8");
        assertThat(maren.field("/cases/0/piece/base")).hasValue("3.00");
    }

    private CardHands second(BrowserContext other) {
        Page second = other.newPage();
        OwnerSteps.signIn(second, "jonas");
        second.navigate(page.url());
        return new CardHands(second);
    }

    @Test
    void anOptionGetsAPictureAndWhatIsNoneIsRefusedInWords() throws IOException {
        CardHands hands = CardHands.begin(page, "COVER", "area").step("ask").press("add-choice", "", "");
        String place = "/asks/2/options/0/picture";
        Path wrong = Files.writeString(Files.createTempFile("picture", ".png"), "no picture");
        page.locator("[data-picture=\"" + place + "\"]").setInputFiles(wrong);
        assertThat(page.locator("[id=\"upload-" + place + "\"]"))
                .containsText("This file is no picture that can be read");
        hands.pick(place, "/assets/options/rope.svg");
        assertThat(page.locator(".bench td img")).hasAttribute("src", Pattern.compile(".*/options/rope.*svg"));
        Path right = Files.createTempFile("picture", ".png");
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", right.toFile());
        page.locator("[data-picture=\"" + place + "\"]").setInputFiles(right);
        assertThat(page.locator(".bench td img")).hasAttribute("src", Pattern.compile("/pictures/[0-9a-f]{64}.png"));
        hands.kept();
    }

    @Test
    void markupIsShownAsText(App app) {
        CardHands hands = CardHands.begin(page, "COVER", "area").step("ask");
        String markup = "<img src=x onerror=alert(1)><b>L</b>";
        hands.type("/asks/0/label", markup).type("/name", markup);
        hands.press("add-choice", "", "").type("/asks/2/options/0/label", markup);
        hands.step("piece");
        assertThat(page.locator("#curve")).containsText(markup);
        assertThat(page.locator(".trial label").nth(2)).containsText(markup);
        assertThat((int) page.evaluate("document.querySelectorAll('#whole img[src=x], #whole b b').length"))
                .isZero();
        page.navigate("/cards");
        assertThat(page.locator("#rows tr").last().locator("a").first()).hasText(markup);
    }

    @Test
    void thePageIsLightAndAsksNobodyElse() {
        CardHands.begin(page, "COVER", "area");
        page.evaluate("performance.clearResourceTimings()");
        page.reload();
        Object bytes = page.evaluate("performance.getEntriesByType('navigation')[0].transferSize"
                + " + performance.getEntriesByType('resource').reduce((sum, one) => sum + Math.max(one.transferSize,"
                + " one.encodedBodySize), 0)");
        assertThat(((Number) bytes).intValue()).isLessThan(300_000);
        Object elsewhere = page.evaluate(
                "performance.getEntriesByType('resource').filter(one => !one.name.startsWith(location.origin)).length");
        assertThat(((Number) elsewhere).intValue()).isZero();
    }
}
