package dev.steelyard.web.start.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DemoDaysTest {

    @ParameterizedTest
    @CsvSource({
        "2026-11-26, 2027",
        "2026-12-31, 2027",
        "2027-01-31, 2027",
        "2027-02-01, 2028",
        "2027-04-15, 2028",
        "2027-12-31, 2028",
        "2028-01-31, 2028",
        "2028-02-29, 2029",
        "2020-05-01, 2027"
    })
    void theSpringIsStillToCome(LocalDate today, int year) {
        assertThat(DemoDays.springs(today)).isEqualTo(year);
        assertThat(LocalDate.of(year, 3, 1)).isAfter(today.plusDays(28));
    }

    @Test
    void onlyDaysOfThatYearAreMoved() {
        assertThat(DemoDays.moved("'2027-04-01', 2026-11-02, 12027-04-01, 2027 pieces, “2027-03-01T08:00”", 2031))
                .isEqualTo("'2031-04-01', 2026-11-02, 12027-04-01, 2027 pieces, “2031-03-01T08:00”");
    }
}
