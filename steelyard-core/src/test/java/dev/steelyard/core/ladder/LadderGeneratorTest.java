package dev.steelyard.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.ladder.LadderGenerator.Change;
import dev.steelyard.core.ladder.LadderGenerator.Stop;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;

class LadderGeneratorTest {

    @Test
    void eachBreakIsSoMuchCheaperUntilThereAreEnough() {
        assertThat(rows(new Change.Amount(decimal("0.30")), new Stop.AfterBreaks(4), null))
                .containsExactly("10 6.90", "20 6.60", "30 6.30", "40 6.00");
    }

    @Test
    void aPercentageIsTakenOfTheExactPriceBefore() {
        // 6.90, 6.555, 6.22725, 5.9158875
        assertThat(rows(new Change.Percent(decimal("5")), new Stop.AtPrice(decimal("5.90")), null))
                .containsExactly("10 6.90", "20 6.56", "30 6.23", "40 5.92");
    }

    @Test
    void pricesEndAsAskedAtTheNearest() {
        assertThat(rows(new Change.Amount(decimal("0.70")), new Stop.AfterBreaks(4), decimal("0.95")))
                .containsExactly("10 6.95", "20 5.95", "30 5.95", "40 4.95");
    }

    @Test
    void nothingIsWrittenAtZeroOrBelow() {
        assertThat(rows(new Change.Amount(decimal("4")), new Stop.AfterBreaks(9), null))
                .containsExactly("10 6.90", "20 2.90");
    }

    @Test
    void whatMakesNoLadderIsRefused() {
        assertThatThrownBy(() -> new LadderGenerator(
                        BigDecimal.ZERO, 10, 10, new Change.Percent(BigDecimal.ONE), new Stop.AfterBreaks(3), null))
                .hasMessage("the start price is more than 0, not 0");
        assertThatThrownBy(() -> new LadderGenerator(
                        BigDecimal.ONE, 10, 0, new Change.Percent(BigDecimal.ONE), new Stop.AfterBreaks(3), null))
                .hasMessage("the width of a break is 1 or more, not 0");
    }

    private static List<String> rows(Change change, Stop stop, BigDecimal ending) {
        return new LadderGenerator(decimal("6.90"), 10, 10, change, stop, ending)
                .rows().stream()
                        .map(row -> row.pieces() + " " + row.value().toPlainString())
                        .toList();
    }

    private static BigDecimal decimal(String digits) {
        return new BigDecimal(digits);
    }
}
