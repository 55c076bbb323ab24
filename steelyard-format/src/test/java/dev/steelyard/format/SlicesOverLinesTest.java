package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.pricing.PricedBasket;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Slices that count over all goods of a card: each line begins where the one before it ended. */
class SlicesOverLinesTest {

    private static final int TRIES = 60;

    private static final String PIECES =
            """
            {"products": [{"sku": "A", "shelfPrice": "7.40"}, {"sku": "B", "shelfPrice": "7.40"}],
             "cards": [{"name": "Both", "ladder": {"mode": "slice", "over": "card", "value": "price",
                        "rows": [{"from": 5, "value": "6.91"}, {"from": 12, "value": "6.27"}, {"from": 40, "value": "5"}]}}],
             "baskets": [{"lines": [%s]}, {"lines": [%s]}]}
            """;

    private static final String METRES =
            """
            {"products": [{"sku": "A"}, {"sku": "B"}],
             "cards": [{"name": "Rope", "asks": [{"measurement": "length", "kind": "length", "unit": "m"}],
                        "cases": [{"piece": {"rate": {"amount": "length", "unit": "m", "price": "3.137"}}}],
                        "ladder": {"mode": "slice", "counts": "amount", "over": "card", "unit": "m", "value": "price",
                                   "rows": [{"from": 20, "value": "2.751"}, {"from": 100, "value": "2.403"}]}}],
             "baskets": [{"lines": [%s]}, {"lines": [%s]}]}
            """;

    private static List<PricedBasket> priced(String json) {
        Documents.Reading reading = Documents.read(json, Examples.EURO);
        assertThat(reading.issues()).isEmpty();
        BasketDocument document = reading.ofBaskets().get(0);
        return document.baskets().stream()
                .map(order -> BasketTrials.price(document, order, Examples.ANY_DAY))
                .toList();
    }

    private static String pieces(String sku, int quantity) {
        return "{\"sku\": \"%s\", \"quantity\": %d}".formatted(sku, quantity);
    }

    private static String metres(String sku, BigDecimal length) {
        return "{\"sku\": \"%s\", \"quantity\": 1, \"answers\": {\"length\": %s}}"
                .formatted(sku, length.toPlainString());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void piecesOverLinesCostWhatTheirSumDoes(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < TRIES; i++) {
            List<Integer> quantities = new ArrayList<>();
            for (int line = 0; line < 1 + random.nextInt(6); line++) {
                quantities.add(1 + random.nextInt(25));
            }
            String lines = quantities.stream()
                    .map(quantity -> pieces(random.nextBoolean() ? "A" : "B", quantity))
                    .collect(Collectors.joining(", "));
            int all = quantities.stream().mapToInt(Integer::intValue).sum();
            List<PricedBasket> both = priced(PIECES.formatted(lines, pieces("A", all)));
            assertThat(both.get(0).total()).as(lines).isEqualTo(both.get(1).total());
        }
    }

    /** Each line is rounded by itself, so that the sum may be off by half a cent for each. */
    @ParameterizedTest
    @ValueSource(longs = {4, 5, 6})
    void metresOverLinesCostWhatTheirSumDoesBeforeRounding(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < TRIES; i++) {
            List<BigDecimal> lengths = new ArrayList<>();
            for (int line = 0; line < 1 + random.nextInt(6); line++) {
                lengths.add(BigDecimal.valueOf(1 + random.nextInt(60_000), 3));
            }
            String lines = lengths.stream()
                    .map(length -> metres(random.nextBoolean() ? "A" : "B", length))
                    .collect(Collectors.joining(", "));
            BigDecimal all = lengths.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
            List<PricedBasket> both = priced(METRES.formatted(lines, metres("A", all)));
            BigDecimal halfCents = new BigDecimal("0.005").multiply(BigDecimal.valueOf(lengths.size() + 1));
            assertThat(both.get(0)
                            .total()
                            .value()
                            .subtract(both.get(1).total().value())
                            .abs())
                    .as(lines)
                    .isLessThanOrEqualTo(halfCents);
        }
    }
}
