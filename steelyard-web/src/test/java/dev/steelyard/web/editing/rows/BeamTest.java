package dev.steelyard.web.editing.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.table.LadderTable;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class BeamTest {

    @ParameterizedTest
    @ValueSource(ints = {1, 5, 10, 25, 100, 2_000, 1_000_000})
    void theAxisHoldsTheLastThresholdWithRoomAfterIt(int last) {
        BeamAxis axis = BeamAxis.reaching(last);
        assertThat(axis.at(1)).isEqualTo(BeamAxis.LEFT);
        assertThat(axis.at(last)).isLessThan(BeamAxis.RIGHT - 25);
        assertThat(axis.notches()).extracting(BeamAxis.Notch::x).isSorted();
        assertThat(axis.notches().stream().filter(BeamAxis.Notch::named).count())
                .isLessThan(25);
    }

    @Test
    void weightsHangLowerTheMoreTheyTakeOffAndClearOfOneAnother() {
        Beam beam = beam("10=6.90", "11=6.85", "12=6.80", "100=5.00");
        assertThat(beam.weights()).extracting(weight -> weight.of().from()).containsExactly(10.0, 11.0, 12.0, 100.0);
        for (Beam.Weight one : beam.weights()) {
            for (Beam.Weight other : beam.weights()) {
                if (one != other) {
                    assertThat(Math.abs(one.x() - other.x()) >= 46 || Math.abs(one.y() - other.y()) >= 36)
                            .as(one.of().says() + " and " + other.of().says())
                            .isTrue();
                }
            }
        }
        assertThat(beam("10=6.90", "100=5.00").weights().get(1).y())
                .isGreaterThan(beam("10=6.90", "100=5.00").weights().get(0).y());
    }

    @Test
    void thePictureComesFromTheCurve() {
        Beam beam = beam("10=6.90", "25=6.20");
        assertThat(beam.runs()).hasSize(3);
        assertThat(beam.runs().get(0).x2()).isEqualTo(beam.runs().get(1).x1());
        assertThat(beam.zones()).singleElement().satisfies(zone -> assertThat(zone.says())
                .isEqualTo("From 23 pieces an order costs more than 25 pieces"));
        assertThat(beam.rider().says()).isEqualTo("12 → 6.90 each · 82.80");
    }

    @Test
    void aFlatPriceCanBeDrawn() {
        assertThat(beam().runs()).singleElement().satisfies(run -> assertThat(run.y())
                .isFinite());
        assertThat(beam("1=0").runs()).isNotEmpty();
    }

    private static Beam beam(String... breaks) {
        ObjectNode root = Json.object().put("over", "line").put("shelfPrice", "7.40");
        ArrayNode rows = root.putArray("rows");
        for (String one : breaks) {
            rows.addObject().put("from", one.split("=")[0]).put("value", one.split("=")[1]);
        }
        DraftDocument document = DraftDocument.of(root);
        Product shackle = new Product(new Sku("SHK"), "Bow shackle", null, null, null, null, List.of());
        RowsReading reading = RowsReading.of(document, shackle, List.of());
        LadderTable table = LadderTable.of("/rows", document, document, List.of());
        Rounding euro = new Rounding(2, 2);
        PieceCurve curve = PieceCurve.of(new Item(reading.product(), null), null, LocalDate.of(2027, 1, 1), euro)
                .orElseThrow();
        RowFields fields = new RowFields(RowsStep.of(shackle, ""), reading.part(""), table, document);
        return new PriceBeam(curve, null, null, fields, euro, null, 12).draw(12, null);
    }
}
