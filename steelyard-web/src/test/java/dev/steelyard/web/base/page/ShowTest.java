package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShowTest {

    private static final ZoneId HERE = ZoneId.of("Europe/Berlin");

    /** No digit is rounded away, and thousands are set apart on either side of nothing. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1362.5     | 2 | 1,362.50",
                "0          | 2 | 0.00",
                "-1234567.5 | 2 | -1,234,567.50",
                "-123.4     | 0 | -123.4",
                "999        | 0 | 999",
                "1000       | 0 | 1,000",
                "0.00125    | 2 | 0.00125",
                "1E+3       | 0 | 1,000"
            })
    void moneyKeepsEveryDigit(BigDecimal value, int decimals, String shown) {
        assertThat(Show.money(value, decimals)).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "999, 999", "-1000, '-1,000'", "9223372036854775807, '9,223,372,036,854,775,807'"})
    void wholeNumbers(long value, String shown) {
        assertThat(Show.whole(value)).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"1, 3, 33.3 %", "2, 3, 66.7 %", "1, 2, 50 %", "3, 2, 150 %", "-1, 8, -12.5 %", "0, 7, 0 %"})
    void percentagesHaveOneDecimalAtMost(BigDecimal part, BigDecimal of, String shown) {
        assertThat(Show.percent(part, of)).isEqualTo(shown);
    }

    @Test
    void fieldsAreWithoutThousands() {
        assertThat(Show.field(new BigDecimal("1362.5"), 2)).isEqualTo("1362.50");
        assertThat(Show.field(null, 2)).isEmpty();
    }

    /** What ends at midnight is said by its last day, what ends within a day by the minute. */
    @Test
    void endsAreSaidAsPeopleMeanThem() {
        ZonedDateTime midnight = LocalDate.of(2026, 11, 4).atStartOfDay(HERE);

        assertThat(Show.end(midnight)).isEqualTo("up to and including 3 November 2026");
        assertThat(Show.end(midnight.plusMinutes(552))).isEqualTo("until 4 November 2026, 09:12");
        assertThat(Show.moment(Instant.parse("2026-07-01T22:30:00Z"), HERE)).isEqualTo("2 July 2026, 00:30");
    }

    @ParameterizedTest
    @CsvSource({
        "Boat covers by area, boat-covers-by-area.csv",
        "'  ../etc/passwd ', etc-passwd.csv",
        "'a\"; filename=\"evil.exe', a-filename-evil-exe.csv",
        "–––, orders.csv",
        "'', orders.csv"
    })
    void filesAreNamedByWhatIsInThemAndNothingElse(String name, String file) {
        assertThat(FileNames.attachment(name, "orders", "csv"))
                .startsWith("attachment;")
                .contains("filename*=UTF-8''" + file);
    }

    @Test
    void manyLinesAreCutAndSaidHowManyMore() {
        assertThat(FirstLines.of(List.of("one", "two"), 2)).containsExactly("one", "two");
        assertThat(FirstLines.of(List.of("one", "two", "three", "four"), 2))
                .containsExactly("one", "two", "and 2 more");
    }

    @ParameterizedTest
    @CsvSource({
        "12, 12, 12",
        "0, 0, 0",
        "-1, 0, -1",
        "'', 0, -1",
        "12a, 0, -1",
        "1234567, 1234567, -1",
        "9999999999999999999, 0, -1"
    })
    void numbersOfRowsAndPlacesAreDigitsOrNothing(String text, long row, int place) {
        assertThat(Ids.read(text)).isEqualTo(row);
        assertThat(Ids.index(text)).isEqualTo(place);
        assertThat(Ids.read(null)).isZero();
    }
}
