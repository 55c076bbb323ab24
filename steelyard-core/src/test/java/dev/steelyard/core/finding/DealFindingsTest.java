package dev.steelyard.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Deal.Combine;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DealFindingsTest {

    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 26, 12, 0, 0, 0, ZoneOffset.UTC);

    private static final List<Product> GOODS = List.of(
            product("SHK", "hardware", "7.40", "4.15"),
            product("PIN", "hardware", "2.00", "1.00"),
            product("BRU", "care", "15.00", "8.20"));

    private static final DealFindings FINDINGS = new DealFindings(
            PriceBook.of(ShopRules.of(Currency.getInstance("EUR")), List.of(), GOODS),
            GoodsDirectory.of(GOODS),
            Set.of("card", "invoice"),
            NOW,
            Margins.of(BigDecimal.valueOf(20)));

    private static Product product(String sku, String category, String price, String cost) {
        return new Product(
                new Sku(sku),
                sku,
                new BigDecimal(price),
                new BigDecimal(cost),
                null,
                null,
                List.of(),
                new Traits(Set.of(category), Set.of(), Set.of(), Set.of(), Set.of()));
    }

    private static GoodsSet category(String name) {
        return GoodsSet.of(new GoodsRule.Is(Attribute.CATEGORY, Set.of(name)));
    }

    private static Deal ladder(String name, Counts counts, GoodsSet goods, Value value, String... rows) {
        List<Row> read = List.of(rows).stream()
                .map(row -> new Row(new BigDecimal(row.split(" ")[0]), new BigDecimal(row.split(" ")[1])))
                .toList();
        return Deal.of(name, new OnLadder(counts, goods, value, read));
    }

    private static List<String> of(Deal deal, Deal... others) {
        return FINDINGS.of(deal, List.of(others)).stream()
                .map(finding -> finding.code().text() + " " + finding.at() + " " + finding.said())
                .toList();
    }

    @Test
    void aQuietDealHasNone() {
        assertThat(of(ladder("Quiet", Counts.PIECES, category("care"), Value.PERCENT_OFF, "3 2", "6 4")))
                .isEmpty();
    }

    @Test
    void whatCanNeverApplyIsFound() {
        Deal rope = ladder("Rope", Counts.PIECES, category("rope"), Value.PERCENT_OFF, "3 5");
        assertThat(of(rope)).containsExactly("covers-nothing /covers found(what: nothing-meant)");
        Deal cash = Deal.of("Cash", new ByPayment(Value.PERCENT_OFF, BigDecimal.ONE))
                .when(Conditions.payment("cash"));
        assertThat(of(cash))
                .containsExactly(
                        "never-reached /payment found(what: nobody-pays-by(payment: cash, payments: card, invoice))");
        Audience nobody = new Audience(Set.of("Crew"), Set.of("Crew"), null, null, Set.of());
        assertThat(of(ladder("Nobody", Counts.PIECES, category("care"), Value.PERCENT_OFF, "3 2")
                        .when(Conditions.audience(nobody))))
                .singleElement()
                .asString()
                .startsWith("never-reached /groups");
    }

    @Test
    void whatIsOverIsFound() {
        Deal over = ladder("Over", Counts.PIECES, category("care"), Value.PERCENT_OFF, "3 2")
                .when(Conditions.NONE.at(Times.days(null, LocalDate.of(2026, 11, 26), ZoneOffset.UTC)));
        assertThat(of(over)).containsExactly("expired /until found(what: over-since(day: 2026-11-26))");
    }

    @ParameterizedTest
    @CsvSource({
        "TIDE26, characters: 6",
        "1234567890, code-only-digits",
        "AAAABBBB, characters: 2",
        "summer2026, word: SUMMER",
        "K7-TIDEWATER, ''",
    })
    void aCodeThatIsEasyToGuessIsFound(String code, String why) {
        List<String> found = of(ladder("Coded", Counts.PIECES, category("care"), Value.PERCENT_OFF, "3 2")
                .when(Conditions.code(code)));
        if (why.isEmpty()) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found)
                    .singleElement()
                    .asString()
                    .startsWith("weak-code /code")
                    .contains(why);
        }
    }

    @Test
    void cliffsOfSpendingAreNotedWithTheirFigures() {
        assertThat(of(ladder("Spend", Counts.SPEND, category("care"), Value.PERCENT_OFF, "100 5", "400 8")))
                .containsExactly(
                        "spend-cliff /rows/0 found(what: spending-more-costs-less(less: 99.99, costs: 99.99, more: 100.00, moreCosts: 95.00))",
                        "spend-cliff /rows/1 found(what: spending-more-costs-less(less: 399.99, costs: 379.99, more: 400.00, moreCosts: 368.00))");
        assertThat(of(ladder("From nothing", Counts.SPEND, category("care"), Value.AMOUNT_OFF, "0 2")))
                .isEmpty();
    }

    @Test
    void aRowThatGivesNothingMoreIsFoundWithItsMend() {
        List<Finding> found = FINDINGS.of(
                ladder("Rows", Counts.PIECES, category("care"), Value.PERCENT_OFF, "3 2", "6 2", "9 1"), List.of());
        assertThat(found)
                .extracting(one -> one.what().toString())
                .containsExactly("row-changes-nothing(from: 6)", "row-gives-less(from: 9, before: 6)");
        assertThat(found.get(0).mend()).isEqualTo(new Mend.Remove("/rows/1"));
    }

    /** Four rows that change nothing are found first; the cliff is looked for all the same. */
    @Test
    void otherFindingsDoNotKeepCliffsFromBeingLookedFor() {
        Deal deal = ladder(
                "Care", Counts.SPEND, category("care"), Value.PERCENT_OFF, "100 5", "150 5", "200 5", "250 5", "300 5");

        assertThat(FINDINGS.of(deal, List.of()))
                .extracting(finding -> finding.code().text())
                .containsOnly("no-op", "spend-cliff")
                .contains("spend-cliff");
    }

    @Test
    void whatIsGivenAwayOrSoldBelowCostIsFound() {
        assertThat(of(ladder("Half", Counts.PIECES, category("hardware"), Value.PERCENT_OFF, "6 50")))
                .containsExactlyInAnyOrder(
                        "below-cost  found(what: below-cost(what: at-pieces(pieces: 6, name: SHK), price: 22.20, cost: 24.90))",
                        "below-cost  found(what: margin-too-small(what: at-pieces(pieces: 6, name: PIN), price: 6.00, leaves: 0, cost: 6.00, least: 20))");
        assertThat(of(ladder("Two off", Counts.PIECES, category("hardware"), Value.AMOUNT_OFF_EACH, "3 2")))
                .contains("zero  found(what: deal-gives-away(pieces: 3, name: PIN, total: 6.00))");
        Deal third = Deal.of(
                "Third", new BuyAndGet(2, category("care"), 1, category("care"), Value.FREE, BigDecimal.ZERO, null));
        assertThat(of(third))
                .singleElement()
                .asString()
                .contains("what: at-pieces(pieces: 3, name: BRU), price: 30.00")
                .contains("least: 20");
    }

    @Test
    void anotherThatAlwaysTakesOffMoreIsFound() {
        Deal five = ladder("Five", Counts.SPEND, category("hardware"), Value.PERCENT_OFF, "50 2")
                .combined(Combine.STANDS_ALONE);
        Deal ten = ladder("Ten", Counts.SPEND, GoodsSet.EVERYTHING, Value.PERCENT_OFF, "40 3");
        assertThat(FINDINGS.of(five, List.of(ten))).extracting(Finding::code).contains(Code.BEATEN);
        assertThat(FINDINGS.of(ten, List.of(five)))
                .as("nor the other way round")
                .extracting(Finding::code)
                .doesNotContain(Code.BEATEN)
                .contains(Code.OVERLAP);
        Deal coded = ten.when(Conditions.code("K7-TIDEWATER"));
        assertThat(FINDINGS.of(five, List.of(coded)))
                .as("one that asks for a code does not always count")
                .extracting(Finding::code)
                .doesNotContain(Code.BEATEN);
    }

    @Test
    void twoForTheSameGoodsAreNoted() {
        Deal one = ladder("One", Counts.PIECES, category("hardware"), Value.PERCENT_OFF, "6 2");
        Deal other = ladder("Other", Counts.SPEND, GoodsSet.EVERYTHING, Value.PERCENT_OFF, "40 3");
        assertThat(of(one, other)).contains("overlap  found(what: both-add-up(other: Other, products: 2))");
        assertThat(of(one, other.combined(Combine.STANDS_ALONE)))
                .contains("overlap  found(what: larger-is-used(other: Other, products: 2))");
    }
}
