package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Documents that are meant to hurt: each ends with an issue that can be read, none with an exception. */
class HostileDocumentsTest {

    private static final String CARD = "{\"product\": {\"sku\": \"A\"}, \"card\": {\"name\": \"A\", %s}}";

    static Stream<String> hostile() {
        String rows = IntStream.range(0, 5000)
                .mapToObj(i -> "{\"from\": 5, \"value\": \"1\"}")
                .collect(Collectors.joining(","));
        return Stream.of(
                "",
                "nonsense",
                "[1, 2",
                "{\"a\": 1} {\"b\": 2}",
                "{\"a\": 1, \"a\": 2}",
                "[".repeat(100_000),
                "{\"product\":".repeat(10_000),
                "7",
                "null",
                "[null]",
                CARD.formatted("\"unitPriceDecimals\": 1e999999999"),
                CARD.formatted("\"finish\": {\"setUp\": 1e999999999}"),
                CARD.formatted("\"finish\": {\"setUp\": 1E-999999999}"),
                CARD.formatted("\"finish\": {\"setUp\": " + "9".repeat(500) + "}"),
                CARD.formatted("\"finish\": {\"setUp\": " + "9".repeat(5000) + "}"),
                CARD.formatted("\"finish\": {\"setUp\": NaN}"),
                CARD.formatted("\"finish\": {\"setUp\": \"\\u0000\"}"),
                CARD.formatted("\"name\": \"again\""),
                CARD.formatted("\"cases\": []"),
                CARD.formatted("\"cases\": [{\"when\": \"1 = 1\", \"piece\": {\"none\": true}}]"),
                CARD.formatted("\"cases\": [{\"piece\": {\"none\": true, \"formula\": \"1 EUR\"}}]"),
                CARD.formatted("\"cases\": [{\"piece\": {\"formula\": \"" + "(".repeat(10_000) + "\"}}]"),
                CARD.formatted("\"cases\": [{\"piece\": {\"formula\": \"" + "1+".repeat(500_000) + "\"}}]"),
                CARD.formatted("\"cases\": [{\"piece\": {\"formula\": \"9^9^9^9 * 1 EUR * 1 kg\"}}]"),
                CARD.formatted("\"asks\": [{\"measurement\": \"a\", \"choice\": \"b\"}]"),
                CARD.formatted("\"ladder\": {\"mode\": \"all-units\", \"value\": \"price\", \"rows\": [" + rows + "]}"),
                CARD.formatted("\"covers\": {\"rule\": " + "{\"all\": [".repeat(20) + "]}".repeat(20) + "}"),
                CARD.formatted("\"covers\": {\"from\": \"2027-02-30\"}"),
                CARD.formatted("\"version\": 2"));
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void isAnsweredWithAnIssue(String text) {
        assertThat(Documents.read(text, Examples.EURO).issues())
                .isNotEmpty()
                .allMatch(issue -> !issue.message().isBlank() && issue.message().length() < 2000);
    }

    @Test
    void theIssueSaysWhereAndWhatIsAllowed() {
        assertThat(Documents.read(
                                CARD.formatted(
                                        "\"finish\": {\"setUp\": 1e999999999}, \"ladder\": {\"mode\": \"some\"}"),
                                Examples.EURO)
                        .issues()
                        .stream()
                        .map(issue -> issue.at() + ": " + issue.message()))
                .containsExactly(
                        "/card/ladder/mode: “some” is none of all-units, slice, lot",
                        "/card/ladder/value: “value” is missing",
                        "/card/finish/setUp: a number has at most 30 digits and no exponent");
    }

    @Test
    void aPowerThatExplodesIsRefusedWhereItStands() {
        Document document = Documents.read(
                        CARD.formatted("\"cases\": [{\"piece\": {\"formula\": \"9^99^99^99 * 1 EUR\"}}]")
                                .replace("\"card\":", "\"orders\": [{\"quantity\": 1}], \"card\":"),
                        Examples.EURO)
                .ofCards()
                .get(0);
        assertThat(Trials.price(document, document.orders().get(0), Examples.ANY_DAY))
                .isEqualTo(new RefusedLine(
                        List.of(new Fault(Place.FORMULA, Fault.Kind.FAILED, "this becomes too large: “9^99^99”"))));
    }
}
