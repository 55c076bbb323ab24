package dev.steelyard.web.base.picture;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.base.picture.BeamDrawing.Point;
import dev.steelyard.web.base.picture.BeamDrawing.Stretch;
import dev.steelyard.web.base.picture.PieceDrawing.Side;
import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Places in pictures: on the paper, in order, and of finite size whatever is drawn. */
class DrawingsTest {

    @ParameterizedTest
    @CsvSource({"0.5, 200", "0.001, 0.01", "1, 1000000", "3, 3", "0, 10"})
    void anAxisOfAnAmountHoldsItsThresholds(double smallest, double last) {
        BeamAxis axis = BeamAxis.ofAmount(smallest, last);
        assertThat(axis.at(axis.start())).isEqualTo(BeamAxis.LEFT);
        assertThat(axis.at(last)).isBetween((double) BeamAxis.LEFT, BeamAxis.RIGHT - 1.0);
        assertThat(axis.at(axis.end() * 10)).isEqualTo(BeamAxis.RIGHT);
        assertThat(axis.at(-1)).isEqualTo(BeamAxis.LEFT);
        assertThat(axis.notches()).isNotEmpty().extracting(BeamAxis.Notch::x).isSorted();
        assertThat(axis.notches()).allMatch(notch -> !notch.label().contains("E"));
    }

    @Test
    void aPlaceOnAnAxisAndItsValueAreOneAnothersInverse() {
        for (BeamAxis axis : List.of(BeamAxis.ending(12), BeamAxis.ending(240), BeamAxis.ofAmount(0.5, 200))) {
            for (double share = 0; share <= 1; share += 0.125) {
                double x = axis.at(axis.value(share));
                assertThat((x - BeamAxis.LEFT) / (BeamAxis.RIGHT - BeamAxis.LEFT))
                        .isCloseTo(share, Offset.offset(0.01));
            }
        }
    }

    @Test
    void aDraggedReductionGrowsDownward() {
        Beam beam = new BeamDrawing(BeamAxis.ending(20))
                .stretch(Stretch.flat(1, 20, 7.40, false))
                .decimals(1)
                .priceDecimals(2)
                .valuePerPixel(-0.25)
                .draw();
        assertThat(beam.upward()).isFalse();
        assertThat(beam.pricePerPixel()).isEqualTo("0.25");
        assertThat(beam.levels()).allMatch(level -> level.price().matches("\\d+\\.\\d\\d"));
        assertThat(beam.rider()).isNull();
    }

    @Test
    void fallsJoinOnlyStretchesOfTheSameLine() {
        Beam beam = new BeamDrawing(BeamAxis.ending(20))
                .stretch(Stretch.flat(1, 10, 7.40, false))
                .stretch(Stretch.flat(10, 20, 6.90, false))
                .stretch(Stretch.flat(10, 20, 6.35, true))
                .stretch(new Stretch(List.of(new Point(1, 7), new Point(20, 6)), false, true))
                .stretch(Stretch.flat(30, 40, 5, false))
                .draw();
        assertThat(beam.runs()).hasSize(4);
        assertThat(beam.runs().get(0).ofSecond()).as("behind everyone’s").isTrue();
        assertThat(beam.runs().stream().filter(run -> run.from() != null)).hasSize(1);
    }

    /** Weights are clear of one another however many hang side by side, and the picture is high enough for them. */
    @Test
    void weightsHangClear() {
        Random random = new Random(7);
        BeamDrawing drawing = new BeamDrawing(BeamAxis.ending(1000)).stretch(Stretch.flat(1, 1000, 5, false));
        for (int i = 0; i < 20; i++) {
            String label = random.nextBoolean() ? "−12.5 %" : "6.90";
            drawing.hang(
                    new Beam.Hung(1 + random.nextInt(900), random.nextDouble(), label, false, "", "w" + i, "", ""));
        }
        Beam beam = drawing.draw();
        for (Beam.Weight one : beam.weights()) {
            assertThat(one.y() + 30).isLessThan(beam.height());
            for (Beam.Weight other : beam.weights()) {
                boolean apart = one == other
                        || Math.abs(one.x() - other.x()) >= one.half() + other.half()
                        || Math.abs(one.y() - other.y()) >= 36;
                assertThat(apart).isTrue();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"5.23, 2.11", "0.001, 900", "900, 0.001", "1, 1"})
    void aPieceStaysOnThePaper(double first, double second) {
        Side one = new Side(first, first * 2, "one");
        Side two = new Side(second, second, "two");
        for (PieceDrawing drawing : List.of(
                PieceDrawing.rectangle("A piece", one, two),
                PieceDrawing.box("A piece", one, two, one),
                PieceDrawing.bar("A piece", one, two),
                PieceDrawing.round("A piece", one, two),
                PieceDrawing.roll("A piece", one, two))) {
            assertThat(drawing.shapes())
                    .allMatch(shape ->
                            !shape.path().contains("NaN") && !shape.path().contains("Infinity"));
            assertThat(drawing.height()).isBetween(30, 190);
            assertThat(drawing.labels()).allMatch(label -> label.x() > 0 && label.x() < PieceDrawing.WIDTH + 30);
        }
    }

    @Test
    void aCurveOfOnePriceCanBeDrawnAndItsMarksAreRound() {
        CurvePicture flat = CurvePicture.draw(
                "Length",
                "cm",
                List.of(List.of(new CurvePicture.Point(150, 88.5), new CurvePicture.Point(1200, 88.5))),
                List.of(),
                new CurvePicture.Point(1100, 88.5),
                "1100 cm → 88.50",
                false,
                List.of());
        assertThat(flat.lines()).hasSize(1);
        assertThat(flat.marks()).extracting(CurvePicture.Level::label).contains("200", "1000");
        assertThat(flat.trial()).isNotNull();
        assertThat(flat.trial().anchor()).isEqualTo("end");
        assertThat(PriceAxis.over(List.of(new BigDecimal("3.0000000001"), new BigDecimal("3")))
                        .lines())
                .as("a difference nobody can see is none")
                .hasSizeLessThan(6);
    }
}
