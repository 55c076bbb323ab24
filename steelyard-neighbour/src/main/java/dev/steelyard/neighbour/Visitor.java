package dev.steelyard.neighbour;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.JWSAlgorithm;
import com.nimbusds.jose.JWSHeader;
import com.nimbusds.jose.crypto.MACSigner;
import com.nimbusds.jwt.JWTClaimsSet;
import com.nimbusds.jwt.SignedJWT;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Somebody who looks around, kept in the session: their language, who they are, and their cart. */
final class Visitor {

    private static final Duration TOKEN_HOLDS = Duration.ofHours(1);

    private String language = "en";
    private @Nullable String group;
    private final List<CartLine> cart = new ArrayList<>();
    private int lines;

    /**
     * A line of the cart.
     *
     * @param answers as the panel's token says them, to be sent on as they are
     * @param variants of the pieces of a lot, likewise; an empty list where one goes for all
     * @param shown what the page showed for it
     */
    record CartLine(
            int id,
            String sku,
            String name,
            long quantity,
            JsonNode answers,
            @Nullable String pack,
            JsonNode variants,
            String shown) {}

    String language() {
        return language;
    }

    void speak(String other) {
        language = other;
    }

    @Nullable
    String group() {
        return group;
    }

    void beIn(@Nullable String other) {
        group = other;
    }

    synchronized List<CartLine> cart() {
        return List.copyOf(cart);
    }

    synchronized void add(
            String sku,
            String name,
            long quantity,
            JsonNode answers,
            @Nullable String pack,
            JsonNode variants,
            String shown) {
        cart.add(new CartLine(++lines, sku, name, quantity, answers, pack, variants, shown));
    }

    synchronized void remove(int id) {
        cart.removeIf(line -> line.id() == id);
    }

    synchronized void empty() {
        cart.clear();
    }

    /** Says to Steelyard who this is, so that the panel shows their prices; none for a guest. */
    @Nullable
    String customerToken(String secret, Instant now) {
        if (group == null) {
            return null;
        }
        SignedJWT token = new SignedJWT(
                new JWSHeader(JWSAlgorithm.HS256),
                new JWTClaimsSet.Builder()
                        .claim("group", group)
                        .claim("signedIn", true)
                        .expirationTime(Date.from(now.plus(TOKEN_HOLDS)))
                        .build());
        try {
            token.sign(new MACSigner(secret));
        } catch (JOSEException cannot) {
            throw new IllegalStateException("the customer secret cannot sign", cannot);
        }
        return token.serialize();
    }
}
