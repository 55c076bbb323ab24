package dev.steelyard.web.selling.shown;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Times;
import dev.steelyard.format.Documents;
import dev.steelyard.words.Words;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 26 November 2026 is a Thursday. */
class TriedAtTest {

    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");
    private static final LocalDate THURSDAY = LocalDate.of(2026, 11, 26);

    private static Times times(String covers) {
        return Documents.readCard("{\"name\": \"C\", \"covers\": {" + covers + "}}", BERLIN)
                .card()
                .covers()
                .times();
    }

    private static String at(String covers, LocalTime time) {
        TriedAt tried = TriedAt.of(THURSDAY, time, times(covers), BERLIN);
        return HourWords.moment(tried.moment()) + (tried.moved() ? ", moved" : "");
    }

    @Test
    void withoutATimeOfDayItIsNoonOrTheNextMomentAtWhichItCounts() {
        assertThat(at("", null)).isEqualTo("Thursday 26 November, 12:00");
        assertThat(at("\"opens\": \"09:00\", \"closes\": \"18:00\"", null)).isEqualTo("Thursday 26 November, 12:00");
        assertThat(at("\"opens\": \"22:00\", \"closes\": \"02:00\"", null))
                .isEqualTo("Thursday 26 November, 00:00, moved");
        assertThat(at("\"days\": [\"mon\"]", null)).isEqualTo("Monday 30 November, 00:00, moved");
        assertThat(at("\"days\": [\"fri\"], \"opens\": \"22:00\", \"closes\": \"02:00\"", null))
                .isEqualTo("Friday 27 November, 22:00, moved");
    }

    @Test
    void aTimeThatIsTypedStandsWhateverCounts() {
        assertThat(at("\"days\": [\"mon\"]", LocalTime.of(7, 30))).isEqualTo("Thursday 26 November, 07:30");
    }

    /** A card that is over stays where it was asked for: moving could not help. */
    @Test
    void datesMoveNothing() {
        assertThat(at("\"until\": \"2026-01-01\"", null)).isEqualTo("Thursday 26 November, 12:00");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'days': ['fri', 'mon'] | Monday, Friday",
                "'opens': '09:00', 'closes': '18:00' | 09:00 to 18:00",
                "'opens': '22:00', 'closes': '02:00' | 22:00 to 02:00 the next day",
                "'opens': '22:00' | from 22:00",
                "'closes': '12:00' | 00:00 to 12:00",
                "'days': ['sat'], 'opens': '10:00', 'closes': '10:00' | Saturday, 10:00 to 10:00 the next day",
            })
    void daysAndHoursAreSaidInWords(String covers, String words) {
        assertThat(HourWords.of(times(covers.replace('\'', '"')), Words.owners()))
                .isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"fri, Friday", "SUN, Sunday", "someday, someday"})
    void aDayIsSaidByItsName(String code, String word) {
        assertThat(HourWords.day(code)).isEqualTo(word);
    }
}
