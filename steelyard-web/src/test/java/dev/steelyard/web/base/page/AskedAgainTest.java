package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.base.page.AskedAgain.Round;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;

class AskedAgainTest {

    private static final Instant NOON = Instant.parse("2027-03-01T12:00:00Z");
    private static final String BOOK = new String("a book");

    private final AskedAgain<String, String> answers = new AskedAgain<>(2);

    private Round<String, String> round(Object book, Object state, String time) {
        return answers.round(book, state, Instant.parse("2027-03-01T" + time + "Z"));
    }

    private void keep(Round<String, String> round, String question) {
        round.again(question);
        if (round.again(question)) {
            round.keep(question, "answer to " + question);
        }
    }

    @Test
    void anAnswerIsWorthKeepingFromTheSecondTimeOn() {
        Round<String, String> now = answers.round(BOOK, 1, NOON);
        assertThat(now.again("how much?")).isFalse();
        assertThat(now.again("how many?")).isFalse();
        assertThat(now.again("how much?")).isTrue();
        now.keep("how much?", "7.40");
        assertThat(answers.round(BOOK, 1, NOON).kept("how much?")).isEqualTo("7.40");
        assertThat(answers.round(BOOK, 1, NOON).kept("how many?")).isNull();
    }

    @Test
    void itLastsUntilTheMinuteIsOver() {
        keep(round(BOOK, 1, "12:00:00"), "a");
        assertThat(round(BOOK, 1, "12:00:59.999").kept("a")).isEqualTo("answer to a");
        assertThat(round(BOOK, 1, "12:01:00").kept("a")).isNull();
        assertThat(round(BOOK, 1, "12:00:30").kept("a")).as("gone for good").isNull();
    }

    @Test
    void anotherBookOrStateBeginsAnew() {
        keep(round(BOOK, Map.of("a", 1), "12:00:00"), "a");
        assertThat(round(BOOK, Map.of("a", 1), "12:00:01").kept("a")).isNotNull();
        assertThat(round(new String("a book"), Map.of("a", 1), "12:00:02").kept("a"))
                .as("an equal book is another one")
                .isNull();
        keep(round(BOOK, Map.of("a", 1), "12:00:03"), "a");
        assertThat(round(BOOK, Map.of("a", 2), "12:00:04").kept("a")).isNull();
    }

    @Test
    void whatIsMadeOfABookThatIsGoneIsNotTakenForOneOfNow() {
        Round<String, String> before = round(BOOK, 1, "12:00:00");
        Round<String, String> now = round("another", 1, "12:00:00");
        keep(before, "a");
        assertThat(now.kept("a")).isNull();
        assertThat(round("another", 1, "12:00:00").kept("a")).isNull();
    }

    @Test
    void noMoreAreKeptThanThereIsRoomFor() {
        Round<String, String> now = answers.round(BOOK, 1, NOON);
        for (String question : new String[] {"a", "b", "c"}) {
            keep(now, question);
        }
        assertThat(now.kept("b")).isNotNull();
        assertThat(now.kept("c")).isNull();
        for (int i = 0; i < 30_000; i++) {
            assertThat(now.again("question " + i)).isFalse();
        }
    }
}
