package dev.steelyard.core.prepared;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.RateCardBuilder;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.testing.RandomCards;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What is wrong with a card is told with its place, whatever it is. */
class CardIssuesTest {

    private static final Measurement LENGTH = Measurement.of("length", Unit.M, "1", "10", "0.5");

    @Test
    void limitsThatContradictEachOther() {
        assertThat(issues(card().asks(List.of(Measurement.of("length", Unit.M, "10", "1", "1")))))
                .containsExactly("/asks/0/min: the smallest, 10, is larger than the largest, 1");
        assertThat(issues(card().asks(List.of(Measurement.of("length", Unit.M, "1", "10", "0")))))
                .containsExactly("/asks/0/step: a step is more than 0, not 0");
        assertThat(issues(card().asks(List.of(measurement("0.5", "10", "1", null, true)))))
                .containsExactly("/asks/0/whole: no whole number can be typed with these limits and this step");
        assertThat(issues(card().asks(List.of(measurement("0.25", "10", "0.25", "1.5", false)))))
                .isEmpty();
        assertThat(issues(card().asks(List.of(measurement("0.5", "10", "0.75", "2.75", true)))))
                .containsExactly("/asks/0/start: the starting value, 2.75, is on no step");
        assertThat(issues(card().asks(List.of(measurement("1", "10", "1", "11", false)))))
                .containsExactly("/asks/0/start: the starting value, 11, is outside the limits");
    }

    @Test
    void lotsSayHowFarTheyAreSold() {
        assertThat(issues(lots(null, false, "0.50")))
                .containsExactly("/ladder/upTo: lots say up to how many pieces they are sold (upTo)");
        assertThat(issues(lots("3", false, "-0.50"))).isEmpty();
    }

    @Test
    void lotsWithoutCliffsHaveNoChargeBelowZero() {
        assertThat(issues(lots("3", true, "0.50"))).isEmpty();
        assertThat(issues(lots("3", true, "-0.50")))
                .containsExactly(
                        "/asks/0/options/0/charge: with lots and “no cliffs” a charge for each piece or unit is"
                                + " 0 or more");
    }

    private static RateCardBuilder lots(@Nullable String upTo, boolean noCliffs, String charge) {
        return card().asks(List.of(
                        Choice.of("print", Choice.Option.of("plain", new Charge.PerPiece(new BigDecimal(charge))))))
                .cases(Cases.always(Case.of(PiecePrice.NONE)))
                .ladder(new Ladder(
                        Counts.PIECES,
                        Over.LINE,
                        Mode.LOT,
                        Value.LOT_TOTAL,
                        null,
                        List.of(Break.everyone(1, new BigDecimal("5.00"))),
                        null,
                        upTo == null ? null : new BigDecimal(upTo),
                        null,
                        noCliffs,
                        false));
    }

    @Test
    void namesThatAreTakenOrMeanSomethingElse() {
        assertThat(issues(card().asks(List.of(LENGTH, LENGTH, Choice.of("MAX"), Choice.of("joint"), Choice.of("kg")))))
                .contains(
                        "/asks/1/measurement: two things are called “length”",
                        "/asks/2/choice: “MAX” is a function",
                        "/asks/3/choice: “joint” has a meaning of its own",
                        "/asks/4/choice: “kg” is a unit",
                        "/asks/2/options: a choice has at least one option");
        assertThat(issues(card().rates(List.of(new NamedRate("cloth", BigDecimal.ONE, "furlong")))))
                .containsExactly(
                        "/namedRates/0/unit: “furlong” is no unit; write one such as EUR/m2, kg/m3, m2/L, L or EUR");
    }

    @Test
    void choicesThatCannotBe() {
        Choice tick = new Choice(
                "box",
                "Box",
                List.of(Choice.Option.of("yes", Charge.NONE)),
                "no",
                Choice.Look.TICK,
                true,
                "end = \"x\"");
        assertThat(issues(card().asks(List.of(tick, Choice.of("end", Choice.Option.of("cut", Charge.NONE))))))
                .containsExactly(
                        "/asks/0/options: a tick box has two options, not 1",
                        "/asks/0/start: “no” is none of the options",
                        "/asks/0/shownWhen: Nothing here is called “end”");
    }

