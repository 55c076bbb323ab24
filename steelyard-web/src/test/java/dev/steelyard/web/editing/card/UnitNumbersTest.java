package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

class UnitNumbersTest {

    private final DraftDocument card = DraftDocument.of(
            (ObjectNode)
                    Json.read(
                            """
            {"asks": [{"measurement": "length", "unit": "cm", "min": "20", "max": "500", "step": "0.5", "start": "soon"}],
             "cases": [{"piece": {"rate": {"unit": "m", "price": "12.50", "atLeast": "0.5",
                                          "breaks": {"rows": [{"from": "20", "value": "11.00"}]}}}},
                       {"piece": {"grid": {"unit": "mm", "columns": ["300"], "rows": ["250"], "prices": [["9"]]}}},
                       {"piece": {"packs": {"packs": [{"amount": "5", "unit": "kg", "price": "20.00"}]}}}]}"""));

    @ParameterizedTest
    @CsvSource({
        "/asks/0/unit, cm, mm, /asks/0/min, 200",
        "/asks/0/unit, cm, mm, /asks/0/step, 5",
        "/asks/0/unit, cm, in, /asks/0/max, 196.8504",
        "/asks/0/unit, cm, m, /asks/0/start, soon",
        "/cases/0/piece/rate/unit, m, cm, /cases/0/piece/rate/price, 0.125",
        "/cases/0/piece/rate/unit, m, cm, /cases/0/piece/rate/atLeast, 50",
        "/cases/0/piece/rate/unit, m, cm, /cases/0/piece/rate/breaks/rows/0/from, 2000",
        "/cases/0/piece/rate/unit, m, cm, /cases/0/piece/rate/breaks/rows/0/value, 0.11",
        "/cases/1/piece/grid/unit, mm, cm, /cases/1/piece/grid/columns/0, 30",
        "/cases/1/piece/grid/unit, mm, cm, /cases/1/piece/grid/rows/0, 25",
        "/cases/2/piece/packs/packs/0/unit, kg, g, /cases/2/piece/packs/packs/0/amount, 5000",
        "/cases/2/piece/packs/packs/0/unit, kg, g, /cases/2/piece/packs/packs/0/price, 20.00",
    })
    void amountsAndPricesPerUnitAreConverted(String unit, String was, String is, String place, String number) {
        UnitNumbers.of(card, unit).forEach(one -> one.convert(card, Unit.of(was).orElseThrow(), is));
        assertThat(card.text(place)).isEqualTo(number);
    }

    @Test
    void whatDoesNotMeasureTheSameIsNotConverted() {
        assertThat(UnitNumbers.factor("cm", "kg")).isEmpty();
        assertThat(UnitNumbers.factor("cm", "")).isEmpty();
        assertThat(UnitNumbers.factor("ft", "in").orElseThrow()).isEqualByComparingTo("12");
    }
}
