package dev.steelyard.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class PriceFindingsTest {

    private static final LocalDate DAY = LocalDate.of(2027, 4, 15);

    @Test
    void aLargerOrderThatCostsLessIsACliffWithAPriceThatMendsIt() {
        List<Finding> found = find(null, null, row(10, "7.00"), row(25, "6.20"));
        assertThat(messages(found))
                .containsExactly(
                        "cliff: found(what: larger-cheaper(pieces: 9, total: 72.00, more: 10, moreTotal: 70.00, cheaper: 2.00))",
                        "cliff: found(what: larger-cheaper-than-many(first: 23, firstTotal: 161.00, last: 24, lastTotal: 168.00, more: 25, moreTotal: 155.00, cheaper: 13.00))");
        Mend mend = found.get(0).mend();
        assertThat(mend).isEqualTo(new Mend.SetPrice(row(10, "7.00").key(), new BigDecimal("7.20")));
        assertThat(find(null, null, row(10, "7.20"))).isEmpty();
    }

    @Test
    void aMendThatWouldTakeTheWholeReductionAwayIsNotOffered() {
        List<Finding> found = find(null, null, row(1000, "7.90"));
        assertThat(found).singleElement().satisfies(cliff -> assertThat(cliff.mend())
                .isNull());
    }

    @Test
    void aPriceThatRisesAndOneThatChangesNothing() {
        assertThat(messages(find(null, null, row(10, "8.50"), row(20, "8.50"), row(30, "8.30"))))
                .containsExactly(
                        "rises: found(what: rises(from: 10, price: 8.50, before: 8.00))",
                        "no-op: found(what: same-as-before(from: 20, price: 8.50, before: 10))");
        assertThat(messages(find(null, null, row(5, "8.00"))))
                .containsExactly("no-op: found(what: same-as-before(from: 5, price: 8.00))");
    }

    @Test
    void aPriceBelowCostOrBelowTheSmallestMargin() {
        assertThat(messages(find("7.80", null, row(100, "7.79"))))
                .contains("below-cost: found(what: below-cost(what: at-from(from: 100), price: 7.79, cost: 7.80))");
        assertThat(messages(find("7.00", "12", row(100, "7.95"))))
                .contains(
                        "below-cost: found(what: margin-too-small(what: at-from(from: 100), price: 7.95, leaves: 11.9, cost: 7.00, least: 12))");
        assertThat(find("7.00", "12.5", List.<Break>of())).isEmpty();
        assertThat(messages(find("9", null, List.<Break>of())))
                .containsExactly("below-cost: found(what: below-cost(what: at-shelf-price, price: 8.00, cost: 9.00))");
    }

    @Test
    void aGroupThatPaysMoreThanEveryone() {
        List<Finding> found = find(null, null, row(1, "7.90"), boatyard(1, "7.95"), row(10, "7.85"));
        assertThat(messages(found))
                .contains(
                        "group-dearer: found(what: group-pays-more(group: Boatyard, price: 7.95, from: 1, everyone: 7.90))");
    }

    @Test
    void aGroupsBreakIsDearerWhereEveryonesLaterOneIsCheaperOnlyIfItStillHolds() {
        // the group's break from 10 ends where everyone's from 20 begins: nobody of the group pays more
        assertThat(messages(find(null, null, row(20, "7.70"), boatyard(10, "7.80"))))
                .isEmpty();
    }

    @Test
    void whatEveryoneSeesIsNotSaidAgainForEachGroup() {
        List<Finding> found = find(null, null, row(10, "7.00"), boatyard(50, "6.99"));
        assertThat(messages(found)).hasSize(1);
    }

    @Test
    void aBreakThatBeginsLaterIsLookedAtWithItsDay() {
        Validity may = new Validity(LocalDate.of(2027, 5, 1), LocalDate.of(2027, 6, 1));
        List<Finding> found = find(null, null, List.of(new Break(10, new BigDecimal("7.00"), null, may)));
        assertThat(messages(found))
                .containsExactly(
                        "cliff: found(since: 2027-05-01, what: larger-cheaper(pieces: 9, total: 72.00, more: 10, moreTotal: 70.00, cheaper: 2.00))");
    }

    @Test
    void goodsWithoutAPriceHaveNoFindings() {
        Product rope = Product.of(new Sku("ROPE"), "Rope", null);
        assertThat(new PriceFindings(new Rounding(2, 2), Margins.NONE)
                        .of(rope.items().get(0), DAY))
                .isEmpty();
    }

    private static List<String> messages(List<Finding> found) {
        return found.stream()
                .map(finding -> finding.code().text() + ": " + finding.said())
                .toList();
    }

    private static List<Finding> find(String cost, String margin, Break... rows) {
        return find(cost, margin, List.of(rows));
    }

    private static List<Finding> find(String cost, String margin, List<Break> rows) {
        Product product = new Product(
                new Sku("SHK"),
                "Shackle",
                new BigDecimal("8.00"),
                decimal(cost),
                null,
                PriceRows.of(Over.LINE, rows),
                List.of());
        return new PriceFindings(new Rounding(2, 2), Margins.of(decimal(margin)))
                .of(product.items().get(0), DAY);
    }

    private static BigDecimal decimal(String digits) {
        return digits == null ? null : new BigDecimal(digits);
    }

    private static Break row(int from, String price) {
        return Break.everyone(from, new BigDecimal(price));
    }

    private static Break boatyard(int from, String price) {
        return new Break(from, new BigDecimal(price), "Boatyard", Validity.ALWAYS);
    }
}
