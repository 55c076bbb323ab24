package dev.steelyard.web.sold.figures;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.sold.lines.SizesSold;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class SizeFieldTest {

    /** @param sizes “523 by 211: 3 lines” as “523 211 3” */
    private static Optional<SizeField> field(String... sizes) {
        long[] across = new long[sizes.length];
        long[] down = new long[sizes.length];
        int[] lines = new int[sizes.length];
        for (int i = 0; i < sizes.length; i++) {
            String[] parts = sizes[i].split(" ");
            across[i] = millionths(parts[0]);
            down[i] = millionths(parts[1]);
            lines[i] = Integer.parseInt(parts[2]);
        }
        return SizeField.of("Length, cm", "Width, cm", new SizesSold(across, down, lines));
    }

    private static long millionths(String number) {
        return new BigDecimal(number).movePointRight(SizesSold.DECIMALS).longValueExact();
    }

    @Test
    void sizesAreCountedBetweenRoundSteps() {
        SizeField field =
                field("200 100 1", "299.9 149 2", "300 100 4", "850 340 8").orElseThrow();

        assertThat(field.columns())
                .containsExactly(
                        "200 – 300", "300 – 400", "400 – 500", "500 – 600", "600 – 700", "700 – 800", "800 – 900");
        assertThat(field.lines())
                .extracting(SizeField.Line::name)
                .containsExactly("100 – 150", "150 – 200", "200 – 250", "250 – 300", "300 – 350");
        assertThat(counts(field, 0)).containsExactly("3", "4", "", "", "", "", "");
        assertThat(counts(field, 4)).containsExactly("", "", "", "", "", "", "8");
        assertThat(field.lines().get(0).cells().get(0).says()).isEqualTo("200 – 300 by 100 – 150: 3");
    }

    /** The most has the darkest of five shades, any line has one. */
    @Test
    void theMoreLinesTheDarker() {
        SizeField field = field("1 1 1", "2 1 20", "3 1 21", "4 1 100").orElseThrow();

        assertThat(field.lines().get(0).cells())
                .extracting(SizeField.Cell::shade)
                .filteredOn(shade -> shade > 0)
                .containsExactly(1, 1, 2, 5);
    }

    @Test
    void oneSizeAloneIsOneCell() {
        SizeField field = field("0.25 1.5 7").orElseThrow();

        assertThat(field.columns()).containsExactly("0.25 – 0.251");
        assertThat(counts(field, 0)).containsExactly("7");
    }

    @Test
    void nothingThatIsMeasuredIsNoField() {
        assertThat(field()).isEmpty();
    }

    /** Whatever the sizes: at most nine either way, none left out, each between the bounds that its cell is named by. */
    @RepeatedTest(50)
    void allSizesStandInAFewCells(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        int sizes = 1 + random.nextInt(40);
        long[] across = new long[sizes];
        long[] down = new long[sizes];
        int[] lines = new int[sizes];
        for (int i = 0; i < sizes; i++) {
            across[i] = random.nextLong(1L << (1 + random.nextInt(50)));
            down[i] = random.nextLong(1L << (1 + random.nextInt(30)));
            lines[i] = 1 + random.nextInt(3);
        }

        SizeField field = SizeField.of("Length", "Width", new SizesSold(across, down, lines))
                .orElseThrow();

        assertThat(field.columns()).hasSizeBetween(1, 9);
        assertThat(field.lines()).hasSizeBetween(1, 9);
        assertThat(field.lines().stream()
                        .flatMap(line -> line.cells().stream())
                        .map(SizeField.Cell::count)
                        .filter(count -> !count.isEmpty())
                        .mapToInt(Integer::parseInt)
                        .sum())
                .isEqualTo(Arrays.stream(lines).sum());
        BigDecimal smallest = bound(field.columns().get(0), 0);
        BigDecimal largest = bound(field.columns().get(field.columns().size() - 1), 1);
        for (long one : across) {
            assertThat(BigDecimal.valueOf(one, SizesSold.DECIMALS))
                    .isGreaterThanOrEqualTo(smallest)
                    .isLessThan(largest);
        }
    }

    private static BigDecimal bound(String step, int which) {
        return new BigDecimal(step.split(" – ")[which]);
    }

    private static List<String> counts(SizeField field, int row) {
        return field.lines().get(row).cells().stream()
                .map(SizeField.Cell::count)
                .toList();
    }
}