    @Test
    void gridsThatAreEmptyRaggedOrOutOfOrder() {
        assertThat(issues(grid(List.of(), List.of("5"), List.of(List.of("1")))))
                .containsExactly(
                        "/cases/0/piece/grid/columns: the grid has no column",
                        "/cases/0/piece/grid/prices/0: there are 0 columns but 1 prices in this row");
        assertThat(issues(grid(List.of("5", "3"), List.of("5", "5"), List.of(List.of("1", "-2")))))
                .containsExactly(
                        "/cases/0/piece/grid/columns/1: edges ascend: 3 does not come after 5",
                        "/cases/0/piece/grid/rows/1: edges ascend: 5 does not come after 5",
                        "/cases/0/piece/grid/prices: there are 2 rows but prices for 1",
                        "/cases/0/piece/grid/prices/0/1: a price is 0 or more");
    }

    @Test
    void laddersThatMakeNoSense() {
        assertThat(issues(card().ladder(ladder(Counts.PIECES, Mode.LOT, Value.PRICE, null, row("2.5", "1")))
                        .cases(Cases.always(Case.of(PiecePrice.SHELF_PRICE)))))
                .containsExactly(
                        "/ladder/rows/0/from: a threshold is a whole number of pieces from 1 to 1000000, not 2.5",
                        "/ladder/value: the value of a lot is its total (lot-total)",
                        "/ladder/upTo: lots say up to how many pieces they are sold (upTo)",
                        "/cases/0/piece: lots have the whole price; the piece has none of its own");
        assertThat(issues(card().ladder(ladder(
                        Counts.PIECES, Mode.ALL_UNITS, Value.PERCENT_OFF, null, row("2", "101"), row("2", "5")))))
                .containsExactly(
                        "/ladder/rows/1/from: from 2 stands twice; keep one, or give one of them dates",
                        "/ladder/rows/0/value: at most 100 percent can be taken off");
        assertThat(issues(card().ladder(ladder(Counts.AMOUNT, Mode.ALL_UNITS, Value.PRICE, Unit.M, row("2", "5")))))
                .containsExactly("/ladder: A ladder over an amount needs all cases measured in one kind of unit");
        assertThat(issues(measured(PiecePrice.Rate.of("length", Unit.M, "3"))
                        .ladder(ladder(Counts.PIECES, Mode.ALL_UNITS, Value.PRICE, Unit.KG, row("2", "5")))))
                .containsExactly("/ladder/unit: the cases are measured as a length, but “kg” measures a weight");
        assertThat(issues(measured(new PiecePrice.Rate(
                                "length",
                                Unit.M,
                                BigDecimal.ONE,
                                null,
                                null,
                                null,
                                new PiecePrice.RateBreaks(true, List.of(row("5", "1")))))
                        .ladder(ladder(Counts.AMOUNT, Mode.SLICE, Value.PERCENT_OFF, Unit.M, row("20", "5")))))
                .containsExactly("/cases/0/piece/rate/breaks: breaks on the rate and a ladder slice by slice over the"
                        + " amount cannot stand together");
    }

    @Test
    void noCliffsAndFormulasThatReadPiecesDoNotGoTogether() {
        Ladder ladder = new Ladder(
                Counts.PIECES,
                Over.PRODUCT,
                Mode.ALL_UNITS,
                Value.PERCENT_OFF,
                null,
                List.of(row("2", "5")),
                null,
                null,
                null,
                true,
                false);
        assertThat(issues(measured(new PiecePrice.ByFormula("10 EUR / pieces")).ladder(ladder)))
                .containsExactly(
                        "/ladder/noCliffs: “no cliffs” is for ladders over the pieces of one line, all units or lot",
                        "/ladder/noCliffs: “no cliffs” compares other numbers of pieces, so no formula may use “pieces”");
    }

