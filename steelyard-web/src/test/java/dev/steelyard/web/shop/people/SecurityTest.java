package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(WithApp.class)
class SecurityTest {

    @Test
    void ownersPagesAreRefusedWithoutSignIn(Http guest) {
        for (String path : List.of("/", "/goods", "/goods/1", "/orders", "/orders/SM-1001", "/actuator/env")) {
            assertThat(guest.get(path).response().uri().getPath()).as(path).isEqualTo("/sign-in");
        }
        assertThat(guest.background("/goods/1/edit", "do", "save").status()).isEqualTo(401);
        assertThat(guest.get("/counter").status()).isEqualTo(200);
    }

    @Test
    void aWrongPasswordSaysNoMoreThanThat(Http guest) {
        guest.get("/sign-in");
        Answer wrong = guest.post("/sign-in", "username", "maren", "password", "nope");
        assertThat(wrong.text()).contains("That name and password do not go together");
        Answer unknown = guest.post("/sign-in", "username", "nobody", "password", "nope");
        assertThat(unknown.text()).contains("That name and password do not go together");
    }

    @Test
    void aPostWithoutThePagesTokenIsRefused(App app) throws Exception {
        for (String path : List.of("/goods/1/edit", "/counter/basket/add", "/counter/checkout", "/sign-in")) {
            HttpRequest forged = HttpRequest.newBuilder(URI.create(app.url() + path))
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .header("HX-Request", "true")
                    .POST(HttpRequest.BodyPublishers.ofString("sku=SHK-8&quantity=1"))
                    .build();
            HttpResponse<String> answer = HttpClient.newHttpClient().send(forged, HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode()).as(path).isIn(401, 403);
        }
    }

    @Test
    void browsersAreToldToRunNothingThatIsNotOurs(Http guest) {
        String policy = guest.get("/counter")
                .response()
                .headers()
                .firstValue("Content-Security-Policy")
                .orElseThrow();
        assertThat(policy).contains("default-src 'none'", "script-src 'self';").doesNotContain("unsafe");
    }

    @Test
    void cookiesAreOutOfReachOfScriptsAndOtherSites(App app) throws Exception {
        HttpResponse<String> page = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.url() + "/goods")).build(),
                        HttpResponse.BodyHandlers.ofString());
        List<String> cookies = page.headers().allValues("Set-Cookie");
        assertThat(cookies)
                .isNotEmpty()
                .allSatisfy(cookie -> assertThat(cookie).contains("HttpOnly").containsPattern("SameSite=(Lax|Strict)"));
    }

    @Test
    void passwordsAreKeptOnlyAsHashes(App app) {
        assertThat(app.sql()
                        .sql("select password_hash from staff")
                        .query(String.class)
                        .list())
                .hasSize(2)
                .allMatch(hash -> hash.contains("$argon2id$"));
    }
}
