package dev.steelyard.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** In Berlin clocks go from 02:00 to 03:00 on 28 March 2027 and from 03:00 to 02:00 on 31 October 2027. */
class MomentsTest {

    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    private static Moments.Reading read(String local) {
        return Moments.of(LocalDateTime.parse(local), BERLIN);
    }

    @Test
    void anOrdinaryTimeIsOneMoment() {
        Moments.Reading reading = read("2027-03-01T09:00");
        assertThat(reading.moment()).isEqualTo(ZonedDateTime.of(2027, 3, 1, 9, 0, 0, 0, BERLIN));
        assertThat(reading.fault()).isNull();
        assertThat(reading.instead()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"2027-03-28T02:00", "2027-03-28T02:30", "2027-03-28T02:59"})
    void aTimeThatClocksSkipIsRefusedWithTheTimesBesideIt(String local) {
        Moments.Reading reading = read(local);
        assertThat(reading.moment()).isNull();
        assertThat(reading.fault()).contains("does not exist on 2027-03-28: clocks are put forward");
        assertThat(reading.instead()).containsExactly("2027-03-28T01:59", "2027-03-28T03:00");
    }

    @Test
    void aTimeThatComesTwiceIsRefusedWithBothMoments() {
        Moments.Reading reading = read("2027-10-31T02:30");
        assertThat(reading.moment()).isNull();
        assertThat(reading.fault())
                .isEqualTo("02:30 comes twice on 2027-10-31: clocks are put back; write 2027-10-31T02:30+02:00 for the"
                        + " first or 2027-10-31T02:30+01:00 for the second");
        assertThat(reading.instead()).containsExactly("2027-10-31T02:30+02:00", "2027-10-31T02:30+01:00");
    }

    @ParameterizedTest
    @ValueSource(strings = {"2027-03-28T01:59", "2027-03-28T03:00", "2027-10-31T01:59", "2027-10-31T03:00"})
    void theTimesBesideAreOrdinaryOnes(String local) {
        assertThat(read(local).moment()).isNotNull();
    }

    @Test
    void onlyAMomentThatComesTwiceIsWrittenWithItsOffset() {
        ZonedDateTime first = ZonedDateTime.parse("2027-10-31T02:30+02:00[Europe/Berlin]");
        assertThat(Moments.written(first)).isEqualTo("2027-10-31T02:30+02:00");
        assertThat(Moments.written(first.plusHours(1))).isEqualTo("2027-10-31T02:30+01:00");
        assertThat(Moments.written(first.plusHours(2))).isEqualTo("2027-10-31T03:30");
        assertThat(Moments.written(first.minusMonths(1))).isEqualTo("2027-09-30T02:30");
    }
}
