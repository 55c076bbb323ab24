package dev.steelyard.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Finish;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.RateCardBuilder;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Reckoning.PassedOver;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class PriceBookTest {

    private static final ZonedDateTime DAY = ZonedDateTime.of(2027, 4, 15, 12, 0, 0, 0, ZoneOffset.UTC);
    private static final ShopRules EURO = ShopRules.of(Currency.getInstance("EUR"));
    private static final PriceRows ROWS = PriceRows.of(
            Over.PRODUCT, List.of(Break.everyone(10, decimal("6.90")), Break.everyone(25, decimal("6.20"))));
    private static final Product SHACKLE = new Product(
            new Sku("SHK"),
            "Bow shackle",
            decimal("7.40"),
            null,
            null,
            ROWS,
            List.of(
                    new Variant(new Sku("SHK-6"), "6 mm", decimal("5.20"), null, null),
                    new Variant(new Sku("SHK-8"), "8 mm", null, null, null),
                    new Variant(
                            new Sku("SHK-10"),
                            "10 mm",
                            decimal("9.90"),
                            null,
                            PriceRows.of(Over.LINE, List.of(Break.everyone(5, decimal("9.10")))))));
    private static final PriceBook BOOK = PriceBook.of(EURO, List.of(), List.of(SHACKLE));

    @Test
    void variantsCountTogetherWhereTheProductSaysSo() {
        List<LineResult> basket = price(BOOK, line("SHK-6", 4), line("SHK-8", 6));
        assertThat(priced(basket, 0).total()).hasToString("27.60");
        assertThat(priced(basket, 1).total()).hasToString("41.40");
        assertThat(priced(basket, 1).next().more()).isEqualTo(15);
    }

    @Test
    void aVariantWithRowsOfItsOwnUsesOnlyThose() {
        List<LineResult> basket = price(BOOK, line("SHK-10", 10), line("SHK-8", 9));
        assertThat(priced(basket, 0).pricePerPiece()).hasToString("9.10");
        assertThat(priced(basket, 0).counted()).isEqualTo(10);
        // the pieces of the variant still are pieces of the product
        assertThat(priced(basket, 1).pricePerPiece()).hasToString("6.90");
    }

    @Test
    void aVariantWithoutAShelfPriceUsesTheProducts() {
        assertThat(priced(price(BOOK, line("SHK-8", 1)), 0).pricePerPiece()).hasToString("7.40");
        assertThat(priced(price(BOOK, line("SHK-6", 1)), 0).pricePerPiece()).hasToString("5.20");
    }

    private static RefusedLine refused(Place place, Refusal code, Part... parts) {
        return new RefusedLine(place, Fact.of(code, parts));
    }

    @Test
    void refusedLinesCountNothing() {
        List<LineResult> basket = price(BOOK, line("SHK-8", 9), line("SHK-6", 0), line("ROPE", 3));
        assertThat(priced(basket, 0).pricePerPiece()).hasToString("7.40");
        assertThat(basket.get(1))
                .isEqualTo(refused(
                        Place.QUANTITY,
                        Refusal.QUANTITY_NOT_ALLOWED,
                        Part.count(0),
                        Part.count(1),
                        Part.count(1000000)));
        assertThat(basket.get(2)).isEqualTo(refused(Place.SKU, Refusal.SKU_UNKNOWN, Part.typed("ROPE")));
    }

    @Test
    void aProductWithVariantsIsNotPricedAsItsFirst() {
        assertThat(price(BOOK, line("SHK", 1)))
                .extracting(one -> ((RefusedLine) one).what().toString())
                .containsExactly("sold-by-variants(product: Bow shackle, variants: SHK-6, SHK-8, SHK-10)");
    }

    @Test
    void aHintThatHasNoPriceRefusesNothing() {
        Choice fitting = Choice.of("fitting", Choice.Option.of("without", new Charge.PerPiece(decimal("-6.00"))));
        RateCardBuilder card = RateCard.named("Without")
                .asks(List.of(fitting))
                .ladder(Ladder.ofPrices(
                        List.of(Break.everyone(10, decimal("5.00")), Break.everyone(20, decimal("12.00")))));
        PriceBook book = book(card, Product.of(new Sku("LAMP"), "Lamp", decimal("20.00")));
        OrderLine one = new OrderLine(new Sku("LAMP"), 1, Answers.of(Map.of("fitting", Answer.of("without"))));
        PricedLine line = priced(price(book, one), 0);
        assertThat(line.total()).hasToString("14.00");
        assertThat(line.next())
                .as("from 10 there is no price, so the one behind it")
                .isEqualTo(new NextBreak(19, EURO.rounding().lineTotal(decimal("6.00"))));
        OrderLine ten = new OrderLine(new Sku("LAMP"), 10, one.answers());
        assertThat(price(book, ten).get(0)).isInstanceOf(RefusedLine.class);
    }

    @Test
    void noCliffsLeaveOutThresholdsWithoutAPrice() {
        Choice fitting = Choice.of("fitting", Choice.Option.of("without", new Charge.PerPiece(decimal("-6.00"))));
        Ladder rows = Ladder.ofPrices(List.of(Break.everyone(10, decimal("5.00"))));
        Ladder ladder = new Ladder(
                rows.counts(),
                rows.over(),
                rows.mode(),
                rows.value(),
                null,
                rows.rows(),
                null,
                null,
                null,
                true,
                false);
        PriceBook book = book(
                RateCard.named("Without").asks(List.of(fitting)).ladder(ladder),
                Product.of(new Sku("LAMP"), "Lamp", decimal("20.00")));
        OrderLine nine = new OrderLine(new Sku("LAMP"), 9, Answers.of(Map.of("fitting", Answer.of("without"))));
        assertThat(priced(price(book, nine), 0).total()).hasToString("126.00");
    }

    /** Quantity comes before the price of a piece where one fault is named. */
    @Test
    void faultsAreNamedInTheirOrder() {
        Ladder rows = Ladder.ofPrices(List.of(Break.everyone(10, decimal("5.00"))));
        Ladder ladder = new Ladder(
                rows.counts(),
                Over.PRODUCT,
                rows.mode(),
                Ladder.Value.PERCENT_OFF,
                null,
                rows.rows(),
                decimal("3"),
                null,
                null,
                false,
                false);
        Product lamp = Product.of(new Sku("LAMP"), "Lamp", null);
        PriceBook book = book(RateCard.named("From three").ladder(ladder), lamp);
        assertThat(places(price(book, line("LAMP", 2), line("NONE", 0)))).containsExactly("quantity", "sku");
        assertThat(places(price(book, line("LAMP", 3)))).containsExactly("piece");
        assertThat(places(price(book, line("LAMP", 1), line("LAMP", 2))))
                .as("counted with the other, then neither has a price")
                .containsExactly("piece", "piece");
        PriceBook below = book(
                RateCard.named("Below")
                        .cases(Cases.always(Case.of(new PiecePrice.ByFormula("-1 EUR"))))
                        .ladder(ladder),
                lamp);
        assertThat(places(price(below, line("LAMP", 2)))).containsExactly("quantity");
        assertThat(places(price(below, line("LAMP", 4)))).containsExactly("piece");
    }

    private static List<String> places(List<LineResult> results) {
        return results.stream().map(line -> ((RefusedLine) line).place().code()).toList();
    }

    private static PriceBook book(RateCardBuilder card, Product product) {
        return PriceBook.of(
                EURO, List.of(PreparedCard.prepare(card.build(), "EUR").orThrow()), List.of(product));
    }

    /** A grid that hands on leaves the picked pack to the case that has packs. */
    @Test
    void aPickedPackIsPutAsideOnlyWhereACaseWithoutPacksPrices() {
        PiecePrice.Grid grid = new PiecePrice.Grid(
                "length",
                "weight",
                Unit.CM,
                Unit.KG,
                List.of(decimal("10"), decimal("20")),
                List.of(decimal("5")),
                List.of(Arrays.asList(decimal("8.00"), null)),
                true);
        PiecePrice packs = new PiecePrice.Packs(
                List.of(new PiecePrice.Pack("5 kg", decimal("5"), Unit.KG, decimal("21.00"))),
                new PiecePrice.OwnAmount("weight", Unit.KG, decimal("4.35")));
        PriceBook book = book(
                RateCard.named("Lead")
                        .asks(List.of(
                                Measurement.of("length", Unit.CM, "1", "100", "1"),
                                Measurement.of("weight", Unit.KG, "1", "500", "1")))
                        .cases(new Cases(
                                List.of(new Cases.Conditional("length < 50 cm", Case.of(grid))), Case.of(packs))),
                Product.of(new Sku("LEAD"), "Lead", null));
        assertThat(came(book, "15", "100", "5 kg"))
                .as("an empty cell: the pack counts")
                .isEqualTo("21.00");
        assertThat(came(book, "30", "5", "5 kg"))
                .as("beyond the grid: the pack counts")
                .isEqualTo("21.00");
        assertThat(came(book, "10", "5", "5 kg"))
                .as("a cell prices: the pack is not asked")
                .isEqualTo("8.00");
        assertThat(came(book, "60", null, "5 kg")).isEqualTo("21.00");
        assertThat(came(book, "15", "100", null)).isEqualTo("435.00");
    }

    private static String came(PriceBook book, String length, @Nullable String weight, @Nullable String pack) {
        Map<String, Answer> answers = new HashMap<>(Map.of("length", Answer.of(length)));
        if (weight != null) {
            answers.put("weight", Answer.of(weight));
        }
        OrderLine line = new OrderLine(new Sku("LEAD"), 1, new Answers(answers, pack));
        LineResult result = price(book, line).get(0);
        return result instanceof PricedLine priced ? priced.total().toString() : result.toString();
    }

    @Test
    void goodsWithoutAShelfPriceAreRefused() {
        PriceBook book = PriceBook.of(EURO, List.of(), List.of(Product.of(new Sku("ROPE"), "Rope", null)));
        assertThat(price(book, line("ROPE", 1)))
                .containsExactly(new RefusedLine(List.of(new Fault(
                        Place.PIECE, Fault.Kind.NO_PRICE, Fact.of(Refusal.NO_PRICE_YET, Part.name("Rope"))))));
    }

    @Test
    void aLineTooLargeIsRefused() {
        PriceBook book =
                PriceBook.of(EURO, List.of(), List.of(Product.of(new Sku("GOLD"), "Gold", decimal("999999999999.99"))));
        assertThat(priced(price(book, line("GOLD", 1)), 0).total()).hasToString("999999999999.99");
        assertThat(price(book, line("GOLD", 2)).get(0)).isInstanceOf(RefusedLine.class);
    }

    @Test
    void theNextBreakIsTheNearestThatMakesAPieceCheaper() {
        PricedLine twelve = priced(price(BOOK, line("SHK-8", 12)), 0);
        assertThat(twelve.next().more()).isEqualTo(13);
        assertThat(twelve.next().pricePerPiece()).hasToString("6.20");
        assertThat(priced(price(BOOK, line("SHK-8", 25)), 0).next()).isNull();
    }

    @Test
    void theReckoningNamesEachStep() {
        PricedLine line = (PricedLine) BOOK.explain(List.of(line("SHK-8", 8), line("SHK-6", 4)), Customer.EVERYONE, DAY)
                .get(0);
        assertThat(line.reckoning().steps())
                .extracting(step -> step.what() + " | " + step.how() + " | " + step.result())
                .containsExactly(
                        "shelf-price | named(name: Bow shackle, 8 mm) | 7.40",
                        "breaks | reached(reaching: pieces-together-reach(here: 8, more: 4, pieces: 12, from: 10)) | 6.90",
                        "line | times(count: 8, price: 6.90) | 55.20");
        assertThat(priced(price(BOOK, line("SHK-8", 8)), 0).reckoning()).isEqualTo(Reckoning.NOT_ASKED);
    }

    @Test
    void setUpAndMinimumAreStepsAndRoundingPointsAreNamed() {
        PreparedCard card = prepared(RateCard.named("With finish").finish(new Finish(decimal("4.50"), decimal("25"))));
        PriceBook book =
                PriceBook.of(EURO, List.of(card), List.of(Product.of(new Sku("PIN"), "Pin", decimal("0.125"))));
        PricedLine line = (PricedLine)
                book.explain(List.of(line("PIN", 3)), Customer.EVERYONE, DAY).get(0);
        assertThat(line.total()).hasToString("25.00");
        assertThat(line.reckoning().steps())
                .extracting(step -> step.what() + " | " + step.how() + " | " + step.result() + " | " + step.point())
                .containsExactly(
                        "shelf-price | named(name: Pin) | 0.125 | null",
                        "price-of-one | exactly(price: 0.125) | 0.13 | R2",
                        "pieces | times(count: 3, price: 0.13) | 0.39 | null",
                        "with-set-up | with-set-up-of(money: 4.50) | 4.89 | null",
                        "line | minimum-charge | 25.00 | null");
    }

    @Test
    void theFirstCardThatCoversPricesTheLineAndTheOthersSayWhyNot() {
        PriceBook book = PriceBook.of(
                EURO,
                List.of(
                        card("Other goods", new GoodsRule.Is(Attribute.PRODUCT, Set.of("ROPE")), Audience.EVERYONE),
                        card("Crew week", GoodsRule.EVERYTHING, Audience.of("Crew club")),
                        card(
                                "No yards",
                                GoodsRule.EVERYTHING,
                                new Audience(Set.of(), Set.of("Boatyard"), null, null, Set.of())),
                        card(
                                "Abroad",
                                GoodsRule.EVERYTHING,
                                new Audience(Set.of("Boatyard"), Set.of(), null, null, Set.of("XB"))),
                        dated("May", LocalDate.of(2027, 5, 1), LocalDate.of(2027, 6, 1)),
                        dated("March", LocalDate.of(2027, 3, 1), LocalDate.of(2027, 4, 1)),
                        prepared(half("Paused").state(CardState.PAUSED)),
                        prepared(half("Draft").state(CardState.DRAFT))),
                List.of(SHACKLE));
        PricedLine yard = (PricedLine) book.explain(List.of(line("SHK-8", 1)), new Customer("Boatyard"), DAY)
                .get(0);
        assertThat(yard.card()).isEqualTo("Shelf price");
        assertThat(yard.reckoning().passedOver())
                .containsExactly(
                        new PassedOver("Crew week", Fact.of(Told.OTHER_CUSTOMER)),
                        new PassedOver("No yards", Fact.of(Told.OTHER_CUSTOMER)),
                        new PassedOver("Abroad", Fact.of(Told.OTHER_COUNTRY)),
                        new PassedOver("May", Fact.of(Told.NOT_YET)),
                        new PassedOver("March", Fact.of(Told.NO_LONGER)),
                        new PassedOver("Paused", Fact.of(Told.PAUSED)));
        assertThat(priced(price(book, line("SHK-8", 1)), 0).card()).isEqualTo("No yards");
    }

    @Test
    void aProductMaySetItsOwnUnitPriceDecimals() {
        Product screw = new Product(new Sku("SCR"), "Screw", decimal("0.0823"), null, 4, null, List.of());
        PriceBook book = PriceBook.of(EURO, List.of(), List.of(screw));
        PricedLine line = priced(price(book, line("SCR", 333)), 0);
        assertThat(line.pricePerPiece()).hasToString("0.0823");
        assertThat(line.total()).hasToString("27.41");
    }

    @Test
    void everyCardSaysWhyItDoesNotPriceAnOrder() {
        PreparedCard yard = card("Yards", GoodsRule.EVERYTHING, Audience.of("Boatyard"));
        PreparedCard rope = card("Rope", new GoodsRule.Is(Attribute.PRODUCT, Set.of("ROPE")), Audience.EVERYONE);
        PreparedCard half = card("Half", GoodsRule.EVERYTHING, Audience.EVERYONE);
        PriceBook book = PriceBook.of(EURO, List.of(yard, rope, half), List.of(SHACKLE));

        assertThat(book.verdicts(new Sku("SHK-8"), Customer.EVERYONE, DAY))
                .extracting(verdict -> verdict.card().name(), Verdict::outcome, Verdict::passedOver)
                .containsExactly(
                        tuple("Yards", Verdict.Outcome.PASSED_OVER, PassedOverFor.CUSTOMER),
                        tuple("Rope", Verdict.Outcome.NOT_COVERED, null),
                        tuple("Half", Verdict.Outcome.WINS, null),
                        tuple("Shelf price", Verdict.Outcome.BELOW_THE_WINNER, null));
        assertThat(book.verdicts(new Sku("NONE"), Customer.EVERYONE, DAY)).isEmpty();
        assertThat(book.cardFor(new Sku("SHK-8"), Customer.EVERYONE, DAY)).isSameAs(half);
    }

    @Test
    void twoGoodsCannotShareASku() {
        Product one = Product.of(new Sku("A"), "One", null);
        assertThatThrownBy(() -> PriceBook.of(EURO, List.of(), List.of(one, one)))
                .hasMessage("two goods have the SKU A");
    }

    private static PreparedCard card(String name, GoodsRule goods, Audience audience) {
        return prepared(half(name).covers(new Covers(goods, Set.of(), audience, Times.ALWAYS)));
    }

    private static PreparedCard dated(String name, LocalDate from, LocalDate until) {
        return prepared(half(name)
                .covers(new Covers(
                        GoodsRule.EVERYTHING, Set.of(), Audience.EVERYONE, Times.days(from, until, ZoneOffset.UTC))));
    }

    private static RateCardBuilder half(String name) {
        return RateCard.named(name).ladder(Ladder.ofPrices(List.of(Break.everyone(1, decimal("3.00")))));
    }

    private static PreparedCard prepared(RateCardBuilder card) {
        return PreparedCard.prepare(card.build(), "EUR").orThrow();
    }

    private static List<LineResult> price(PriceBook book, OrderLine... lines) {
        return book.price(List.of(lines), Customer.EVERYONE, DAY);
    }

    private static PricedLine priced(List<LineResult> results, int index) {
        return (PricedLine) results.get(index);
    }

    private static OrderLine line(String sku, long quantity) {
        return new OrderLine(new Sku(sku), quantity);
    }

    private static BigDecimal decimal(String digits) {
        return new BigDecimal(digits);
    }
}
