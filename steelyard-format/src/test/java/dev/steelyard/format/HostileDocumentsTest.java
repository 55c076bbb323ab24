package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

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
                        "/card/finish/setUp: this is a number with an exponent, 1e999999999; write it in full");
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
                .isEqualTo(new RefusedLine(List.of(new Fault(
                        Place.FORMULA, Fault.Kind.FAILED, Fact.of(Refusal.BECOMES_TOO_LARGE, Part.typed("9^99^99"))))));
    }

    /** Each would be a price, a quantity or an answer of something else were it read as a number. */
    @ParameterizedTest
    @ValueSource(strings = {"1e-7", "1E-7", "1e9999999992", "1e2", "-1.5e3", "0e0"})
    void numbersWithAnExponentAreRefusedWhereverTheyStand(String number) {
        String text =
                """
                [{"product": {"sku": "A", "shelfPrice": %1$s}, "card": {"name": "A"}, "orders": [{"quantity": 1}]},
                 {"product": {"sku": "A", "shelfPrice": 2}, "card": {"name": "A"}, "orders": [{"quantity": %1$s}]},
                 {"product": {"sku": "A", "shelfPrice": 2},
                  "card": {"name": "A", "asks": [{"measurement": "l", "kind": "length", "unit": "m"}]},
                  "orders": [{"quantity": 1, "answers": {"l": %1$s}},
                             {"quantity": 1, "answers": {"l": {"value": %1$s, "unit": "m"}}}]},
                 {"id": "right", "product": {"sku": "A", "shelfPrice": 2.50}, "card": {"name": "A"}}]
                """
                        .formatted(number);
        Documents.Reading reading = Documents.read(text, Examples.EURO);
        assertThat(reading.issues())
                .extracting(FormatIssue::at)
                .containsExactly(
                        "/0/product/shelfPrice",
                        "/1/orders/0/quantity",
                        "/2/orders/0/answers/l",
                        "/2/orders/1/answers/l/value");
        assertThat(reading.issues())
                .allSatisfy(issue -> assertThat(issue.message()).contains(number));
        assertThat(reading.documents())
                .singleElement()
                .extracting(Priceable::id)
                .isEqualTo("right");
        assertThat(reading.unread()).containsExactly("document 1", "document 2", "document 3");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "javascript:alert(1)",
                "/assets/../x",
                "http://elsewhere.example/x.png",
                "//elsewhere.example/x.png",
                "/pictures/../x.png",
                "rope.svg"
            })
    void picturesThatLeadElsewhereAreRefused(String picture) {
        String text =
                CARD.formatted("\"asks\": [{\"choice\": \"fixing\", \"options\": [{\"name\": \"rope\", \"picture\":"
                        + " \"%s\"}]}]".formatted(picture));
        assertThat(Documents.read(text, Examples.EURO).issues()).singleElement().satisfies(issue -> {
            assertThat(issue.at()).isEqualTo("/card/asks/0/options/0/picture");
            assertThat(issue.message()).contains(picture);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"..", "a/b", "a%2Fb", "a\\\\b", "."})
    void skusThatNoAddressCanNameAreRefused(String sku) {
        assertThat(Documents.read(
                                "{\"product\": {\"sku\": \"%s\"}, \"card\": {\"name\": \"A\"}}".formatted(sku),
                                Examples.EURO)
                        .issues())
                .singleElement()
                .satisfies(issue -> assertThat(issue.message()).contains("cannot be a SKU"));
    }

    /** Clocks skip 02:30 on 28 March 2027 in Berlin, and show it twice on 31 October. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "2027-03-28T02:30 | 02:30 does not exist on 2027-03-28: clocks are put forward; write 2027-03-28T01:59 or"
                        + " 2027-03-28T03:00",
                "2027-10-31T02:30 | 02:30 comes twice on 2027-10-31: clocks are put back; write 2027-10-31T02:30+02:00"
                        + " for the first or 2027-10-31T02:30+01:00 for the second",
                "2027-10-31T02:30+01:00 | -",
                "2027-10-31T02:30:00Z | -",
                "2027-10-31T03:00 | -"
            })
    void momentsThatClocksSkipOrShowTwiceAreSaid(String moment, @Nullable String message) {
        Documents.CardReading reading = Documents.readCard(
                "{\"name\": \"A\", \"covers\": {\"from\": \"%s\"}}".formatted(moment), ZoneId.of("Europe/Berlin"));
        if (message == null) {
            assertThat(reading.issues()).isEmpty();
            RateCard card = Objects.requireNonNull(reading.card());
            assertThat(Documents.readCard(Json.write(CardWriter.write(card)), ZoneId.of("Europe/Berlin"))
                            .card())
                    .as("written, it is the same moment")
                    .isEqualTo(card);
        } else {
            assertThat(reading.issues())
                    .singleElement()
                    .extracting(FormatIssue::message)
                    .isEqualTo(message);
        }
    }
}
