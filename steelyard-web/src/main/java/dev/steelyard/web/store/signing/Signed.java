package dev.steelyard.web.store.signing;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.JOSEObjectType;
import com.nimbusds.jose.JWSAlgorithm;
import com.nimbusds.jose.JWSHeader;
import com.nimbusds.jose.crypto.ECDSASigner;
import com.nimbusds.jose.crypto.ECDSAVerifier;
import com.nimbusds.jose.jwk.ECKey;
import com.nimbusds.jwt.JWTClaimsSet;
import com.nimbusds.jwt.SignedJWT;
import java.text.ParseException;
import java.time.Clock;
import java.time.Instant;
import java.util.Date;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Signs what Steelyard promises, and tells whether it did (JWS of JWT claims, RFC 7515 and 7519, by ES256). */
@Component
public class Signed {

    private static final String ISSUER = "steelyard";
    private static final int LONGEST = 200_000;

    private final SigningKeys keys;
    private final Clock clock;

    Signed(SigningKeys keys, Clock clock) {
        this.keys = keys;
        this.clock = clock;
    }

    /** What is signed. */
    public enum Kind {
        LINE("line"),
        QUOTE("quote");

        private final String code;

        Kind(String code) {
            this.code = code;
        }
    }

    /**
     * A token.
     *
     * @param claims texts, numbers, maps and lists of them
     */
    public String sign(Kind kind, @Nullable String id, Instant until, Map<String, Object> claims) {
        ECKey key = keys.signing();
        JWTClaimsSet.Builder all = new JWTClaimsSet.Builder()
                .issuer(ISSUER)
                .subject(kind.code)
                .jwtID(id)
                .issueTime(Date.from(clock.instant()))
                .expirationTime(Date.from(until));
        claims.forEach(all::claim);
        SignedJWT token = new SignedJWT(
                new JWSHeader.Builder(JWSAlgorithm.ES256)
                        .type(JOSEObjectType.JWT)
                        .keyID(key.getKeyID())
                        .build(),
                all.build());
        try {
            token.sign(new ECDSASigner(key));
        } catch (JOSEException cannot) {
            throw new IllegalStateException("our own key cannot sign", cannot);
        }
        return token.serialize();
    }

    /**
     * What became of looking at a token.
     *
     * @param claims what it says; empty where it is not ours
     * @param fault why it is not good; none where it is
     */
    public record Looked(Map<String, Object> claims, @Nullable String fault) {

        private static Looked not(String fault) {
            return new Looked(Map.of(), fault);
        }
    }

    /** Whether a text is a token of ours that holds still. */
    public Looked look(String text) {
        if (text.length() > LONGEST) {
            return Looked.not("a token has at most " + LONGEST + " characters");
        }
        try {
            SignedJWT token = SignedJWT.parse(text);
            if (!JWSAlgorithm.ES256.equals(token.getHeader().getAlgorithm())) {
                return Looked.not(
                        "tokens are signed by ES256, not " + token.getHeader().getAlgorithm());
            }
            ECKey key = keys.find(token.getHeader().getKeyID()).orElse(null);
            if (key == null) {
                return Looked.not(
                        "no key of this shop has the id “" + token.getHeader().getKeyID() + "”");
            }
            if (!token.verify(new ECDSAVerifier(key.toPublicJWK()))) {
                return Looked.not("the signature does not fit: something in the token was changed");
            }
            JWTClaimsSet claims = token.getJWTClaimsSet();
            Instant until = claims.getExpirationTime().toInstant();
            return new Looked(claims.toJSONObject(), clock.instant().isBefore(until) ? null : "it held until " + until);
        } catch (ParseException | JOSEException noToken) {
            return Looked.not("this cannot be read as a token: " + noToken.getMessage());
        }
    }
}
