package dev.steelyard.format.goods;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.table.CsvForm;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GoodsCellsTest {

    private static final GoodsShop SHOP = new GoodsShop("EUR", List.of("Standard", "Reduced"));

    private static GoodsCells.Said read(GoodsColumn column, String text, CsvForm form) {
        return new GoodsCells(SHOP, ColumnPlan.TYPED.with(form, GoodsColumn.values())).read(Map.of(column, text));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "none",
            value = {
                "CATEGORY     | Rope>Braided ;Offers ; Rope  >  Braided | Offers; Rope > Braided",
                "CATEGORY     | ''            | ''",
                "TAGS         | blue; Autumn,blue | Autumn, blue",
                "TAX_CLASS    | reduced       | Reduced",
                "SHELF_PRICE  | 39.50         | 39.5",
                "SHELF_PRICE  | € 1,234.00    | 1234",
                "UNIT_COST    | 0.00          | 0",
                "DECIMALS     | 3             | 3",
                "COUNT_OVER   | Product       | product",
                "TAKEN_OUT    | Ja            | yes",
                "TAKEN_OUT    | no            | ''",
                "VARIANT_NAME | 12 mm         | 12 mm",
            })
    void writesWhatIsSaidInOneWay(GoodsColumn column, String text, String written) {
        GoodsCells.Said said = read(column, text, CsvForm.POINT);
        assertThat(said.refusal()).isNull();
        assertThat(said.values()).containsExactly(Map.entry(column, written));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SKU          | ''            | The SKU is missing",
                "SKU          | a/b           | “a/b” cannot be a SKU",
                "CATEGORY     | Rope > Braided > Rope | goes in a circle",
                "CATEGORY     | Rope > > Thin | a category without a name",
                "TAX_CLASS    | Reducd        | Is “Reduced” meant?",
                "SHELF_PRICE  | 39,50         | has a decimal comma where a decimal point is meant",
                "SHELF_PRICE  | $ 3           | is not a number",
                "UNIT_COST    | -1            | is below 0",
                "DECIMALS     | 7             | no number of decimals from 0 to 6",
                "DECIMALS     | 2 EUR         | “2 EUR” is not a number; write a whole number",
                "COUNT_OVER   | basket        | neither “line” nor “product”",
                "TAKEN_OUT    | perhaps       | neither “yes” nor “no”",
                "ACTION       | remove        | is no action",
            })
    void refusesInWordsByTheColumn(GoodsColumn column, String text, String words) {
        GoodsRefusal refusal = read(column, text, CsvForm.POINT).refusal();
        assertThat(refusal).isNotNull();
        assertThat(refusal.column()).isEqualTo(column);
        assertThat(refusal.reason()).contains(words);
    }

    @Test
    void numbersAreReadByTheSignOfTheirColumn() {
        assertThat(read(GoodsColumn.SHELF_PRICE, "1.039,50", CsvForm.COMMA).values())
                .containsEntry(GoodsColumn.SHELF_PRICE, "1039.5");
    }

    @Test
    void aRowThatIsLeftOutSaysNothingElse() {
        assertThat(read(GoodsColumn.ACTION, "Keep", CsvForm.POINT).values())
                .containsExactly(Map.entry(GoodsColumn.ACTION, "keep"));
    }
}
