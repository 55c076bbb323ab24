package dev.steelyard.core.curve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PieceCurveTest {

    private static final LocalDate DAY = LocalDate.of(2027, 4, 15);
    private static final Rounding EURO = new Rounding(2, 2);

    @Test
    void stretchesRunFromOneToTheLargestQuantity() {
        PieceCurve curve = curve("7.40", List.of(breakAt(10, "6.90"), breakAt(25, "6.20")));
        assertThat(curve.stretches())
                .extracting(stretch -> stretch.from() + "–" + stretch.last() + " " + stretch.perPiece())
                .containsExactly("1–9 7.40", "10–24 6.90", "25–1000000 6.20");
    }

    @Test
    void aBreakFromOneLeavesNoStretchForTheShelfPrice() {
        assertThat(curve("7.40", List.of(breakAt(1, "7.00"))).stretches()).hasSize(1);
    }

    @Test
    void theCurveIsThePriceAtAnyQuantity() {
        Random random = new Random(7);
        for (int round = 0; round < 100; round++) {
            List<Break> breaks = randomBreaks(random);
            Product product = Product.of(new Sku("A"), "A", new BigDecimal("12.345"))
                    .withOwnRows(PriceRows.of(Over.LINE, breaks));
            PriceBook book = PriceBook.of(ShopRules.of(Currency.getInstance("EUR")), List.of(), List.of(product));
            PieceCurve curve = curve("12.345", breaks);
            for (int i = 0; i < 20; i++) {
                int quantity = 1 + random.nextInt(120);
                PricedLine line = (PricedLine) book.price(
                                List.of(new OrderLine(new Sku("A"), quantity)),
                                Customer.EVERYONE,
                                DAY.atStartOfDay(ZoneOffset.UTC))
                        .get(0);
                assertThat(curve.total(quantity)).isEqualTo(line.total());
                assertThat(curve.perPiece(quantity)).isEqualTo(line.pricePerPiece());
            }
        }
    }

    @Test
    void aCliffNamesTheSmallestOrderThatCostsMore() {
        List<Cliff> cliffs = Cliff.of(curve("7.40", List.of(breakAt(10, "6.90"), breakAt(25, "6.20"))));
        assertThat(cliffs)
                .extracting(cliff -> cliff.first() + " " + cliff.firstTotal() + ", " + cliff.last() + " "
                        + cliff.lastTotal() + " > " + cliff.threshold() + " " + cliff.total())
                .containsExactly("23 158.70, 24 165.60 > 25 155.00");
    }

    @Test
    void cliffsAreJustWhereTryingEveryQuantityFindsThem() {
        Random random = new Random(11);
        for (int round = 0; round < 60; round++) {
            PieceCurve curve = curve("30", randomBreaks(random));
            for (Cliff cliff : Cliff.of(curve)) {
                for (int quantity = Math.max(1, cliff.first() - 3); quantity < cliff.threshold(); quantity++) {
                    boolean dearer = curve.total(quantity).compareTo(cliff.total()) > 0;
                    boolean sameStretch = curve.stretches().stream()
                            .anyMatch(s -> s.until() == cliff.threshold() && s.from() <= cliff.first());
                    assertThat(sameStretch).isTrue();
                    if (quantity >= cliff.first()) {
                        assertThat(dearer).isTrue();
                    }
                }
            }
            long jumpsDown = curve.stretches().stream()
                    .filter(s -> s.from() > 1 && curve.total(s.from() - 1).compareTo(curve.total(s.from())) > 0)
                    .count();
            assertThat(Cliff.of(curve)).hasSize((int) jumpsDown);
        }
    }

    private static List<Break> randomBreaks(Random random) {
        List<Break> breaks = new ArrayList<>();
        for (int from = 1 + random.nextInt(5); from < 100; from += 1 + random.nextInt(30)) {
            breaks.add(Break.everyone(from, BigDecimal.valueOf(random.nextInt(4000), 3)));
        }
        return breaks;
    }

    private static PieceCurve curve(String shelfPrice, List<Break> breaks) {
        return PieceCurve.of(
                new BigDecimal(shelfPrice), PriceRows.of(Over.LINE, breaks).inForce(null, DAY), EURO);
    }

    private static Break breakAt(int from, String price) {
        return Break.everyone(from, new BigDecimal(price));
    }
}
