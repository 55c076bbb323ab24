package dev.steelyard.web.store.prices;

import static org.assertj.core.api.Assertions.assertThat;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.JWSAlgorithm;
import com.nimbusds.jose.JWSHeader;
import com.nimbusds.jose.crypto.MACSigner;
import com.nimbusds.jwt.JWTClaimsSet;
import com.nimbusds.jwt.SignedJWT;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.Keys;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.time.Instant;
import java.util.Collections;
import java.util.Date;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Live prices of lines for the owner's own store. */
@ExtendWith(WithApp.class)
class PricesTest {

    private static final String PRICES = "/api/v1/prices";
    private static final String BRUSH = "{\"id\": \"a\", \"sku\": \"BRU-1\", \"quantity\": 12}";

    @Test
    void linesArePricedOrRefusedOneByOne(App app) {
        Answer answer = MadeKeys.calls(app)
                .post(
                        PRICES,
                        "{\"together\": true, \"reckoning\": true, \"lines\": [" + BRUSH
                                + ", {\"sku\": \"NONE\", \"quantity\": 1}, {\"sku\": \"BRU-1\", \"quantity\": 0},"
                                + " {\"sku\": \"a/b\", \"quantity\": \"1\"}, {\"sku\": \"COVER\", \"quantity\": 1,"
                                + " \"answers\": {\"length\": {\"value\": \"5.2\", \"unit\": \"m\"}, \"width\": 211, \"hem\": \"plain\","
                                + " \"fixing\": \"loose\"}}]}");
        assertThat(answer.status()).isEqualTo(200);
        JsonNode lines = answer.json().path("lines");
        assertThat(lines.get(0).path("id").asString()).isEqualTo("a");
        assertThat(lines.get(0).path("line").asString()).isEqualTo("158.40");
        assertThat(lines.get(0).path("shelf").asString()).isEqualTo("15.00");
        assertThat(lines.get(0).path("reckoning").isEmpty()).isFalse();
        assertThat(lines.get(1).at("/refused/at").asString()).isEqualTo("sku");
        assertThat(lines.get(1).at("/refused/say").asString()).contains("no longer sold");
        assertThat(lines.get(1).has("line")).isFalse();
        assertThat(lines.get(2).at("/refused/at").asString()).isEqualTo("quantity");
        assertThat(lines.get(3).at("/refused/at").asString()).isEqualTo("sku");
        assertThat(lines.get(4).at("/billable/unit").asString()).isEqualTo("m2");
        assertThat(lines.get(4).at("/card/version").asInt()).isEqualTo(1);
        assertThat(answer.json().path("customer").path("guest").asBoolean()).isTrue();
        assertThat(answer.header("Content-Language")).isEqualTo("en");
    }

    @Test
    void togetherLinesCountAsOneBasket(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        String twice = "\"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 6}, {\"sku\": \"SHK-8\", \"quantity\": 6}]}";
        String together = calls.post(PRICES, "{\"together\": true, " + twice)
                .json()
                .at("/lines/0/unit")
                .asString();
        String alone = calls.post(PRICES, "{\"together\": false, " + twice)
                .json()
                .at("/lines/0/unit")
                .asString();
        String single = calls.post(PRICES, "{\"together\": true, \"lines\": [{\"sku\": \"SHK-8\", \"quantity\": 6}]}")
                .json()
                .at("/lines/0/unit")
                .asString();
        assertThat(alone).isEqualTo(single);
        assertThat(together).isNotEqualTo(alone);
    }

