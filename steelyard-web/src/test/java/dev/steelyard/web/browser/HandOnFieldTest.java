package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is under the hand stays the owner’s: nothing is filled in, forgotten or jumped away from. */
@ExtendWith(WithApp.class)
class HandOnFieldTest {

    private static final String FORMULA = "/cases/0/piece/formula";

    private Page page;
    private final List<String> errors = new ArrayList<>();

    @BeforeEach
    void signIn(BrowserContext context) {
        page = context.newPage();
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")) {
                errors.add(message.text());
            }
        });
        OwnerSteps.signIn(page, "maren");
    }

    @AfterEach
    void nothingStandsInTheConsole() {
        assertThat(errors).isEmpty();
    }

    @Test
    void aClearedFormulaStaysEmptyWithTheHandOnItAndIsSaidToBeSo() {
        CardHands hands = CardHands.begin(page, "COVER", "formula");
        Locator field = hands.field(FORMULA);
        field.click();
        page.keyboard().press("Control+a");
        page.keyboard().press("Delete");
        assertThat(page.locator("#refusal")).containsText("No price while something in the card cannot be read");
        assertThat(field).hasValue("");
        assertThat(field).isFocused();
        assertThat(page.locator("form#copy")).hasCount(1); // an answer is the form, and no other one of the page
        page.keyboard().type("length * width * cloth");
        assertThat(field).hasValue("length * width * cloth");
        hands.costs("64.80");
        field.fill("");
        field.blur();
        hands.kept();
        page.reload();
        assertThat(hands.field(FORMULA)).hasValue("");
    }

    @Test
    void aClearedNameStaysEmptyAndANewOneIsFollowedByFormulas() {
        CardHands hands = CardHands.begin(page, "COVER", "formula").step("ask");
        Locator name = hands.field("/asks/0/measurement");
        name.fill("");
        assertThat(page.locator("[id=\"error-/asks/0/measurement\"]")).not().isEmpty();
        name.blur();
        hands.kept();
        assertThat(name).hasValue("");
        name.fill("long_side");
        name.blur();
        hands.kept();
        page.locator("#undo").click();
        page.locator("#undo").click();
        assertThat(name).hasValue("length");
        hands.type("/asks/0/measurement", "long_side").step("piece");
        assertThat(hands.field(FORMULA)).hasValue("long_side * width * cloth + 5.00 EUR");
        hands.costs("69.80");
    }

    @Test
    void aWayThatWasLeftIsThereAgainWhenOneComesBack() {
        CardHands hands = CardHands.begin(page, "COVER", "formula").type(FORMULA, "length * width * 2 * cloth");
        hands.press("way", "/cases/0/piece", "grid").press("way", "/cases/0/piece", "formula");
        assertThat(hands.field(FORMULA)).hasValue("length * width * 2 * cloth");
        hands.press("way", "/cases/0/piece", "rate");
        page.reload();
        hands.press("way", "/cases/0/piece", "formula");
        assertThat(hands.field(FORMULA)).hasValue("length * width * 2 * cloth");
    }

    @Test
    void anOptionThatIsRenamedIsStillTheOneItStartsAt() {
        CardHands hands = CardHands.begin(page, "COVER", "area").step("ask").press("add-choice", "", "");
        assertThat(page.locator("[id=\"/asks/2/start\"]")).hasValue("plain");
        hands.type("/asks/2/options/0/name", "raw edge");
        assertThat(page.locator("[id=\"/asks/2/start\"]")).hasValue("raw edge");
    }

    @Test
    void numbersAreConvertedToAnotherUnitOrLeftAsOnePicks() {
        CardHands hands = CardHands.begin(page, "COVER", "area").step("ask");
        hands.change("/asks/0/unit", "mm");
        assertThat(hands.field("/asks/0/min")).hasValue("20");
        assertThat(page.locator(".were")).containsText("The numbers were typed in cm.");
        hands.press("convert-numbers", "/asks/0/unit", "");
        assertThat(hands.field("/asks/0/min")).hasValue("200");
        assertThat(hands.field("/asks/0/max")).hasValue("5000");
        assertThat(page.locator(".were")).hasCount(0);
        hands.change("/asks/1/unit", "in").press("leave-numbers", "/asks/1/unit", "");
        assertThat(hands.field("/asks/1/min")).hasValue("20");
        assertThat(page.locator(".were")).hasCount(0);
    }

    @Test
    void undoGoesByWholeEditsAlsoInAField() {
        CardHands hands = CardHands.begin(page, "COVER", "area");
        Locator price = hands.field("/cases/0/piece/rate/price");
        price.click();
        page.keyboard().press("Control+a");
        page.keyboard().type("185");
        page.keyboard().press("Tab");
        hands.kept();
        page.keyboard().press("Control+z");
        assertThat(price).hasValue("20.00");
        page.keyboard().press("Control+Shift+z");
        assertThat(price).hasValue("185");
    }

    @Test
    void enterAndArrowsGoAlongBreaksAndEnterInTheLastRowMakesOne() {
        CardHands hands = CardHands.begin(page, "COVER", "quantity");
        hands.field("/ladder/rows/0/value").focus();
        page.keyboard().press("ArrowDown");
        assertThat(hands.field("/ladder/rows/1/value")).isFocused();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");
        assertThat(hands.field("/ladder/rows/2/value")).isFocused();
        page.keyboard().press("Enter");
        assertThat(hands.field("/ladder/rows/3/value")).isFocused();
        page.keyboard().type("1.50");
        page.keyboard().press("Tab");
        hands.kept();
        assertThat(hands.field("/ladder/rows/3/value")).hasValue("1.50");
    }

    /** After each of these the hands are still on the page, where one would go on. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "quantity | breaks | [data-do=take-off][data-at='/ladder/rows/0'] | /ladder/rows/0",
                "quantity | breaks | [data-do=take-off][data-at='/ladder/rows/2'] | /ladder/rows/1",
                "area | ask | [data-do=remove][data-at='/asks/0'] | /asks/0",
                "area | ask | [data-do=down][data-at='/asks/0'] | /asks/1",
                "area | covers | [data-do=remove] | ''",
            })
    void theHandsGoToTheNextSensiblePlace(String way, String step, String button, String place) {
        CardHands.begin(page, "COVER", way).step(step);
        String before = page.locator("#basedOn").inputValue();
        page.locator(".bench " + button).first().focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#basedOn")).not().hasValue(before);
        Locator held = page.locator(".editor :focus");
        held.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
        if (!place.isEmpty()) {
            assertThat(held).hasAttribute("data-at", place);
        }
    }

    @Test
    void leavingTheSentenceByKeyIsOnItsNumberAgain() {
        CardHands.begin(page, "COVER", "area");
        page.locator("#sentence button").first().click();
        page.keyboard().type("22.00");
        page.keyboard().press("Enter");
        assertThat(page.locator("#sentence button").first()).isFocused();
        assertThat(page.locator("#sentence button").first()).hasText("22.00");
        page.keyboard().press("Enter");
        page.keyboard().press("Escape");
        assertThat(page.locator("#sentence button").first()).isFocused();
    }

    @Test
    void aCardMovedInTheListKeepsTheHandsOnItsArrow() {
        page.navigate("/cards");
        Locator arrow = page.locator("[name=move][value$=' down']").nth(1);
        String value = arrow.getAttribute("value");
        arrow.focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("[name=move][value='" + value + "']")).isFocused();
    }

    /** Every key counts, modifiers too. */
    private int keys;

    private void press(String... pressed) {
        for (String key : pressed) {
            keys += key.split("\\+").length;
            page.keyboard().press(key);
        }
    }

    private void tabs(int count) {
        for (int i = 0; i < count; i++) {
            press("Tab");
        }
    }

    private void write(String text) {
        keys += text.length();
        page.keyboard().type(text);
    }

    private void at(String step) {
        page.locator("section.bench[data-step=" + step + "]").waitFor();
        page.locator(".bench :focus").waitFor();
    }

    /** A rate, limits of both sides, a choice with a charge, a break, a check weight: by keys alone. */
    @Test
    void aCardIsWrittenWithoutAPointerInUnderAHundredAndFiftyKeys() {
        CardHands hands = CardHands.begin(page, "COVER", "area");
        press("F2");
        write("24.50");
        press("Shift+F8");
        at("ask");
        tabs(4);
        write("600");
        tabs(10);
        write("300");
        press("F9");
        tabs(6);
        press("Enter");
        assertThat(hands.field("/asks/2/label")).isFocused();
        write("Hem");
        press("F8");
        at("piece");
        press("F8");
        page.locator("section.bench[data-step=breaks]").waitFor();
        press("F9", "Tab", "Enter");
        assertThat(hands.field("/ladder/rows/0/from")).isFocused();
        press("Tab");
        write("12");
        press("F8");
        at("finish");
        press("F8");
        at("covers");
        press("F8");
        page.locator("section.bench[data-step=weights]").waitFor();
        press("F9", "Enter");
        assertThat(page.locator("[name='w:0']")).hasCount(1);
        hands.step("ask");
        assertThat(hands.field("/asks/0/max")).hasValue("600");
        assertThat(hands.field("/asks/1/max")).hasValue("300");
        assertThat(hands.field("/asks/2/label")).hasValue("Hem");
        hands.step("breaks");
        assertThat(hands.field("/ladder/rows/0/value")).hasValue("12");
        assertThat(keys).isLessThan(150);
    }

    @Test
    void theListOfKeysIsAQuestionMarkAway() {
        CardHands.begin(page, "COVER", "area");
        page.locator("a[data-step=piece]").focus();
        page.keyboard().press("?");
        assertThat(page.locator("#keys")).isVisible();
        assertThat(page.locator("#keys")).containsText("the step’s first field");
        page.keyboard().press("Escape");
        assertThat(page.locator("#keys")).not().isVisible();
    }
}
