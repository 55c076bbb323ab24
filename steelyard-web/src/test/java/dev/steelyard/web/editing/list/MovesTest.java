package dev.steelyard.web.editing.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MovesTest {

    @ParameterizedTest
    @CsvSource({
        "2 up, 2 1 3",
        "2 down, 1 3 2",
        "1 up, 1 2 3",
        "3 down, 1 2 3",
        "3 first, 3 1 2",
        "1 last, 2 3 1",
        "9 up, 1 2 3",
        "2 sideways, 1 2 3",
        "two up, 1 2 3",
        "'', 1 2 3",
        "99999999999999999999 up, 1 2 3",
    })
    void oneCardGoesWhereItIsSent(String move, String order) {
        assertThat(Moves.moved(List.of(1L, 2L, 3L), move))
                .extracting(String::valueOf)
                .containsExactly(order.split(" "));
    }
}