    @Test
    void whatIsWrongWithARequestIsSaidByItsPlaces(App app) {
        Answer answer = MadeKeys.calls(app)
                .post(
                        PRICES,
                        "{\"skus\": 1, \"customer\": {\"group\": \"Pirates\", \"country\": \"XX\"}, \"lines\": [{\"sku\": \"BRU-1\","
                                + " \"quantity\": \"two\", \"color\": \"red\"}]}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("issues").valueStream().map(one -> one.path("at")
                        .asString()))
                .containsExactlyInAnyOrder(
                        "/skus",
                        "/customer/group",
                        "/customer/country",
                        "/together",
                        "/lines/0/quantity",
                        "/lines/0/color");
        assertThat(answer.json().toString()).contains("there is no group “Pirates”; there are Boatyard, Crew club");
        assertThat(MadeKeys.calls(app).post(PRICES, "{").status()).isEqualTo(422);
        assertThat(MadeKeys.calls(app)
                        .send("POST", PRICES, "{}", "Content-Type", "text/plain")
                        .status())
                .isIn(415, 422);
    }

    @Test
    void fiveHundredLinesAreTakenAndOneMoreIsNot(App app) {
        String line = "{\"sku\": \"BRU-1\", \"quantity\": 1}";
        StoreCalls calls = MadeKeys.calls(app);
        Answer most = calls.post(PRICES, lines(String.join(",", Collections.nCopies(500, line))));
        assertThat(most.json().path("lines").size()).isEqualTo(500);
        Answer more = calls.post(PRICES, lines(String.join(",", Collections.nCopies(501, line))));
        assertThat(more.status()).isEqualTo(422);
        assertThat(more.json().path("detail").asString()).isEqualTo("A request has at most 500 lines, not 501");
        assertThat(calls.post(PRICES, lines("")).json().toString()).contains("name at least one");
        assertThat(calls.post(PRICES, " ".repeat(1_100_000)).status()).isEqualTo(413);
    }

    @Test
    void aCustomerIsWhoTheServerSays(App app) {
        Answer harbour = MadeKeys.calls(app)
                .post(
                        PRICES,
                        "{\"customer\": {\"group\": \"Boatyard\"}, "
                                + lines(BRUSH).substring(1));
        assertThat(harbour.json().at("/customer/group").asString()).isEqualTo("Boatyard");
        assertThat(harbour.json().at("/customer/guest").asBoolean()).isFalse();
    }

    @Test
    void aPageHandsOnWhatTheServerSigned(App app) throws JOSEException {
        Keys.Made server = MadeKeys.server(app, KeyRight.PRICES);
        StoreCalls page = StoreCalls.with(app, MadeKeys.page(app).text()).from(MadeKeys.PAGE);
        Instant later = Instant.now().plusSeconds(600);
        String secret = server.customerSecret();
        assertThat(seen(page, token(secret, "Boatyard", later)).path("group").asString())
                .isEqualTo("Boatyard");
        assertThat(seen(page, token(secret, "Boatyard", later.minusSeconds(700)))
                        .toString())
                .contains("\"guest\":true")
                .contains("the customer token ended at");
        assertThat(seen(page, token(secret, "Pirates", later)).path("why").asString())
                .contains("no group “Pirates”");
        assertThat(seen(page, token(secret.replace('s', 'z'), "Boatyard", later))
                        .path("why")
                        .asString())
                .contains("secret of no server key");
        assertThat(seen(page, "abc").path("why").asString()).contains("cannot be read as a JWT");
        assertThat(seen(page, token(secret, "Boatyard", null)).path("why").asString())
                .contains("no “exp”");
        app.bean(Keys.class).takeBack(server.key().id(), "Maren");
        assertThat(seen(page, token(secret, "Boatyard", later)).path("guest").asBoolean())
                .isTrue();
    }

    @Test
    void aPageSaysNothingOfItsOwnAccord(App app) {
        StoreCalls page = StoreCalls.with(app, MadeKeys.page(app).text()).from(MadeKeys.PAGE);
        Answer answer = page.post(
                PRICES,
                "{\"customer\": {\"signedIn\": true}, \"at\": \"2027-01-01\", \"reckoning\": true, "
                        + lines(BRUSH).substring(1));
        assertThat(answer.json().path("issues").valueStream().map(one -> one.path("at")
                        .asString()))
                .containsExactlyInAnyOrder("/customer", "/at", "/reckoning");
    }

    @Test
    void refusalsSpeakTheLanguageAskedFor(App app) {
        Answer german = MadeKeys.calls(app)
                .send(
                        "POST",
                        PRICES,
                        lines("{\"sku\": \"NONE\", \"quantity\": 1}"),
                        "Accept-Language",
                        "de-AT, en;q=0.5");
        assertThat(german.header("Content-Language")).isEqualTo("de");
        assertThat(german.json().at("/lines/0/refused/faults/0/code").asString())
                .isEqualTo("refusal.sku-unknown");
        assertThat(german.json().at("/lines/0/refused/say").asString()).doesNotContain("nothing");
    }

    private static JsonNode seen(StoreCalls page, String token) {
        return page.post(
                        PRICES,
                        "{\"customerToken\": \"" + token + "\", " + lines(BRUSH).substring(1))
                .json()
                .path("customer");
    }

    private static String token(String secret, String group, Instant until) throws JOSEException {
        SignedJWT token = new SignedJWT(
                new JWSHeader(JWSAlgorithm.HS256),
                new JWTClaimsSet.Builder()
                        .claim("group", group)
                        .expirationTime(until == null ? null : Date.from(until))
                        .build());
        token.sign(new MACSigner(secret));
        return token.serialize();
    }

    private static String lines(String lines) {
        return "{\"together\": true, \"lines\": [" + lines + "]}";
    }
}
