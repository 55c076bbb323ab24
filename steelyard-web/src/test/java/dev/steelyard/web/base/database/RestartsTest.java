package dev.steelyard.web.base.database;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.HandClock;
import java.time.Duration;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RestartsTest {

    private final HandClock clock = new HandClock();
    private final Restarts restarts = new Restarts(clock);

    private long[] pauses(int times) {
        return IntStream.range(0, times)
                .mapToLong(i -> restarts.nextPause().toSeconds())
                .toArray();
    }

    @Test
    void theFirstIsAtOnceAndPausesGrowToALongest() {
        assertThat(pauses(9)).containsExactly(0, 1, 2, 4, 8, 16, 32, 32, 32);
    }

    @Test
    void afterAQuietTimeThePausesAreForgotten() {
        pauses(5);
        clock.forward(Restarts.QUIET.minusSeconds(1));
        assertThat(pauses(1)).containsExactly(16);
        clock.forward(Restarts.QUIET.plusSeconds(1));
        assertThat(pauses(3)).containsExactly(0, 1, 2);
    }

    @Test
    void aKillNowAndThenIsMendedAtOnceForEver() {
        for (int i = 0; i < 50; i++) {
            clock.forward(Duration.ofMinutes(6));
            assertThat(restarts.nextPause()).isZero();
        }
    }
}
