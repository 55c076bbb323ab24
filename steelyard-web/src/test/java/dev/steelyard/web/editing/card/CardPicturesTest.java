package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.CurvePicture;
import dev.steelyard.web.base.picture.PieceDrawing;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.selling.shown.PieceShape;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.words.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Pictures of the worked examples, held against prices. */
class CardPicturesTest {

    private final Subject subject = new Subject(
            new Shop("Shop", ShopRules.of(Currency.getInstance("EUR")).in(ZoneOffset.UTC), null, "DE", false, 1),
            List.of(),
            GoodsDirectory.of(List.of(Product.of(new Sku("GOODS"), "Goods", new BigDecimal("7.40")))),
            LocalDate.of(2027, 4, 15));

    /** What the table beside a beam says of an order is what the order costs. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "shackle-all-units",
                "screw-four-decimals",
                "tray-lots",
                "cover-area",
                "flags-slices-of-pieces",
                "flags-no-cliffs",
                "group-and-dates-at-one-threshold",
                "brass-weight-formula"
            })
    void aBeamsNumbersAreThePrices(String id) {
        DraftDocument document = example(id);
        Beam beam = Objects.requireNonNull(beam(document));
        assertThat(beam.weights()).isNotEmpty();
        assertThat(beam.numbers()).isNotEmpty();
        for (Beam.Row row : beam.numbers()) {
            PricedLine line = (PricedLine) trial(document, "t.quantity=" + row.at())
                    .price(Objects.requireNonNull(reading(document).prepared()), subject);
            assertThat(row.total())
                    .as("%s pieces", row.at())
                    .isEqualTo(Show.money(line.total().value(), 2));
        }
    }

    @Test
    void aGroupsBreaksHangAsPlainPlatesAndZonesShowCliffs() {
        Beam beam = Objects.requireNonNull(beam(example("shackle-all-units")));
        assertThat(beam.second()).isEqualTo("Boatyard");
        assertThat(beam.weights().stream().filter(weight -> weight.of().ofSecond()))
                .hasSize(2);
        assertThat(beam.weights().stream().filter(weight -> !weight.of().ofSecond()))
                .hasSize(3);
        assertThat(beam.zones())
                .extracting(Beam.Zone::says)
                .contains("From 23 pieces an order costs more than 25 pieces");
        assertThat(beam.runs().stream().filter(Beam.Run::ofSecond)).isNotEmpty();
    }

    @Test
    void slicesHaveTheirNextPieceThinAndLotsGoOnPieceByPiece() {
        assertThat(Objects.requireNonNull(beam(example("flags-slices-of-pieces"))).runs().stream()
                        .filter(Beam.Run::thin))
                .isNotEmpty();
        Beam lots = Objects.requireNonNull(beam(example("tray-lots")));
        Beam.Run last = lots.runs().get(lots.runs().size() - 1);
        assertThat(last.points().split(" "))
                .as("the line of further pieces rises")
                .hasSizeGreaterThan(2);
    }

    @Test
    void aBeamOverAnAmountIsDrawnInItsUnit() {
        Beam beam = Objects.requireNonNull(beam(example("slices-of-amount-with-charges")));
        assertThat(beam.whole()).isFalse();
        assertThat(beam.weights().get(0).of().says()).contains(" m: −");
    }

    @ParameterizedTest
    @CsvSource({"cover-area, length", "window-grid, width", "brass-weight-formula, diameter", "rope-slices, length"})
    void aCurvesNumbersAreThePrices(String id, String over) {
        DraftDocument document = example(id);
        Documents.DraftReading reading = reading(document);
        Asked asked = Objects.requireNonNull(trial(document).asked());
        CurvePicture curve = Objects.requireNonNull(
                new CardPictures(Objects.requireNonNull(reading.prepared()), subject, asked).over(over));
        assertThat(curve.sampled()).as("its formula rounds").isEqualTo(id.equals("brass-weight-formula"));
        assertThat(curve.lines()).isNotEmpty();
        for (CurvePicture.Row row : curve.rows()) {
            String size = row.at().split(" ")[0].replace(",", "");
            var result = trial(document, "t.a." + over + "=" + size).price(reading.prepared(), subject);
            assertThat(row.price())
                    .as(row.at())
                    .isEqualTo(
                            result instanceof PricedLine line
                                    ? Show.money(line.shownPerPiece().value(), 2)
                                    : "no price");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "fitting, A piece of 500 cm by 203 cm",
        "rectangle, A piece of 500 cm by 203 cm",
        "bar, A bar of 500 cm",
        "round, A round of 500 cm",
        "roll, A length of 500 cm off the roll"
    })
    void aPieceIsDrawnAsItsShape(String shape, String says) {
        DraftDocument document = example("cover-area");
        document.put("/shopPage/shape", shape);
        PieceDrawing drawing = Objects.requireNonNull(
                PieceShape.of(reading(document).card(), text(document).answers(), Words.owners()));
        assertThat(drawing.says()).isEqualTo(says);
        assertThat(drawing.shapes()).extracting(PieceDrawing.Shape::kind).contains("piece", "dimension");
        assertThat(drawing.labels()).extracting(PieceDrawing.Label::text).contains("500 cm");
    }

    @Test
    void aBoxHasThreeSidesAndNothingIsDrawnWhereNothingIsMeasured() {
        DraftDocument box = example("cushion-volume-cases");
        assertThat(Objects.requireNonNull(
                                PieceShape.of(reading(box).card(), text(box).answers(), Words.owners()))
                        .labels())
                .hasSize(3);
        DraftDocument lots = example("tray-lots");
        assertThat(PieceShape.of(reading(lots).card(), text(lots).answers(), Words.owners()))
                .isNull();
    }

    private Beam beam(DraftDocument document) {
        LadderTable table = LadderTable.of("/ladder/rows", document, document, List.of("Boatyard"));
        return new CardBeam(
                        Objects.requireNonNull(reading(document).prepared()),
                        subject,
                        Objects.requireNonNull(trial(document).asked()),
                        table)
                .draw(null);
    }

    private CardTrial trial(DraftDocument document, String... changes) {
        TrialText text = text(document);
        for (String change : changes) {
            text = text.with(change.substring(2, change.indexOf('=')), change.substring(change.indexOf('=') + 1));
        }
        return CardTrial.read(text, reading(document).card(), subject);
    }

    private TrialText text(DraftDocument document) {
        return new TrialText(Map.of()).filledFor(reading(document).card(), subject);
    }

    private static Documents.DraftReading reading(DraftDocument document) {
        return Documents.readDraft(document.root(), ShopRules.of(Currency.getInstance("EUR")));
    }

    private static DraftDocument example(String id) {
        try {
            List<JsonNode> all = new ArrayList<>();
            Json.read(new ClassPathResource("examples/lines.json").getContentAsString(StandardCharsets.UTF_8))
                    .forEach(all::add);
            return all.stream()
                    .filter(one -> one.path("id").asString("").equals(id))
                    .findFirst()
                    .map(one -> DraftDocument.of((ObjectNode) one.get("card")))
                    .orElseThrow();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
