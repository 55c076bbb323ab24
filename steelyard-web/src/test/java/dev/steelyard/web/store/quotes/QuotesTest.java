package dev.steelyard.web.store.quotes;

import static org.assertj.core.api.Assertions.assertThat;

import com.nimbusds.jose.crypto.ECDSAVerifier;
import com.nimbusds.jose.jwk.ECKey;
import com.nimbusds.jose.jwk.JWKSet;
import com.nimbusds.jwt.SignedJWT;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.store.signing.SigningKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Prices that are promised, and tokens by which a store knows that nothing was changed. */
@ExtendWith(WithApp.class)
class QuotesTest {

    private static final String QUOTES = "/api/v1/quotes";
    private static final String LINES = "\"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 30}]";

    @Test
    void aQuoteIsKeptAsItWas(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        Answer made = calls.post(QUOTES, "{" + LINES + ", \"validMinutes\": 60}");
        assertThat(made.status()).isEqualTo(201);
        String toPay = made.json().at("/basket/toPay").asString();
        app.sql().sql("update price_row set price = price * 2").update();
        app.sql().sql("update shop set revision = revision + 1").update();
        Answer again = calls.get(QUOTES + "/" + made.json().path("id").asString());
        assertThat(again.json().at("/basket/toPay").asString()).isEqualTo(toPay);
        assertThat(again.json().path("open").asBoolean()).isTrue();
        assertThat(calls.get(QUOTES + "/q_none").status()).isEqualTo(404);
    }

    @Test
    void whatCannotBeSoldIsNotPromised(App app) {
        Answer refused = MadeKeys.calls(app)
                .post(
                        QUOTES,
                        "{\"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 1}, {\"sku\": \"NONE\", \"quantity\": 1}]}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("type").asString()).endsWith("not-sellable");
        assertThat(refused.json().at("/issues/0/at").asString()).isEqualTo("/lines/1");
        Answer late =
                MadeKeys.calls(app).post(QUOTES, "{" + LINES + ", \"validMinutes\": 43201, \"at\": \"2027-01-01\"}");
        assertThat(late.json().path("issues").valueStream().map(one -> one.path("at")
                        .asString()))
                .containsExactlyInAnyOrder("/validMinutes", "/at");
    }

    @Test
    void theSameRequestAgainMakesNoSecondQuote(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        String body = "{" + LINES + "}";
        Answer first = calls.send("POST", QUOTES, body, "Idempotency-Key", "one");
        Answer second = calls.send("POST", QUOTES, body, "Idempotency-Key", "one");
        assertThat(second.json()).isEqualTo(first.json());
        assertThat(app.sql().sql("select count(*) from quote").query(Long.class).single())
                .isEqualTo(1);
        Answer other = calls.send("POST", QUOTES, "{" + LINES + ", \"validMinutes\": 5}", "Idempotency-Key", "one");
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.json().path("type").asString()).endsWith("/idempotency");
        assertThat(MadeKeys.calls(app)
                        .send("POST", QUOTES, body, "Idempotency-Key", "one")
                        .json())
                .isNotEqualTo(first.json()); // another key's words are its own
    }

    /** A store checks by itself, and keys that turn over break nothing. */
    @Test
    void aTokenIsCheckedWithoutAsking(App app, Http anybody) throws Exception {
        StoreCalls calls = MadeKeys.calls(app);
        String token =
                calls.post(QUOTES, "{" + LINES + "}").json().path("token").asString();
        app.bean(SigningKeys.class).turnOver();
        SignedJWT read = SignedJWT.parse(token);
        JWKSet keys = JWKSet.parse(anybody.get("/.well-known/jwks.json").body());
        ECKey key = keys.getKeyByKeyId(read.getHeader().getKeyID()).toECKey();
        assertThat(key.isPrivate()).isFalse();
        assertThat(read.verify(new ECDSAVerifier(key))).isTrue();
        assertThat(looked(calls, token).path("good").asBoolean()).isTrue();
        String later =
                calls.post(QUOTES, "{" + LINES + "}").json().path("token").asString();
        assertThat(SignedJWT.parse(later).getHeader().getKeyID()).isNotEqualTo(key.getKeyID());
    }

    @Test
    void oneChangedCharacterIsSeen(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        String token = calls.post(
                        "/api/v1/prices",
                        "{\"together\": true, \"tokens\": true, \"lines\": [{\"sku\": \"COVER\", \"quantity\": 2, \"answers\":"
                                + " {\"length\": {\"value\": \"5.2\", \"unit\": \"m\"}, \"width\": 211, \"hem\": \"plain\", \"fixing\":"
                                + " \"loose\"}}]}")
                .json()
                .at("/lines/0/token")
                .asString();
        JsonNode good = looked(calls, token);
        assertThat(good.path("good").asBoolean()).isTrue();
        assertThat(good.at("/says/line").asString()).isEqualTo("583.60");
        assertThat(good.at("/says/answers/length/unit").asString()).isEqualTo("m");
        for (int at : new int[] {token.indexOf('.') + 12, token.lastIndexOf('.') + 9}) {
            char other = token.charAt(at) == 'A' ? 'B' : 'A';
            JsonNode bad = looked(calls, token.substring(0, at) + other + token.substring(at + 1));
            assertThat(bad.path("good").asBoolean()).isFalse();
            assertThat(bad.path("says").isEmpty()).isTrue();
        }
        assertThat(looked(calls, "abc").path("why").asString()).contains("cannot be read as a token");
    }

    private static JsonNode looked(StoreCalls calls, String token) {
        return calls.post(QUOTES + "/verify", "{\"token\": \"" + token + "\"}").json();
    }
}
