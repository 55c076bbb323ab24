package dev.steelyard.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.format.Json;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(WithApp.class)
class TrialsTest {

    private static final String BRUSHES =
            """
            {"product": {"sku": "BRU-1", "shelfPrice": "15.00"}, "card": {"name": "Brushes"%s},
             "orders": [%s]}
            """;

    @Test
    void theWorkedExamplesHold(Http developer) throws IOException {
        JsonNode answers = ok(developer, examples());
        int orders = 0;
        for (JsonNode document : answers) {
            for (JsonNode order : document.get("orders")) {
                assertThat(order.get("asExpected").booleanValue())
                        .as(order.toString())
                        .isTrue();
                orders++;
            }
        }
        assertThat(orders).isEqualTo(105);
    }

    @ParameterizedTest
    @CsvSource({"baskets.json, 24", "tax.json, 7"})
    void theWorkedBasketsHold(String file, int count, Http developer) throws IOException {
        List<Boolean> asExpected = new ArrayList<>();
        for (JsonNode document : ok(developer, example(file))) {
            document.get("baskets")
                    .forEach(basket -> asExpected.add(basket.get("asExpected").booleanValue()));
        }
        assertThat(asExpected).hasSize(count).containsOnly(true);
    }

    @Test
    void aBasketIsAnsweredWithEachDealUsedOrNotAndItsTax(Http developer) {
        JsonNode basket = ok(
                        developer,
                        """
                        {"products": [{"sku": "BRU-1", "shelfPrice": "15.00"}],
                         "deals": [{"name": "Three", "kind": "pieces", "covers": {"everything": true}, "value": "percent-off",
                                    "rows": [{"from": 3, "value": "10"}]},
                                   {"name": "Five", "kind": "pieces", "covers": {"everything": true}, "value": "percent-off",
                                    "rows": [{"from": 5, "value": "20"}]}],
                         "tax": {"pricesInclude": false, "rates": {"DE": {"Standard": "19"}}},
                         "baskets": [{"country": "DE", "lines": [{"sku": "BRU-1", "quantity": 3}]}]}""")
                .at("/baskets/0");
        assertThat(basket.at("/lines/0/line").stringValue()).isEqualTo("45.00");
        assertThat(basket.at("/lines/0/left").stringValue()).isEqualTo("40.50");
        assertThat(basket.at("/used/0/detail").stringValue()).isEqualTo("3 pieces reach “from 3”: 10 % off, on 45.00");
        assertThat(basket.at("/unused/0/why").stringValue()).isEqualTo("too-little");
        assertThat(basket.at("/next/0/more").stringValue()).isEqualTo("2");
        assertThat(basket.at("/tax/19").stringValue()).isEqualTo("7.70");
        assertThat(basket.at("/toPay").stringValue()).isEqualTo("48.20");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'deals': [{'name': 'X', 'kind': 'spend', 'value': 'percent-off', 'rows': [{'from': 1, 'value': 101}]}]}"
                        + " | /deals/0/rows/0/value | more than 100 % cannot be taken off",
                "{'deals': [{'name': 'X', 'kind': 'pieces', 'value': 'amount-off', 'rows': [{'from': 1, 'value': 1}]}]}"
                        + " | /deals/0/value | pieces and varieties take a percentage",
                "{'deals': [{'name': 'X', 'kind': 'pieces', 'value': 'percent-off', 'rows': [{'from': 1.5, 'value': 1}]}]}"
                        + " | /deals/0/rows/0/from | 1.5 is not a whole number",
                "{'deals': [{'name': 'X', 'kind': 'pieces', 'value': 'percent-off', 'rows': []}]}"
                        + " | /deals/0/rows | a deal has at least one threshold",
                "{'deals': [{'name': 'X', 'kind': 'payment', 'value': 'percent-off', 'amount': 1}]}"
                        + " | /deals/0/payment | name the payment method",
                "{'deals': [{'name': 'X', 'kind': 'spend', 'of': 'basket', 'covers': {}, 'value': 'percent-off',"
                        + " 'rows': [{'from': 1, 'value': 1}]}]} | /deals/0/covers | names no goods",
                "{'deals': [{'name': 'X', 'kind': 'payment', 'payment': 'card', 'code': 'a b', 'value': 'percent-off',"
                        + " 'amount': 1}]} | /deals/0/code | letters, digits, - and _",
                "{'deals': [], 'baskets': [{'lines': []}]} | /baskets/0/lines | a basket has 1 to 1000 lines, not 0",
                "{'deals': [], 'tax': {'pricesInclude': true}, 'baskets': [{'lines': [{'sku': 'A', 'quantity': 1,"
                        + " 'total': 1}]}]} | /baskets/0/lines/0/taxClass | is missing",
                "{'deals': [], 'baskets': [{'lines': [{'sku': 'A', 'quantity': 1, 'total': '1.001'}]}]}"
                        + " | /baskets/0/lines/0/total | at most 2 decimals",
                "{'deals': [], 'tax': {'pricesInclude': true, 'rates': {'DE': {'A': 101}}}} | /tax/rates/DE/A"
                        + " | from 0 to 100 percent",
            })
    void whatIsWrongWithDealsIsToldWithItsPlace(String document, String place, String words, Http developer) {
        Http.Answer answer = developer.postBody("/api/v1/trials", "application/json", document.replace((char) 39, '"'));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(Json.read(answer.body()).get("issues").valueStream()).anySatisfy(issue -> {
            assertThat(issue.get("at").stringValue()).isEqualTo(place.strip());
            assertThat(issue.get("message").stringValue()).contains(words.strip());
        });
    }

    @Test
    void aThousandLinesAreDealtWith(Http developer) {
        String lines = IntStream.range(0, 1000)
                .mapToObj(i -> "{\"sku\": \"S" + i + "\", \"quantity\": 1000000, \"total\": \"9.99\"}")
                .collect(Collectors.joining(","));
        JsonNode basket = ok(
                        developer,
                        "{\"deals\": [{\"name\": \"Third\", \"kind\": \"buy-and-get\", \"buy\": {\"pieces\": 2,"
                                + " \"covers\": {\"everything\": true}}, \"get\": {\"pieces\": 1, \"covers\":"
                                + " {\"everything\": true}, \"value\": \"free\"}}], \"baskets\": [{\"lines\": ["
                                + lines + "]}]}")
                .at("/baskets/0");
        assertThat(basket.at("/before").stringValue()).isEqualTo("9990.00");
        assertThat(basket.at("/total").stringValue()).isEqualTo("6660.00");
    }

    @Test
    void anOrderIsAnsweredWithItsReckoning(Http developer) {
        JsonNode order =
                ok(developer, BRUSHES.formatted("", "{\"quantity\": 3}")).at("/orders/0");
        assertThat(order.at("/line").stringValue()).isEqualTo("45.00");
        assertThat(order.at("/unit").stringValue()).isEqualTo("15.00");
        assertThat(order.at("/reckoning/steps/1/detail").stringValue()).isEqualTo("3 × 15.00");
    }

    @Test
    void aRefusedOrderSaysWhereAndWhatIsAllowed(Http developer) {
        String asks = ", \"asks\": [{\"measurement\": \"len\", \"label\": \"Length\", \"kind\": \"length\","
                + " \"unit\": \"m\", \"max\": 3}]";
        JsonNode order = ok(developer, BRUSHES.formatted(asks, "{\"quantity\": 1, \"answers\": {\"len\": 4}}"))
                .at("/orders/0");
        assertThat(order.get("refused").stringValue()).isEqualTo("len");
        assertThat(order.get("message").stringValue())
                .isEqualTo("Length is too large: 4 m was given; it can be at most 3 m");
    }

    @Test
    void theShopsOwnCurrencyCountsWhereNoneIsSaid(Http developer) {
        assertThat(ok(developer, BRUSHES.formatted("", "")).get("currency").stringValue())
                .isEqualTo("EUR");
    }

    @Test
    void findingsComeWhenAskedForWithAMendAsAPatch(Http developer) {
        String ladder = ", \"ladder\": {\"mode\": \"all-units\", \"value\": \"price\","
                + " \"rows\": [{\"from\": 10, \"value\": \"12.00\"}]}";
        Http.Answer answer =
                developer.postBody("/api/v1/trials?findings=true", "application/json", BRUSHES.formatted(ladder, ""));
        JsonNode cliff = Json.read(answer.body()).at("/findings/0");
        assertThat(cliff.get("code").stringValue()).isEqualTo("cliff");
        assertThat(cliff.get("found").stringValue()).isEqualTo("analysis");
        assertThat(cliff.at("/mend/0").toString())
                .isEqualTo("{\"op\":\"add\",\"path\":\"/ladder/noCliffs\",\"value\":true}");
    }

    /** Codes and figures are the same in every language, and findings, which owners read, in English. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "de-CH, fr;q=0.5 | de | Mengenpreis",
                "es, nl;q=0.3 | nl | Staffelprijs",
                "fr | fr | Prix par quantité",
                "es | en | Breaks"
            })
    void whoAsksIsAnsweredInTheLanguageThatIsWanted(String wanted, String language, String label, Http developer) {
        String ladder = ", \"ladder\": {\"mode\": \"all-units\", \"value\": \"price\","
                + " \"rows\": [{\"from\": 10, \"value\": \"12.00\"}]}";
        Http.Answer answer = developer
                .reads(wanted)
                .postBody(
                        "/api/v1/trials?findings=true",
                        "application/json",
                        BRUSHES.formatted(ladder, "{\"quantity\": 12}"));
        assertThat(answer.response().headers().firstValue("Content-Language")).hasValue(language);
        JsonNode steps = Json.read(answer.body()).at("/orders/0/reckoning/steps");
        assertThat(steps.valueStream().map(step -> step.at("/what/code").stringValue()))
                .contains("told.breaks");
        assertThat(steps.valueStream().map(step -> step.get("label").stringValue()))
                .contains(label);
        assertThat(Json.read(answer.body()).at("/findings/0/message").stringValue())
                .isEqualTo("9 pieces cost 135.00, but 10 cost 120.00: the larger order is 15.00 cheaper");
    }

    @Test
    void theSchemaIsPublished(Http developer) {
        assertThat(developer.get("/api/v1/schema").body()).contains("https://json-schema.org/draft/2020-12/schema");
    }

    @Test
    void aDocumentThatCannotBeUsedNamesEachPlace(Http developer) {
        JsonNode problem = problem(
                developer,
                BRUSHES.formatted(", \"colour\": 1, \"cases\": [{\"piece\": {\"formula\": \"2\"}}]", ""),
                422,
                "document");
        assertThat(problem.at("/issues/0/at").stringValue()).isEqualTo("/card/colour");
        JsonNode formula = problem(
                developer, BRUSHES.formatted(", \"cases\": [{\"piece\": {\"formula\": \"2\"}}]", ""), 422, "document");
        assertThat(formula.at("/issues/0/at").stringValue()).isEqualTo("/card/cases/0/piece/formula");
        assertThat(formula.at("/issues/0/replacement").stringValue()).isEqualTo("2 EUR");
    }

    @Test
    void eachLimitIsNamed(Http developer) {
        problem(developer, "{" + " ".repeat(1_000_001) + "}", 413, "body-too-large");
        problem(developer, "[".repeat(200), 422, "document");
        problem(developer, "{", 422, "document");
        String many = Stream.generate(() -> "{\"quantity\": 1}").limit(1001).collect(Collectors.joining(","));
        assertThat(problem(developer, BRUSHES.formatted("", many), 422, "too-many-orders")
                        .get("detail")
                        .stringValue())
                .isEqualTo("A request has at most 1000 orders, not 1001");
        String list = Stream.generate(() -> BRUSHES.formatted("", "")).limit(51).collect(Collectors.joining(","));
        problem(developer, "[" + list + "]", 422, "too-many-documents");
        String long1 = "1 EUR" + " + 1 EUR".repeat(1000);
        assertThat(problem(
                                developer,
                                BRUSHES.formatted(", \"cases\": [{\"piece\": {\"formula\": \"" + long1 + "\"}}]", ""),
                                422,
                                "document")
                        .get("detail")
                        .stringValue())
                .contains("4000 characters");
        assertThat(developer.postBody("/api/v1/trials", "text/plain", "{}").status())
                .isEqualTo(415);
        assertThat(developer.get("/api/v1/problems/too-many-orders").body())
                .isEqualTo("There are too many orders (status 422).");
        assertThat(developer.get("/api/v1/problems/none").status()).isEqualTo(404);
    }

    private static String repeated(int times, String one) {
        return Stream.generate(() -> one).limit(times).collect(Collectors.joining(","));
    }

    @Test
    void aDocumentThatWouldTakeLongIsRefusedBeforeAnyWork(Http developer) {
        String ladder = ", \"ladder\": {\"mode\": \"all-units\", \"value\": \"price\", \"rows\": ["
                + repeated(15_000, "{\"from\": 1, \"value\": 1}") + "]}";
        JsonNode rows = problem(developer, BRUSHES.formatted(ladder, ""), 422, "too-large");
        assertThat(rows.at("/issues/0/at").stringValue()).isEqualTo("/card/ladder/rows");
        assertThat(rows.at("/issues/0/message").stringValue())
                .isEqualTo("this list has more than the 1000 that are taken here");
        String cases = ", \"cases\": [" + repeated(9_000, "{\"piece\": {\"shelf\": true}}") + "]";
        problem(developer, BRUSHES.formatted(cases, ""), 422, "too-large");
        problem(developer, "{\"deals\": [" + repeated(1_000, "{\"name\": \"D\"}") + "]}", 422, "too-large");
    }

    @Test
    void dealsTimesLinesAreBoundedSinceEachIsAnsweredInEach(Http developer) {
        String lines = repeated(1_000, "{\"sku\": \"S\", \"quantity\": 1, \"total\": \"9.99\"}");
        JsonNode refused = problem(
                developer,
                "{\"deals\": [" + repeated(101, "{\"name\": \"D\"}") + "], \"baskets\": [{\"lines\": [" + lines
                        + "]}]}",
                422,
                "too-large");
        assertThat(refused.get("detail").stringValue())
                .isEqualTo("Deals times lines of all baskets come to at most 100000, not 101000");
    }

    @Test
    void whileTooManyWaitAnotherIsToldWhenToComeAgain(App app, Http developer) {
        Http.Answer refused;
        try (FullPool full = new FullPool(app.bean(TrialPool.class))) {
            assertThat(full).isNotNull();
            refused = developer.postBody(
                    "/api/v1/trials", "application/json", BRUSHES.formatted("", "{\"quantity\": 3}"));
        }

        assertThat(refused.status()).isEqualTo(429);
        assertThat(refused.response().headers().firstValue("Retry-After")).hasValue("2");
        assertThat(refused.response().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        ok(developer, BRUSHES.formatted("", "{\"quantity\": 3}"));
    }

    @Test
    void computingEndsWhenWhoeverAskedHasLeft(App app) throws IOException {
        TrialPool pool = app.bean(TrialPool.class);
        String asks = IntStream.range(0, 12)
                .mapToObj(i -> "{\"measurement\": \"x" + i + "\", \"kind\": \"number\", \"unit\": \"1\", \"min\": 0,"
                        + " \"max\": 1000}")
                .collect(Collectors.joining(","));
        String deep = "(".repeat(60) + "x0" + " + x1 * x2)".repeat(60);
        String document = BRUSHES.formatted(
                ", \"asks\": [" + asks + "], \"cases\": [{\"piece\": {\"formula\": \"(" + deep
                        + ") ^ 2 / (1 + ABS(x3 - x4)) * 1 EUR\"}}]",
                "");
        byte[] body = ("[" + repeated(50, document) + "]").getBytes(StandardCharsets.UTF_8);
        URI url = URI.create(app.url());
        try (Socket socket = new Socket(url.getHost(), url.getPort())) {
            socket.getOutputStream()
                    .write(("POST /api/v1/trials?findings=true HTTP/1.1\r\nHost: 127.0.0.1:" + url.getPort()
                                    + "\r\nContent-Type: application/json\r\nContent-Length: " + body.length
                                    + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            socket.getOutputStream().write(body);
            await().pollInterval(Duration.ofMillis(1)).until(() -> pool.underWay() == 1);
        }
        // the time it may take is two minutes here: only that nobody wants it any more ends it before
        await().atMost(Duration.ofSeconds(60)).until(() -> pool.underWay() == 0);
    }

    private static String examples() throws IOException {
        return example("lines.json");
    }

    private static String example(String file) throws IOException {
        try (InputStream in = TrialsTest.class.getResourceAsStream("/examples/" + file)) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static JsonNode ok(Http developer, String body) {
        Http.Answer answer = developer.postBody("/api/v1/trials", "application/json", body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return Json.read(answer.body());
    }

    private static JsonNode problem(Http developer, String body, int status, String code) {
        Http.Answer answer = developer.postBody("/api/v1/trials", "application/json", body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(status);
        assertThat(answer.response().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        JsonNode problem = Json.read(answer.body());
        assertThat(problem.get("type").stringValue()).isEqualTo("/api/v1/problems/" + code);
        assertThat(problem.get("status").intValue()).isEqualTo(status);
        return problem;
    }
}
