package dev.steelyard.web.sold.lines;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.unit.Unit;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class NumbersTypedTest {

    private final NumbersTyped typed = new NumbersTyped();

    private void put(int number, String ask, String text, @Nullable String unit) {
        typed.put(number, Answers.of(Map.of(ask, new Answer.Typed(text, unit))));
    }

    @Test
    void whatWasTypedInAnotherUnitIsConverted() {
        put(0, "length", "523", null);
        put(1, "length", "5.235", "m");
        put(2, "length", "10", "in");
        put(3, "length", "-1.5", null);

        assertThat(typed.of("length", Unit.CM, 4)).containsExactly(523_000_000, 523_500_000, 25_400_000, -1_500_000);
    }

    @Test
    void whatIsNoNumberOrOfAnotherKindOrOfAnotherAskIsNone() {
        put(0, "length", "brass", null);
        put(1, "length", "5,2", null);
        put(2, "length", "7", "kg");
        put(3, "length", "7", "furlong");
        put(4, "width", "7", null);

        assertThat(typed.of("length", Unit.CM, 5)).containsOnly(NumbersTyped.NONE);
        assertThat(typed.of("width", Unit.CM, 5)[4]).isEqualTo(7_000_000);
        assertThat(typed.of("height", Unit.CM, 2)).containsOnly(NumbersTyped.NONE);
    }

    /** Answers come one by one, and whoever looked before may ask for fewer than there are now. */
    @Test
    void itGrowsAndIsReadAsFarAsIsAskedFor() {
        put(3, "length", "1", null);
        put(5_000, "length", "2", null);

        assertThat(typed.of("length", Unit.M, 4))
                .containsExactly(NumbersTyped.NONE, NumbersTyped.NONE, NumbersTyped.NONE, 1_000_000);
        long[] all = typed.of("length", Unit.M, 9_000);
        assertThat(all).hasSize(9_000);
        assertThat(all[5_000]).isEqualTo(2_000_000);
        assertThat(all[8_999]).isEqualTo(NumbersTyped.NONE);
    }
}
