package dev.steelyard.web.editing.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class StandingTest {

    private static final Instant NOON = Instant.parse("2026-11-26T12:00:00Z");

    @Test
    void theLatestThatHasBegunCounts() {
        Standing standing = standing(release(1, 10, -60), release(2, 11, -30), release(3, 12, 30));
        assertThat(standing.liveNumber()).isEqualTo(11);
        assertThat(standing.coming()).extracting(Release::number).containsExactly(12L);
        assertThat(standing.latest()).isEqualTo(3);
        assertThat(standing.lastPlanned()).isEqualTo(12);
    }

    @Test
    void aReleaseBeginsAtItsMoment() {
        assertThat(standing(release(1, 10, 0)).liveNumber()).isEqualTo(10);
        assertThat(standing(release(1, 10, 1)).liveNumber()).isZero();
    }

    @Test
    void ofTwoThatBeginTogetherTheLaterMadeCounts() {
        Standing standing = standing(release(1, 10, 30), release(2, 11, 30));
        assertThat(standing.coming()).extracting(Release::number).containsExactly(11L);
        assertThat(standing(release(1, 10, -5), release(2, 11, -5)).liveNumber())
                .isEqualTo(11);
    }

    @Test
    void nothingIsLiveWhereNothingWasReleased() {
        Standing none = standing();
        assertThat(none.live()).isNull();
        assertThat(none.latest()).isZero();
        assertThat(none.lastPlanned()).isZero();
        assertThat(none.paused()).isFalse();
        assertThat(Standing.of(List.of(), NOON, NOON, "Maren").paused()).isTrue();
    }

    private static Standing standing(Release... releases) {
        return Standing.of(List.of(releases), NOON, null, null);
    }

    private static Release release(long id, long number, int minutes) {
        return new Release(id, number, (int) number, NOON.plusSeconds(minutes * 60L), "", NOON, "Maren");
    }
}
