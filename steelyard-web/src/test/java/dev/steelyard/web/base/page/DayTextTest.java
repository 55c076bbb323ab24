package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DayTextTest {

    private final List<String> faults = new ArrayList<>();

    @ParameterizedTest
    @CsvSource({"2027-04-01, 2027-04-01", "2028-02-29, 2028-02-29", "'', "})
    void readsADayOrNothing(String typed, LocalDate day) {
        assertThat(DayText.read(typed, faults::add)).isEqualTo(day);
        assertThat(faults).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"1.4.2027", "2027-02-29", "2026-13-01", "soon", "2027-4-1", "2027-04-01T09:00"})
    void whatIsNoDayIsSaidAsItWasTyped(String typed) {
        assertThat(DayText.read(typed, faults::add)).isNull();
        assertThat(faults).containsExactly("“" + typed + "” is no day; write it like 2026-11-26");
    }

    @Test
    void aLongTextIsSaidShortly() {
        DayText.read("day ".repeat(1_000), faults::add);

        assertThat(faults)
                .singleElement()
                .satisfies(fault -> assertThat(fault).hasSizeLessThan(120).contains("…” is no day"));
    }

    /** The last day counts too: what is kept is the day after, and no day is lost or won by going there and back. */
    @ParameterizedTest
    @CsvSource({"2027-03-31, 2027-04-01", "2027-12-31, 2028-01-01", "2028-02-28, 2028-02-29", "2027-02-28, 2027-03-01"})
    void theLastDayIsIncluded(String last, String until) {
        assertThat(DayText.untilOf(last)).isEqualTo(until);
        assertThat(DayText.lastDay(until)).isEqualTo(last);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "soon", "31.12.2027", "9999-12-31"})
    void whatIsNoDayStaysAsItIsTyped(String typed) {
        assertThat(DayText.untilOf(typed)).isEqualTo(typed);
        assertThat(DayText.lastDay(typed)).isEqualTo(typed);
    }

    @Test
    void readsATimeOfDayOrNothing() {
        assertThat(DayText.time("09:30")).isEqualTo(LocalTime.of(9, 30));
        assertThat(DayText.time("")).isNull();
        assertThat(DayText.time("24:30")).isNull();
        assertThat(DayText.time("half past nine")).isNull();
    }
}
