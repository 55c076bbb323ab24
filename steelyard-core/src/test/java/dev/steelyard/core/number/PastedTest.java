package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.SheetColumn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes along unseen when a text is pasted does no harm, wherever it is pasted. */
class PastedTest {

    @ParameterizedTest
    @ValueSource(
            strings = {"SHK-8\u00a0", "\u202fSHK-8", "\ufeffSHK-8", " \tSHK-8\r\n", "\u200bSHK-8\u200b", "SHK-8\u2009"})
    void nothingOfItStaysAround(String text) {
        assertThat(Pasted.stripped(text)).isEqualTo("SHK-8");
    }

    @Test
    void whatStandsWithinStays() {
        assertThat(Pasted.stripped("\u00a0Bow shackle\u00a08 mm ")).isEqualTo("Bow shackle\u00a08 mm");
        assertThat(Pasted.stripped("\u00a0 \u200b")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"5.2\u00a0m", "5.2\u202fm", "\u00a05.2 m", "5.2m\u00a0"})
    void aMeasurePastedWithItsUnitIsInThatUnit(String text) {
        assertThat(Answer.pasted(text, "cm")).isEqualTo(new Answer.Typed("5.2", "m"));
        assertThat(WrittenNumber.measure(text.replace('.', ','), true).replaceAll("[\\s\\p{Z}]", ""))
                .isEqualTo("5.2m");
    }

    @ParameterizedTest
    @ValueSource(strings = {"18,50\u00a0€", "€\u00a018.50", "18.50\u00a0EUR", "18.50\u00a0", "\u202f18,50"})
    void aPricePastedWithItsCurrencyIsThatPrice(String text) {
        assertThat(WrittenNumber.read(text, "EUR").value()).isEqualByComparingTo("18.50");
        assertThat(WrittenNumber.isForeign(text, "EUR")).isFalse();
    }

    @Test
    void aPriceInAnotherCurrencyIsSeenThroughThem() {
        assertThat(WrittenNumber.read("18.50\u00a0USD", "EUR").fault()).isNotNull();
    }

    @Test
    void numbersReadWithThemAround() {
        assertThat(DecimalText.read("\u00a012\u00a0").value()).isEqualByComparingTo("12");
        assertThat(Quantity.read("30\u00a0").value()).isEqualByComparingTo("30");
    }

    @Test
    void aHeadIsFoundWithThemInIt() {
        assertThat(SheetColumn.of("Unit\u00a0price\u00a0", Column.values())).contains(Column.PRICE);
        assertThat(SheetColumn.of("\ufeffSKU", Column.values())).contains(Column.SKU);
    }

    @ParameterizedTest
    @ValueSource(strings = {"SHK\u00a08", "SHK\u200b-8", "SHK\u00ad8"})
    void newGoodsAreNotCalledByWhatNobodySees(String sku) {
        assertThat(Sku.faultOfNew(sku)).contains("nobody sees");
        assertThat(Sku.fault(sku)).as("those that are called so stay on sale").isNull();
    }
}
