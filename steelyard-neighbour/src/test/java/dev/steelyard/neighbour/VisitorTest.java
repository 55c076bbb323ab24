package dev.steelyard.neighbour;

import static org.assertj.core.api.Assertions.assertThat;

import com.nimbusds.jose.crypto.MACVerifier;
import com.nimbusds.jwt.SignedJWT;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.JsonNodeFactory;

class VisitorTest {

    private static final String SECRET = "steelyard_customers_0123456789abcdefghijklmnopqrstuvwxyz";
    private static final Instant NOW = Instant.parse("2026-11-30T10:00:00Z");

    @Test
    void aGuestIsSaidToBeNobody() {
        assertThat(new Visitor().customerToken(SECRET, NOW)).isNull();
    }

    @Test
    void whoIsInAGroupIsSignedForAnHour() throws Exception {
        Visitor visitor = new Visitor();
        visitor.beIn("Boatyard");
        SignedJWT token = SignedJWT.parse(visitor.customerToken(SECRET, NOW));
        assertThat(token.verify(new MACVerifier(SECRET))).isTrue();
        assertThat(token.getJWTClaimsSet().getStringClaim("group")).isEqualTo("Boatyard");
        assertThat(token.getJWTClaimsSet().getExpirationTime().toInstant()).isEqualTo(NOW.plusSeconds(3_600));
    }

    @Test
    void linesComeAndGo() {
        Visitor visitor = new Visitor();
        JsonNodeFactory json = JsonNodeFactory.instance;
        visitor.add("SHK-8", "Bow shackle", 12, json.objectNode(), null, json.arrayNode(), "82.80");
        visitor.add("BRU-1", "Deck brush", 1, json.objectNode(), null, json.arrayNode(), "15.00");
        visitor.remove(visitor.cart().get(0).id());
        assertThat(visitor.cart()).extracting(Visitor.CartLine::sku).containsExactly("BRU-1");
        visitor.empty();
        assertThat(visitor.cart()).isEmpty();
    }
}
