package dev.steelyard.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Validity;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whether something began or ended between two moments: after the first, up to the second. */
class TimesTurnTest {

    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    /** 15 April 2027 is a Thursday. */
    private static final Times EVENINGS = new Times(
            at("2027-04-15T00:00"),
            at("2027-06-01T00:00"),
            Set.of(DayOfWeek.THURSDAY, DayOfWeek.FRIDAY),
            LocalTime.of(22, 0),
            LocalTime.of(2, 0));

    @ParameterizedTest
    @CsvSource({
        "2027-04-14T23:59, 2027-04-15T00:00, false", // the first of its days, and not yet its hour
        "2027-04-15T21:59, 2027-04-15T21:59:59, false",
        "2027-04-15T21:59:59, 2027-04-15T22:00, true",
        "2027-04-15T22:00, 2027-04-15T23:00, false",
        "2027-04-16T01:59, 2027-04-16T02:00, true",
        "2027-04-16T02:00, 2027-04-16T21:59, false",
        "2027-04-16T03:00, 2027-04-17T03:00, true", // came and went
        "2027-04-17T02:00, 2027-04-22T21:59, false", // Saturday to Thursday
        "2027-04-01T00:00, 2027-05-30T12:00, true",
        "2027-01-01T00:00, 2027-04-15T23:00, true", // long before it can count
        "2027-05-29T02:00, 2027-09-01T00:00, false", // over before its next evening
        "2027-06-01T00:00, 2028-06-01T00:00, false",
    })
    void hoursOfADayTurnAtTheirEnds(String after, String upTo, boolean turns) {
        assertThat(EVENINGS.turns(at(after), at(upTo))).isEqualTo(turns);
    }

    @Test
    void momentsTurnOnceAndWhatAlwaysCountsNever() {
        Times spring = Times.days(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 6, 1), BERLIN);
        assertThat(spring.turns(at("2027-02-28T23:59"), at("2027-03-01T00:00"))).isTrue();
        assertThat(spring.turns(at("2027-03-01T00:00"), at("2027-05-31T23:59"))).isFalse();
        assertThat(spring.turns(at("2027-05-31T23:59"), at("2027-06-01T00:00"))).isTrue();
        assertThat(spring.turns(at("2027-01-01T00:00"), at("2028-01-01T00:00"))).isTrue();
        assertThat(Times.ALWAYS.turns(at("2027-01-01T00:00"), at("2028-01-01T00:00")))
                .isFalse();
    }

    /** On 28 March 2027 there is no 02:30 in Berlin: what opens then is open from 03:00. */
    @Test
    void anHourThatTheClockLeavesOutBeginsWhereItGoesOn() {
        Times early = new Times(null, null, Set.of(), LocalTime.of(2, 30), LocalTime.of(5, 0));
        ZonedDateTime gap = at("2027-03-28T01:59:59");
        assertThat(early.turns(gap, gap.plusSeconds(1))).isTrue();
        assertThat(early.turns(gap.plusSeconds(1), at("2027-03-28T04:59"))).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "2027-04-30, 2027-05-01, true",
        "2027-05-01, 2027-05-31, false",
        "2027-05-31, 2027-06-01, true",
        "2027-06-01, 2027-07-01, false",
        "2027-05-01, 2027-05-01, false",
        "2027-01-01, 2027-12-31, true",
    })
    void daysTurnAtTheirFirstAndAfterTheirLast(LocalDate after, LocalDate upTo, boolean turns) {
        Validity may = new Validity(LocalDate.of(2027, 5, 1), LocalDate.of(2027, 6, 1));
        assertThat(may.turns(after, upTo)).isEqualTo(turns);
        assertThat(Validity.ALWAYS.turns(after, upTo)).isFalse();
    }

    private static ZonedDateTime at(String text) {
        return LocalDateTime.parse(text).atZone(BERLIN);
    }
}
