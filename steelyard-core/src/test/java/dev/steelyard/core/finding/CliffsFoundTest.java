package dev.steelyard.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Larger orders that cost less, held against every order being reckoned one by one. */
class CliffsFoundTest {

    private static final LocalDate DAY = LocalDate.of(2027, 4, 15);
    private static final BigDecimal SHELF = new BigDecimal("8.00");
    private static final int LADDERS = 600;
    private static final int LARGEST = 140;

    /** Mostly cheaper the more one takes, as owners write them; now and then dearer, or the same. */
    private static List<Break> ladder(Random random) {
        Set<Integer> thresholds = new HashSet<>();
        int count = random.nextInt(6);
        while (thresholds.size() < count) {
            thresholds.add(2 + random.nextInt(LARGEST - 20));
        }
        List<Break> rows = new ArrayList<>();
        BigDecimal price = SHELF;
        for (int from : thresholds.stream().sorted().toList()) {
            BigDecimal step = BigDecimal.valueOf(random.nextInt(140) - 20, 2);
            price = price.subtract(step).max(new BigDecimal("0.05"));
            rows.add(Break.everyone(from, price));
        }
        return rows;
    }

    private static BigDecimal total(List<Break> rows, int pieces) {
        BigDecimal each = rows.stream()
                .filter(row -> row.from().intValueExact() <= pieces)
                .max(Comparator.comparing(Break::from))
                .map(Break::value)
                .orElse(SHELF);
        return each.multiply(BigDecimal.valueOf(pieces));
    }

    /** Whether some order of fewer pieces costs more than one of more. */
    private static boolean hasCliff(List<Break> rows) {
        return IntStream.rangeClosed(2, LARGEST)
                .anyMatch(pieces -> total(rows, pieces).compareTo(total(rows, pieces - 1)) < 0);
    }

    private static List<Finding> cliffs(List<Break> rows) {
        Product product =
                new Product(new Sku("SHK"), "Shackle", SHELF, null, null, PriceRows.of(Over.LINE, rows), List.of());
        return new PriceFindings(new Rounding(2, 2), Margins.NONE)
                .of(product.items().get(0), DAY).stream()
                        .filter(finding -> finding.code() == Finding.Code.CLIFF)
                        .toList();
    }

    @Test
    void noneIsMissedAndNoneIsMadeUp() {
        Random random = new Random(41);
        int with = 0;
        for (int i = 0; i < LADDERS; i++) {
            List<Break> rows = ladder(random);

            assertThat(!cliffs(rows).isEmpty()).as(rows.toString()).isEqualTo(hasCliff(rows));

            with += hasCliff(rows) ? 1 : 0;
        }
        assertThat(with).isBetween(LADDERS / 10, LADDERS - LADDERS / 10);
    }

    /** Each stands at a row at which one more piece costs less. */
    @Test
    void eachStandsWhereThePriceFalls() {
        Random random = new Random(42);
        for (int i = 0; i < LADDERS; i++) {
            List<Break> rows = ladder(random);
            for (Finding cliff : cliffs(rows)) {
                assertThat(cliff.place()).isNotNull();
                int from = cliff.place().from().intValueExact();
                assertThat(total(rows, from)).as("from " + from + " of " + rows).isLessThan(total(rows, from - 1));
            }
        }
    }

    /** Pressing every mend that is offered leaves no cliff but those for which none is. */
    @Test
    void mendsLeaveNone() {
        Random random = new Random(43);
        int mended = 0;
        for (int i = 0; i < LADDERS; i++) {
            List<Break> rows = ladder(random);
            for (int pressed = 0; pressed < 20; pressed++) {
                Finding next = cliffs(rows).stream()
                        .filter(cliff -> cliff.mend() instanceof Mend.SetPrice)
                        .findFirst()
                        .orElse(null);
                if (next == null) {
                    break;
                }
                rows = with(rows, (Mend.SetPrice) next.mend());
                mended++;
            }
            List<Finding> left = cliffs(rows);
            assertThat(left).as(rows.toString()).allSatisfy(cliff -> assertThat(cliff.mend())
                    .isNull());
            assertThat(hasCliff(rows)).isEqualTo(!left.isEmpty());
        }
        assertThat(mended).isGreaterThan(LADDERS / 10);
    }

    private static List<Break> with(List<Break> rows, Mend.SetPrice mend) {
        assertThat(rows).anyMatch(row -> row.key().equals(mend.at()));
        return rows.stream()
                .map(row ->
                        row.key().equals(mend.at()) ? Break.everyone(row.from().intValueExact(), mend.price()) : row)
                .toList();
    }
}