    @Test
    void ratesAndPacksThatCannotBe() {
        assertThat(issues(measured(new PiecePrice.Rate(
                        "length * length",
                        Unit.M,
                        new BigDecimal("-1"),
                        new BigDecimal("-2"),
                        BigDecimal.ZERO,
                        new BigDecimal("-3"),
                        null))))
                .containsExactly(
                        "/cases/0/piece/rate/amount: This comes to an area; it must be a length",
                        "/cases/0/piece/rate/price: a rate is 0 or more",
                        "/cases/0/piece/rate/wastePercent: waste is 0 to 1000 percent",
                        "/cases/0/piece/rate/roundUpTo: a rounding step is more than 0",
                        "/cases/0/piece/rate/atLeast: the smallest billable amount is 0 or more");
        assertThat(issues(measured(
                        new PiecePrice.Packs(List.of(), new PiecePrice.OwnAmount("weight", Unit.KG, BigDecimal.ONE)))))
                .containsExactly(
                        "/cases/0/piece/packs/packs: there is at least one pack",
                        "/cases/0/piece/packs/own/by: no measurement is called “weight”; there are [length]");
    }

    @Test
    void issuesInFormulasHaveTheirPlaceInThem() {
        List<CardIssue> found = PreparedCard.prepare(
                        measured(new PiecePrice.ByFormula("lenght * 3 EUR/m")).build(), "EUR")
                .issues();
        assertThat(found).singleElement().satisfies(issue -> {
            assertThat(issue.at()).isEqualTo("/cases/0/piece/formula");
            assertThat(issue.span()).isEqualTo(new Span(0, 6));
            assertThat(issue.replacement()).isEqualTo("length");
        });
    }

    @Test
    void thousandsOfRowsArePrepared() {
        List<Break> rows = new ArrayList<>();
        for (int i = 1; i <= 20_000; i++) {
            rows.add(Break.everyone(i, BigDecimal.valueOf(100_000 - i, 3)));
        }
        PreparedCard card = PreparedCard.prepare(
                        card().ladder(Ladder.ofPrices(rows)).build(), "EUR")
                .orThrow();
        assertThat(card.ladder()
                        .breaks()
                        .inForce(null, RandomCards.DAY)
                        .reached(15_000)
                        .value())
                .isEqualTo("85.000");
    }

    private static RateCardBuilder card() {
        return RateCard.named("Card");
    }

    private static RateCardBuilder measured(PiecePrice piece) {
        return card().asks(List.of(LENGTH)).piece(piece);
    }

    private static Measurement measurement(String least, String most, String step, String start, boolean whole) {
        return new Measurement(
                "length",
                "Length",
                Measurement.Type.LENGTH,
                Unit.M,
                List.of(),
                new BigDecimal(least),
                new BigDecimal(most),
                new BigDecimal(step),
                start == null ? null : new BigDecimal(start),
                whole,
                null,
                null,
                null);
    }

    private static Ladder ladder(Counts counts, Mode mode, Value value, Unit unit, Break... rows) {
        return new Ladder(counts, Over.LINE, mode, value, unit, List.of(rows), null, null, null, false, false);
    }

    private static Break row(String from, String value) {
        return new Break(new BigDecimal(from), new BigDecimal(value), null, Validity.ALWAYS);
    }

    private static RateCardBuilder grid(List<String> columns, List<String> rows, List<List<String>> prices) {
        List<List<BigDecimal>> cells = new ArrayList<>();
        prices.forEach(row -> cells.add(row.stream().map(BigDecimal::new).toList()));
        return card().asks(List.of(LENGTH))
                .piece(new PiecePrice.Grid(
                        "length",
                        "length",
                        Unit.M,
                        Unit.M,
                        columns.stream().map(BigDecimal::new).toList(),
                        rows.stream().map(BigDecimal::new).toList(),
                        cells,
                        false));
    }

    private static List<String> issues(RateCardBuilder card) {
        return PreparedCard.prepare(card.build(), "EUR").issues().stream()
                .map(issue -> issue.at() + ": " + issue.message())
                .toList();
    }
}
