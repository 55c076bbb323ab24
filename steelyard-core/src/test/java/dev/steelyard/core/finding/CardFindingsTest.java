package dev.steelyard.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Formulas;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.testing.RandomCards;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class CardFindingsTest {

    private static final Measurement LENGTH = Measurement.of("length", Unit.M, "1", "10", "0.5");
    private static final Measurement WIDTH = Measurement.of("width", Unit.CM, "20", "100", "1");

    @Test
    void aLargerOrderThatCostsLessIsMendedByNoCliffs() {
        Finding cliff = only(Code.CLIFF, goods("24.00"), card(ladder(Value.PRICE, row(5, "21.00"), row(10, "17.50"))));
        assertThat(cliff.what().toString())
                .isEqualTo("larger-cheaper(pieces: 9, total: 189.00, more: 10, moreTotal: 175.00, cheaper: 14.00)");
        assertThat(cliff.at()).isEqualTo("/ladder/rows/1");
        assertThat(cliff.mend()).isEqualTo(new Mend.Switch("/ladder/noCliffs", true));
        assertThat(cliff.found()).isEqualTo(Finding.Found.BY_ANALYSIS);
    }

    @Test
    void aPriceThatRisesAndOneThatChangesNothing() {
        RateCard card = card(ladder(Value.PRICE, row(5, "25.00"), row(10, "25.00"), row(20, "24.50")));
        assertThat(only(Code.RISES, goods("24.00"), card).what().toString())
                .isEqualTo("rises(name: Goods, from: 5, price: 25.00, before: 24.00)");
        Finding same = only(Code.NO_OP, goods("24.00"), card);
        assertThat(same.what().toString()).isEqualTo("changes-nothing(name: Goods, from: 10, price: 25.00)");
        assertThat(same.mend()).isEqualTo(new Mend.Remove("/ladder/rows/1"));
    }

    /** Percent off a shelf price that some of the goods do not have. */
    @Test
    void goodsWithoutAShelfPriceAreSaidToHaveNone() {
        RateCard card = card(ladder(Value.PERCENT_OFF, row(5, "10")));
        assertThat(only(Code.NO_PRICE, goods(null), card).what().toString()).contains("no-price-yet(item: Goods)");
    }

    /** Breaks that cannot be ordered are no cliffs; one that no order reaches is said to be. */
    @Test
    void findingsLookAtWhatCanBeOrderedOnly() {
        RateCard card = RateCard.named("By tens")
                .quantity(new OrderQuantity(null, 40L, 10L))
                .ladder(ladder(Value.PRICE, row(25, "21.00"), row(100, "5.00")))
                .build();
        Finding never = only(Code.NEVER_REACHED, goods("24.00"), card);
        assertThat(never.what().toString()).isEqualTo("above-one-line(from: 100, pieces: 40)");
        assertThat(never.mend()).isEqualTo(new Mend.Remove("/ladder/rows/1"));
        assertThat(codes(goods("24.00"), card)).doesNotContain("cliff");
    }

    @Test
    void aLargerMeasurementThatCostsLessIsACliffFoundBySearch() {
        RateCard card = RateCard.named("Rope")
                .asks(List.of(LENGTH))
                .piece(new PiecePrice.Rate(
                        "length",
                        Unit.M,
                        new BigDecimal("3"),
                        null,
                        null,
                        null,
                        new PiecePrice.RateBreaks(false, List.of(row(5, "2")))))
                .build();
        Finding cliff = only(Code.CLIFF, goods(null), card);
        assertThat(cliff.what().toString())
                .isEqualTo(
                        "larger-measure-cheaper(label: length, less: 4.5 m, total: 13.50, more: 5 m, moreTotal: 10.00, input: an-input(pieces: 1, answers: answered(label: length, answer: 4.5 m)))");
        assertThat(cliff.found()).isEqualTo(Finding.Found.BY_SEARCH);
    }

    @Test
    void slicesHaveNoCliffsButMayRise() {
        RateCard card = RateCard.named("Rising")
                .ladder(new Ladder(
                        Ladder.Counts.PIECES,
                        Over.LINE,
                        Ladder.Mode.SLICE,
                        Value.AMOUNT_OFF,
                        null,
                        List.of(row(5, "3"), row(10, "1")),
                        null,
                        null,
                        null,
                        false,
                        false))
                .build();
        assertThat(codes(goods("24.00"), card)).containsExactly("rises");
    }

    @Test
    void aPriceBelowTheCostOfAPieceOrOfABillableUnit() {
        assertThat(only(Code.BELOW_COST, goods("24.00", "20.00"), card(ladder(Value.PERCENT_OFF, row(10, "20"))))
                        .what()
                        .toString())
                .startsWith(
                        "input-beside(what: below-cost(what: at-input(input: an-input(pieces: 10)), price: 19.20, cost: 20.00), more: ");
        RateCard measured = RateCard.named("Rope")
                .asks(List.of(LENGTH))
                .piece(PiecePrice.Rate.of("length", Unit.M, "3.10"))
                .build();
        assertThat(codes(goods(null, "3.00"), measured)).isEmpty();
        assertThat(only(Code.BELOW_COST, goods(null, "3.20"), measured).what().toString())
                .startsWith(
                        "input-beside(what: below-cost(what: at-input(input: an-input(pieces: 1, answers: answered(label: length, answer: 1 m))), price: 3.10, cost: 3.20)");
    }

    @Test
    void anAllowedInputBelowZeroStopsTheCard() {
        RateCard card = RateCard.named("Trade-in")
                .asks(List.of(Choice.of(
                        "old",
                        Choice.Option.of("no", Charge.NONE),
                        Choice.Option.of("two", new Charge.PerPiece(new BigDecimal("-15"))))))
                .build();
        Finding found = only(Code.NEGATIVE, goods("10.00"), card);
        assertThat(found.code().severity()).isEqualTo(Finding.Severity.STOPS);
        assertThat(found.what().toString())
                .startsWith(
                        "input-refused(input: an-input(pieces: 1, answers: answered(label: old, answer: two)), why: one-piece-negative(price: -5.00)");
        assertThat(found.found()).isEqualTo(Finding.Found.BY_SEARCH);
    }

    @Test
    void anAllowedInputThatDividesByZeroStopsTheCard() {
        Finding found = only(Code.DIVISION, goods("10.00"), formula("10 EUR / (length / 1 m - 1)"));
        assertThat(found.what().toString())
                .startsWith(
                        "input-refused(input: an-input(pieces: 1, answers: answered(label: length, answer: 1 m)), why: divides-by-zero(part: 10 EUR / (length / 1 m - 1)), more: ");
        assertThat(found.code().severity()).isEqualTo(Finding.Severity.STOPS);
    }

    @Test
    void anInputThatCostsNothingAndOneThatIsVeryDear() {
        assertThat(only(Code.ZERO, goods("10.00"), formula("(length - 1 m) * 2 EUR/m"))
                        .what()
                        .toString())
                .startsWith(
                        "input-costs-nothing(input: an-input(pieces: 1, answers: answered(label: length, answer: 1 m))");
        assertThat(only(Code.TOO_DEAR, goods("1.00"), formula("length * 30 EUR/m"))
                        .what()
                        .toString())
                .startsWith(
                        "input-too-dear(input: an-input(pieces: 1, answers: answered(label: length, answer: 10 m)), price: 300.00, shelfPrice: 1.00");
    }

    @Test
    void goodsWithoutAShelfPriceHaveNoPrice() {
        assertThat(only(Code.NO_PRICE, goods(null), RateCard.named("Plain").build())
                        .what()
                        .toString())
                .startsWith("input-refused(input: an-input(pieces: 1), why: no-price-yet(item: Goods)");
    }

    @Test
    void aGridOutOfOrderWithAnEmptyCellAndLimitsBeyondIt() {
        List<BigDecimal> edges = List.of(new BigDecimal("50"), new BigDecimal("90"));
        List<List<BigDecimal>> prices = new ArrayList<>();
        prices.add(List.of(new BigDecimal("30"), new BigDecimal("28")));
        prices.add(Arrays.asList(new BigDecimal("35"), null));
        RateCard card = RateCard.named("Windows")
                .asks(List.of(WIDTH, Measurement.of("height", Unit.CM, "20", "90", "1")))
                .piece(new PiecePrice.Grid("width", "height", Unit.CM, Unit.CM, edges, edges, prices, false))
                .build();
        Finding order = only(Code.GRID_ORDER, goods(null), card);
        assertThat(order.what().toString())
                .isEqualTo("cell-dearer(width: 50 cm, height: 50 cm, price: 30.00, other: 28.00, column: 1)");
        assertThat(order.mend()).isEqualTo(new Mend.Put("/cases/0/piece/grid/prices/0/0", new BigDecimal("28")));
        Finding limits = only(Code.LIMITS, goods(null), card);
        assertThat(limits.what().toString()).isEqualTo("wider-than-grid(label: width, most: 100 cm, last: 90 cm)");
        assertThat(limits.mend()).isEqualTo(new Mend.Put("/asks/0/max", new BigDecimal("90")));
        assertThat(only(Code.NO_PRICE, goods(null), card).what().toString())
                .contains("size-not-made(column: width, width: 90 cm, row: height, height: 90 cm)");
    }

    @Test
    void aLastLotWithoutAFurtherPriceIsALimit() {
        RateCard card = RateCard.named("Trays")
                .ladder(new Ladder(
                        Ladder.Counts.PIECES,
                        Over.LINE,
                        Ladder.Mode.LOT,
                        Value.LOT_TOTAL,
                        null,
                        List.of(row(1, "19")),
                        null,
                        BigDecimal.valueOf(8),
                        null,
                        false,
                        false))
                .build();
        Finding limits = only(Code.LIMITS, goods(null), card);
        assertThat(limits.what().toString()).isEqualTo("no-price-beyond(pieces: 8)");
        assertThat(limits.mend()).isEqualTo(new Mend.Put("/quantity/atMost", BigDecimal.valueOf(8)));
    }

    @Test
    void aPackDearerThanASmallerOneOrTheOwnAmount() {
        RateCard card = RateCard.named("Ballast")
                .asks(List.of(Measurement.of("weight", Unit.KG, "1", "100", "1")))
                .piece(new PiecePrice.Packs(
                        List.of(pack("5 kg", "5", "20.00"), pack("10 kg", "10", "42.00")),
                        new PiecePrice.OwnAmount("weight", Unit.KG, new BigDecimal("4.10"))))
                .build();
        List<Finding> found = find(goods(null), card).stream()
                .filter(one -> one.code() == Code.PACK_DEARER)
                .toList();
        assertThat(found)
                .extracting(one -> one.what().toString())
                .containsExactly(
                        "pack-dearer(pack: 10 kg, price: 4.20, unit: kg, smaller: 5 kg, other: 4.00)",
                        "pack-dearer(pack: 10 kg, price: 4.20, unit: kg, other: 4.10)");
        assertThat(found.get(0).mend())
                .isEqualTo(new Mend.Put("/cases/0/piece/packs/packs/1/price", new BigDecimal("40.00")));
    }

    @Test
    void packsInGramsAreToldByTheKilogram() {
        RateCard card = RateCard.named("Ballast")
                .asks(List.of(Measurement.of("weight", Unit.G, "1", "1000", "1")))
                .piece(new PiecePrice.Packs(
                        List.of(grams("250 g", "250", "12.00"), grams("500 g", "500", "26.00")), null))
                .build();
        assertThat(only(Code.PACK_DEARER, goods(null), card).what().toString())
                .isEqualTo("pack-dearer(pack: 500 g, price: 52.00, unit: kg, smaller: 250 g, other: 48.00)");
    }

    private static PiecePrice.Pack grams(String name, String amount, String price) {
        return new PiecePrice.Pack(name, new BigDecimal(amount), Unit.G, new BigDecimal(price));
    }

    @Test
    void plainModeIsNotedAndUnitSlipsAreTold() {
        RateCard card = RateCard.named("Covers")
                .formulas(Formulas.PLAIN)
                .asks(List.of(LENGTH, WIDTH))
                .rates(List.of(new NamedRate("cloth", new BigDecimal("21"), "EUR/mm2")))
                .piece(new PiecePrice.ByFormula("length * width * cloth"))
                .build();
        assertThat(find(goods(null), card).stream()
                        .filter(one -> one.code() == Code.UNIT_JUMP)
                        .map(one -> one.what().toString()))
                .containsExactly(
                        "typed-in-different-units(first: length, firstUnit: m, second: width, secondUnit: cm)",
                        "rate-in-other-unit(rate: cloth, per: mm2, label: length, unit: m, times: 1000000, small: 1)");
        assertThat(only(Code.PLAIN_UNITS, goods(null), card).code().severity()).isEqualTo(Finding.Severity.NOTE);
    }

    @Test
    void aPercentageForAPriceAndAPriceForAPercentage() {
        Finding percent = only(Code.PERCENT_AS_PRICE, goods("80.00"), card(ladder(Value.PRICE, row(10, "10"))));
        assertThat(percent.what().toString()).isEqualTo("looks-like-percent(from: 10, price: 10, shelfPrice: 80.00)");
        assertThat(percent.mend()).isEqualTo(new Mend.Write("/ladder/value", "percent-off"));
        assertThat(only(Code.PRICE_AS_PERCENT, goods("99.00"), card(ladder(Value.PERCENT_OFF, row(10, "95"))))
                        .mend())
                .isEqualTo(new Mend.Write("/ladder/value", "price"));
    }

    @Test
    void aCaseAnOptionAndABreakThatAreNeverReached() {
        RateCard card = RateCard.named("Rope")
                .asks(List.of(
                        LENGTH,
                        new Choice(
                                "end",
                                "End",
                                List.of(Choice.Option.of("cut", Charge.NONE)),
                                null,
                                Choice.Look.LIST,
                                false,
                                "length > 20 m")))
                .cases(new Cases(
                        List.of(new Cases.Conditional("length > 50 m", Case.of(PiecePrice.SHELF_PRICE))),
                        Case.of(new PiecePrice.Rate(
                                "length",
                                Unit.M,
                                new BigDecimal("3"),
                                null,
                                null,
                                null,
                                new PiecePrice.RateBreaks(false, List.of(row(20, "2")))))))
                .build();
        assertThat(find(goods("5.00"), card).stream().map(Finding::at))
                .containsExactlyInAnyOrder("/cases/0", "/asks/1/shownWhen", "/cases/1/piece/rate/breaks/rows/0");
    }

    @Test
    void aGroupThatPaysMoreThanEveryone() {
        RateCard card = card(
                ladder(Value.PRICE, row(2, "9.00"), new Break(2, new BigDecimal("9.50"), "Boatyard", Validity.ALWAYS)));
        assertThat(only(Code.GROUP_DEARER, goods("10.00"), card).what().toString())
                .startsWith(
                        "input-beside(what: group-pays-more-for(group: Boatyard, total: 19.00, input: an-input(pieces: 2), everyone: 18.00)");
    }

    @Test
    void aKeptTrialThatComesToSomethingElse() {
        RateCard card = card(ladder(Value.PRICE, row(10, "9.00")));
        PreparedCard prepared = PreparedCard.prepare(card, "EUR").orThrow();
        Item item = goods("10.00");
        List<Finding> found = new CardFindings(RandomCards.EURO, Margins.NONE, 200)
                .of(
                        prepared,
                        item,
                        RandomCards.DAY,
                        List.of(
                                new CheckWeight("A dozen", asked(item, 12), new BigDecimal("107.00")),
                                new CheckWeight("None", asked(item, 1), null),
                                new CheckWeight("Ten", asked(item, 10), new BigDecimal("90"))));
        assertThat(found.stream().filter(one -> one.code() == Code.CHECK_WEIGHT).map(one -> one.what()
                        .toString()))
                .containsExactly(
                        "check-weight(name: A dozen, was: 107.00, is: 108.00)", "check-weight(name: None, is: 10.00)");
    }

    @Test
    void theSameCardHasTheSameFindingsEachTimeAndRandomCardsEndWithinTheBudget() {
        RandomCards cards = new RandomCards(5);
        for (int i = 0; i < 25; i++) {
            PreparedCard card = cards.card();
            Item item = cards.product().items().get(0);
            CardFindings findings = new CardFindings(RandomCards.EURO, Margins.NONE, 200);
            assertThat(findings.of(card, item, RandomCards.DAY, List.of()))
                    .isEqualTo(findings.of(card, item, RandomCards.DAY, List.of()));
        }
    }

    private static Asked asked(Item item, long quantity) {
        return new Asked(item, quantity, Answers.NONE, null, RandomCards.DAY);
    }

    private static PiecePrice.Pack pack(String name, String amount, String price) {
        return new PiecePrice.Pack(name, new BigDecimal(amount), Unit.KG, new BigDecimal(price));
    }

    private static RateCard formula(String text) {
        return RateCard.named("Formula")
                .asks(List.of(LENGTH))
                .piece(new PiecePrice.ByFormula(text))
                .build();
    }

    private static RateCard card(Ladder ladder) {
        return RateCard.named("Ladder").ladder(ladder).build();
    }

    private static Ladder ladder(Value value, Break... rows) {
        return new Ladder(
                Ladder.Counts.PIECES,
                Over.LINE,
                Ladder.Mode.ALL_UNITS,
                value,
                null,
                List.of(rows),
                null,
                null,
                null,
                false,
                false);
    }

    private static Break row(int from, String value) {
        return Break.everyone(from, new BigDecimal(value));
    }

    private static Item goods(String shelfPrice) {
        return goods(shelfPrice, null);
    }

    private static Item goods(String shelfPrice, String cost) {
        return new Product(
                        new Sku("GOODS"),
                        "Goods",
                        shelfPrice == null ? null : new BigDecimal(shelfPrice),
                        cost == null ? null : new BigDecimal(cost),
                        null,
                        null,
                        List.of())
                .items()
                .get(0);
    }

    private static Finding only(Code code, Item item, RateCard card) {
        List<Finding> found =
                find(item, card).stream().filter(one -> one.code() == code).toList();
        assertThat(found).as("%s", find(item, card)).hasSize(1);
        return found.get(0);
    }

    private static List<String> codes(Item item, RateCard card) {
        return find(item, card).stream().map(one -> one.code().text()).toList();
    }

    private static List<Finding> find(Item item, RateCard card) {
        return new CardFindings(RandomCards.EURO, Margins.NONE, 500)
                .of(PreparedCard.prepare(card, "EUR").orThrow(), item, RandomCards.DAY, List.of());
    }
}
