package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What strangers may try at the counter, at the API and at the door. */
@ExtendWith(WithApp.class)
class OpenDoorsTest {

    @Test
    void onlyTheShopsOwnPeopleAreAnotherCustomerUnlessItSaysOtherwise(App app, Http shopper, Http owner) {
        owner.signIn("maren").get("/shop");
        shopper.get("/counter");
        shopper.post("/counter/as", "group", "Boatyard");
        assertThat(shopper.get("/counter/goods/SHK-8?quantity=10").text()).contains("You are");
        assertThat(price(shopper)).as("in the demo everybody may").isEqualTo("53.36");
        assertThat(owner.post("/shop/counter", "beAnother", "false").text()).contains("Saved.");
        assertThat(price(shopper)).as("who was one before, too").isEqualTo("69.00");
        Answer counter = shopper.get("/counter/goods/SHK-8");
        assertThat(counter.body()).doesNotContain("class=\"stand-in\"");
        Answer refused = shopper.post("/counter/as", "group", "Boatyard");
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.text()).contains("This shop lets only its own people be another customer.");
        assertThat(price(shopper)).isEqualTo("69.00");
        owner.post("/counter/as", "group", "Boatyard");
        assertThat(owner.get("/counter").body()).contains("class=\"stand-in\"");
        assertThat(price(owner)).isEqualTo("53.36");
        assertThat(owner.get("/history?subject=shop").text())
                .contains("Maren changed the settings of Saltmarsh Chandlery")
                .contains("everybody → staff only");
    }

    /** What ten shackles cost in the basket. */
    private static String price(Http shopper) {
        String body =
                shopper.get("/counter/price?sent=yes&sku=SHK-8&quantity=10").body();
        int at = body.indexOf("id=\"total\">") + "id=\"total\">".length();
        return body.substring(at, body.indexOf('<', at));
    }

    @Test
    void aBasketTokenThatSomebodyMadeUpIsNotTakenOn(App app) throws IOException {
        String made = "11111111-2222-3333-4444-555555555555";
        String page = raw(app, "GET /counter HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n");
        String body = "sku=BRU-1&quantity=2&_csrf=" + between(page, "name=\"csrf-token\" content=\"", "\"");
        String answer = raw(
                app,
                "POST /counter/basket/add HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: basket=" + made + "; XSRF-TOKEN="
                        + between(page, "XSRF-TOKEN=", ";")
                        + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: " + body.length()
                        + "\r\nConnection: close\r\n\r\n" + body);
        assertThat(answer).contains("Set-Cookie: basket=").doesNotContain("basket=" + made);
        assertThat(app.sql()
                        .sql("select count(*) from basket where token = ?")
                        .param(made)
                        .query(Long.class)
                        .single())
                .isZero();
    }

    @Test
    void aCheckoutKeyThatSomebodyMadeUpIsNotTakenOn(App app, Http shopper) {
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        Answer form = shopper.get("/counter/checkout");
        String key = form.field("key");
        String made = (key.charAt(0) == '0' ? "1" : "0") + key.substring(1);
        Answer answer = shopper.post(
                "/counter/checkout",
                "key",
                made,
                "seen",
                form.field("seen"),
                "name",
                "Ada Quill",
                "email",
                "ada@example.org",
                "card",
                "5000 1111 2222 3331");
        assertThat(answer.text()).contains("Order and pay").doesNotContain("Thank you");
        assertThat(app.sql()
                        .sql("select count(*) from checkout")
                        .query(Long.class)
                        .single())
                .isZero();
        assertThat(Buying.pay(shopper, form).text()).contains("Thank you");
    }

    @Test
    void aHostThatIsNotOursIsRefusedAndNeverRepeated(App app) throws IOException {
        for (String path : new String[] {"/", "/today", "/counter", "/api/v1/schema"}) {
            String answer = raw(app, "GET " + path + " HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n");
            assertThat(answer).as(path).startsWith("HTTP/1.1 400").doesNotContain("evil.example");
        }
        assertThat(raw(app, "GET / HTTP/1.1\r\nHost: localhost\r\nAccept: text/html\r\nConnection: close\r\n\r\n"))
                .contains("HTTP/1.1 302")
                .contains("Location: /");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GET /api/v1/trials | 405 | This address takes POST, not GET",
                "PUT /api/v1/trials | 405 | This address takes POST, not PUT",
                "POST /api/v1/trials?findings=maybe | 400 | “maybe” is no value of “findings”; write true or false",
                "GET /api/v1/nothing | 404 | Nothing is at /api/v1/nothing",
                "GET /api | 404 | Nothing is at /api",
                "GET /api/v1/problems/none | 404 | There is no problem “none”",
                "GET /api/v1/..%2fgoods | 400 | not one that is understood",
                "GET /api//v1 | 400 | not one that is understood",
            })
    void errorsOfTheApiAreProblemsWhateverTheAddress(String request, int status, String words, App app)
            throws IOException {
        String answer = raw(
                app,
                request + " HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: 2\r\n"
                        + "Connection: close\r\n\r\n{}");
        assertThat(answer).startsWith("HTTP/1.1 " + status).contains("application/problem+json");
        String json = answer.substring(answer.indexOf('{'), answer.lastIndexOf('}') + 1);
        assertThat(Json.read(json).get("status").intValue()).isEqualTo(status);
        assertThat(Json.read(json).get("detail").stringValue()).contains(words);
    }

    @Test
    void theErrorPageHasNoAddress(Http anybody) {
        Answer answer = anybody.get("/error");
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.text()).contains("This address leads nowhere.");
    }

    private static String between(String text, String before, String after) {
        int from = text.indexOf(before) + before.length();
        return text.substring(from, text.indexOf(after, from));
    }

    private static String raw(App app, String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", URI.create(app.url()).getPort())) {
            OutputStream out = socket.getOutputStream();
            out.write(request.getBytes(StandardCharsets.UTF_8));
            out.flush();
            InputStream in = socket.getInputStream();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void aCounterForStaffOnlyAsksStrangersToSignIn(App app, Http owner) {
        owner.signIn("maren").post("/shop/counter", "counterOpen", "false");
        assertThat(new Http(app.url()).get("/counter").text())
                .contains("Sign in")
                .doesNotContain("Bow shackle");
        assertThat(new Http(app.url()).get("/counter/basket").text()).contains("Sign in");
        assertThat(owner.get("/counter").text()).contains("Bow shackle");
        assertThat(owner.get("/history?subject=shop").text()).contains("for staff only");
    }
}
