package dev.steelyard.web.selling.checkout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.selling.payment.PaymentMessage;
import dev.steelyard.web.selling.payment.Signatures;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.math.BigDecimal;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** What the payment service may do, and what strangers may try. */
@ExtendWith(WithApp.class)
class PaymentsTest {

    private static final String CARD = "5000 1111 2222 333";

    private static Answer checkout(Http shopper) {
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        return shopper.get("/counter/checkout");
    }

    private static long count(App app, String query) {
        return app.sql().sql("select count(*) from " + query).query(Long.class).single();
    }

    private static String paymentKey(App app) {
        return app.sql()
                .sql("select concat(checkout_key, '/', attempt) from checkout")
                .query(String.class)
                .single();
    }

    private static int tell(App app, String body, String hmac, String time) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(app.url() + "/payments/callback"))
                .header("Content-Type", "application/json")
                .header(Signatures.TIME, time)
                .header(Signatures.HMAC, hmac)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        return HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofString())
                .statusCode();
    }

    private static int tell(App app, PaymentMessage message) throws IOException, InterruptedException {
        String body = app.bean(JsonMapper.class).writeValueAsString(message);
        Signatures.Signature signature = app.bean(Signatures.class).sign(body);
        return tell(app, body, signature.hmac(), signature.time());
    }

    private static PaymentMessage message(String key, String state, String amount) {
        return new PaymentMessage(key, state, "SIM-X", new BigDecimal(amount), "EUR", null, null);
    }

    @ParameterizedTest
    @CsvSource({"1, Thank you, 1", "2, The card was declined, 0", "3, did not answer in time, 0", "5, Thank you, 1"})
    void eachAnswerEndsInOneOrderOrNone(String last, String words, int orders, App app, Http shopper) {
        assertThat(Buying.pay(shopper, checkout(shopper), CARD + last).text()).contains(words);
        assertThat(count(app, "shop_order")).isEqualTo(orders);
        assertThat(count(app, "simulated_payment where state = 'APPROVED'")).isEqualTo(orders);
    }

    @Test
    void aLateAnswerIsWaitedForAndBecomesTheOrder(App app, Http shopper) {
        Answer form = checkout(shopper);
        Answer waiting = Buying.pay(shopper, form, CARD + "6");
        assertThat(waiting.status()).isEqualTo(409);
        String ask = "/counter/checkout/" + form.field("key") + "/answer";
        assertThat(waiting.body()).contains(ask);
        await().until(() ->
                shopper.get(ask).response().headers().firstValue("HX-Redirect").isPresent());
        assertThat(shopper.get("/counter/orders/" + form.field("key")).text()).contains("Thank you");
        assertThat(count(app, "shop_order")).isEqualTo(1);
    }

    @Test
    void aLateAnswerAfterAnotherCardWasTriedChargesOnce(App app, Http shopper) throws Exception {
        Answer waiting = Buying.pay(shopper, checkout(shopper), CARD + "6");
        String first = paymentKey(app);
        assertThat(Buying.pay(shopper, waiting, CARD + "1").text())
                .contains("Thank you")
                .contains("ending 3331");
        assertThat(tell(app, message(first, PaymentMessage.APPROVED, "30.00")))
                .as("the late answer to the first card is heard, and nothing comes of it")
                .isEqualTo(200);
        assertThat(count(app, "shop_order")).isEqualTo(1);
        assertThat(count(app, "simulated_payment where state = 'APPROVED'")).isEqualTo(1);
        assertThat(count(app, "simulated_payment where state = 'CANCELLED'")).isEqualTo(1);
    }

    @Test
    void whoeverPaidGetsTheirOrderThoughTheAnswerWasLostAndNobodyPressesAgain(App app, Http shopper) {
        Buying.pay(shopper, checkout(shopper), CARD + "4");
        assertThat(count(app, "shop_order")).isZero();
        await().until(() -> count(app, "shop_order") == 1);
        assertThat(shopper.get("/counter/basket").text()).contains("Nothing in it yet");
    }

    @Test
    void aPaymentIsToldTwiceAndMakesOneOrder(App app, Http shopper) throws Exception {
        Buying.pay(shopper, checkout(shopper), CARD + "3");
        PaymentMessage approved = message(paymentKey(app), PaymentMessage.APPROVED, "30.00");
        assertThat(tell(app, approved)).isEqualTo(200);
        assertThat(tell(app, approved)).as("heard already").isEqualTo(200);
        assertThat(count(app, "shop_order")).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(ints = {500, 5_000})
    void anApprovalPlacesTheOrderHoweverLongItsReference(int length, App app, Http shopper) throws Exception {
        Buying.pay(shopper, checkout(shopper), CARD + "3");
        PaymentMessage approved = new PaymentMessage(
                paymentKey(app),
                PaymentMessage.APPROVED,
                "R".repeat(length),
                new BigDecimal("30.00"),
                "EUR",
                null,
                null);

        assertThat(tell(app, approved)).isEqualTo(200);

        assertThat(app.sql()
                        .sql("select payment_reference from shop_order")
                        .query(String.class)
                        .single())
                .isEqualTo("R".repeat(500));
    }

    /** Only the head of a call is sent, with the promise of 30 MB: the answer comes all the same. */
    @Test
    void anUnsignedCallIsRefusedBeforeItIsRead(App app) throws IOException {
        URI url = URI.create(app.url());
        try (Socket socket = new Socket(url.getHost(), url.getPort())) {
            socket.setSoTimeout(30_000);
            socket.getOutputStream()
                    .write(("POST /payments/callback HTTP/1.1\r\nHost: 127.0.0.1:" + url.getPort()
                                    + "\r\nContent-Type: application/json\r\nContent-Length: 30000000\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            String status = new BufferedReader(
                            new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                    .readLine();
            assertThat(status).contains("401");
        }
    }

    @Test
    void aSignedCallIsReadOnlySoFar(App app) throws Exception {
        String body = "{\"key\": \"" + "k".repeat(20_000) + "\"}";
        Signatures.Signature signature = app.bean(Signatures.class).sign(body);
        assertThat(tell(app, body, signature.hmac(), signature.time())).isEqualTo(413);
    }

    @Test
    void aCallOfAStrangerIsNotHeard(App app, Http shopper) throws Exception {
        Buying.pay(shopper, checkout(shopper), CARD + "3");
        String body = app.bean(JsonMapper.class)
                .writeValueAsString(message(paymentKey(app), PaymentMessage.APPROVED, "30.00"));
        Signatures.Signature right = app.bean(Signatures.class).sign(body);
        Signatures.Signature ofAnother = app.bean(Signatures.class).sign(body + " ");
        assertThat(tell(app, body, "00", right.time())).isEqualTo(401);
        assertThat(tell(app, body, ofAnother.hmac(), ofAnother.time())).isEqualTo(401);
        assertThat(tell(app, body, right.hmac(), "" + (Long.parseLong(right.time()) - 1)))
                .isEqualTo(401);
        assertThat(tell(app, body, right.hmac(), "yesterday")).isEqualTo(401);
        assertThat(shopper.postBody("/payments/callback", "application/json", body)
                        .status())
                .isEqualTo(401);
        assertThat(shopper.postBody("/stand-in/payments", "application/json", body)
                        .status())
                .isEqualTo(401);
        assertThat(count(app, "shop_order")).isZero();
    }

    @Test
    void aCallForAnUnknownOrCancelledOrOtherSumMakesNoOrder(App app, Http shopper) throws Exception {
        Answer waiting = Buying.pay(shopper, checkout(shopper), CARD + "3");
        String first = paymentKey(app);
        assertThat(tell(app, message("nobody/1", PaymentMessage.APPROVED, "30.00")))
                .isEqualTo(404);
        assertThat(tell(app, message(first, PaymentMessage.APPROVED, "29.99"))).isEqualTo(409);
        assertThat(tell(app, message(first, "PERHAPS", "30.00"))).isEqualTo(400);
        assertThat(Buying.pay(shopper, waiting, CARD + "2").text()).contains("declined");
        assertThat(tell(app, message(first, PaymentMessage.APPROVED, "30.00")))
                .as("the first attempt was called off when the second began")
                .isEqualTo(409);
        assertThat(count(app, "shop_order")).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{}", "[1]", "{\"key\": 5}", "null", "{\"key\": {}}", "not json"})
    void whatIsNoAnswerIsRefused(String body, App app) throws Exception {
        Signatures.Signature signature = app.bean(Signatures.class).sign(body);
        assertThat(tell(app, body, signature.hmac(), signature.time())).isIn(400, 404);
    }

    @Test
    void twoCheckoutsOfOneBasketAtOnceOrderItOnce(App app, Http shopper) throws Exception {
        Answer one = checkout(shopper);
        Answer other = shopper.get("/counter/checkout");
        assertThat(one.field("key")).isNotEqualTo(other.field("key"));
        ExecutorService both = Executors.newFixedThreadPool(2);
        List<Future<Answer>> answers = new ArrayList<>();
        for (Answer form : List.of(one, other)) {
            answers.add(both.submit(() -> Buying.pay(shopper, form, CARD + "1")));
        }
        List<String> said = new ArrayList<>();
        for (Future<Answer> answer : answers) {
            said.add(answer.get().text());
        }
        both.shutdown();
        assertThat(Collections.frequency(
                        said.stream().map(text -> text.contains("Thank you")).toList(), true))
                .as(said.toString())
                .isEqualTo(1);
        assertThat(count(app, "shop_order")).isEqualTo(1);
        assertThat(count(app, "simulated_payment where state = 'APPROVED'")).isEqualTo(1);
    }
}
