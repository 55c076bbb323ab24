package dev.steelyard.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.tax.TaxRules;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A shackle that costs 4.15, sold with 19 % of tax. */
class MarginsTest {

    private static final TaxRules TAX =
            new TaxRules(true, Map.of("DE", Map.of("Standard", decimal("19"))), false, Set.of());
    private static final Margins MARGINS =
            new Margins(decimal("20"), Map.of("Hardware", decimal("25")), Map.of("FLAGS", decimal("10")), TAX, "DE");

    private static BigDecimal decimal(String digits) {
        return new BigDecimal(digits);
    }

    private static Item item(String sku, String category) {
        Traits traits = new Traits(Set.of(category), Set.of(), Set.of(), Set.of(), Set.of());
        return new Product(new Sku(sku), sku, decimal("7.40"), decimal("4.15"), null, null, List.of(), traits)
                .items()
                .get(0);
    }

    private static Money money(String digits) {
        return new Rounding(2, 2).lineTotal(decimal(digits));
    }

    /** 6.20 without 19 % is 5.2100…, of which 1.06 are left: 20.3 %. */
    @ParameterizedTest
    @CsvSource({"6.20, 20.3", "4.95, 0.2", "4.93, -0.2", "7.40, 33.2"})
    void aMarginIsOfThePriceWithoutTax(String price, String margin) {
        assertThat(MARGINS.of(item("SHK", "Rope"), decimal(price), BigDecimal.ONE))
                .isEqualByComparingTo(margin);
    }

    @Test
    void aProductsOwnMarginCountsBeforeItsCategorysAndThatBeforeTheShops() {
        assertThat(MARGINS.smallest(item("FLAGS", "Hardware"))).isEqualByComparingTo("10");
        assertThat(MARGINS.smallest(item("SHK", "Hardware"))).isEqualByComparingTo("25");
        assertThat(MARGINS.smallest(item("SHK", "Rope"))).isEqualByComparingTo("20");
    }

    @Test
    void aPriceIsWarnedOfByWhatIsLeftOfItWithoutTax() {
        CostLimit limit = CostLimit.of(item("SHK", "Rope"), MARGINS);

        assertThat(limit.fault(Part.NONE, money("6.20"))).isNull();
        assertThat(limit.fault(Part.NONE, money("5.45")).code()).isEqualTo(FindingSays.MARGIN_TOO_SMALL_NET);
        assertThat(limit.fault(Part.NONE, money("4.93")).code()).isEqualTo(FindingSays.BELOW_COST_NET);
        assertThat(CostLimit.of(item("SHK", "Rope"), Margins.of(decimal("20")))
                        .fault(Part.NONE, money("4.93"))
                        .code())
                .isEqualTo(FindingSays.MARGIN_TOO_SMALL);
    }

    /** The largest reduction keeps the margin, and a tenth of a percent more does not. */
    @Test
    void theLargestReductionIsTheLargest() {
        Random random = new Random(7);
        Item item = item("SHK", "Rope");
        for (int i = 0; i < 500; i++) {
            BigDecimal price = BigDecimal.valueOf(400 + random.nextInt(3_000), 2);
            BigDecimal margin = BigDecimal.valueOf(random.nextInt(60));
            BigDecimal reduction = MARGINS.largestReduction(item, price, BigDecimal.ONE, margin, 1);
            BigDecimal kept = reduced(price, reduction);
            BigDecimal further = reduced(price, reduction.add(decimal("0.1")));
            if (reduction.signum() > 0) {
                assertThat(exact(item, kept)).isGreaterThanOrEqualTo(margin);
            }
            assertThat(exact(item, further)).isLessThan(margin);
            BigDecimal lowest = MARGINS.lowest(item, margin, 2);
            assertThat(exact(item, lowest)).isGreaterThanOrEqualTo(margin);
            assertThat(exact(item, lowest.subtract(decimal("0.01")))).isLessThan(margin);
        }
    }

    private static BigDecimal reduced(BigDecimal price, BigDecimal percent) {
        return price.multiply(BigDecimal.valueOf(100).subtract(percent)).movePointLeft(2);
    }

    private static BigDecimal exact(Item item, BigDecimal price) {
        BigDecimal net = MARGINS.net(item, price);
        return net.subtract(item.unitCost()).multiply(BigDecimal.valueOf(100)).divide(net, new MathContext(30));
    }
}
