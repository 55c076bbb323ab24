package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The first look lets everything by that any pattern takes for a number, and takes no text for bare that has more to it. */
class NumberSignsTest {

    private static final List<String> PIECES = List.of(
            "1", "23", "456", ".", ",", " ", "\u00a0", "\u202f", "\u200b", "'", "\u2019", "-", "+", "\u2212", "€", "$",
            "EUR", "Kč", "e", "m", "X", ".-", ",\u2014", "\t", "%", "\u0663");

    private static final Pattern BARE = Pattern.compile("[+-]?[0-9]+([.,][0-9]+)?");

    @Test
    void whatReadsAsANumberIsNotTurnedAwayAtTheFirstLook() {
        Random random = new Random(20_270_301);
        int read = 0;
        for (int i = 0; i < 200_000; i++) {
            String text = text(random).strip();
            boolean number =
                    DecimalText.read(WrittenNumber.plain(text)).value() != null || WrittenNumber.isEither(text);
            read += number ? 1 : 0;
            assertThat(!number || NumberSigns.couldBeOne(text)).as("“%s”", text).isTrue();
            assertThat(NumberSigns.areBare(text))
                    .as("“%s”", text)
                    .isEqualTo(BARE.matcher(text).matches());
        }
        assertThat(read).isGreaterThan(10_000); // else it has shown little
    }

    private static String text(Random random) {
        return IntStream.range(0, 1 + random.nextInt(4))
                .mapToObj(any -> PIECES.get(random.nextInt(PIECES.size())))
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "€ 18.50",
                "18,50 €",
                "EUR 1 018,00",
                "1'250.-",
                "CHF\u00a01\u2019250.\u2014",
                "\u22125",
                "1.018,00",
                "+7",
                "18,50\u00a0€",
                "€\u202f18.50"
            })
    void numbersAsPeopleWriteThem(String text) {
        assertThat(NumberSigns.couldBeOne(text)).isTrue();
        assertThat(DecimalText.read(WrittenNumber.plain(text)).value()).isNotNull();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"MK-00017", "R32-0a1b2c3d", "row", "", "-", "EUR", "12 cm", "€ 5 €", "5 %", "EURO 5", "S-8"})
    void namesAndKeysAreTurnedAway(String text) {
        assertThat(NumberSigns.couldBeOne(text)).isFalse();
        assertThat(WrittenNumber.decimalSign(text)).isNull();
        assertThat(WrittenNumber.isTwoWays(text)).isFalse();
    }
}
