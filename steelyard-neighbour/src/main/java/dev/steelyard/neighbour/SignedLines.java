package dev.steelyard.neighbour;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.JWSAlgorithm;
import com.nimbusds.jose.crypto.ECDSAVerifier;
import com.nimbusds.jose.jwk.JWK;
import com.nimbusds.jose.jwk.JWKSet;
import com.nimbusds.jwt.JWTClaimsSet;
import com.nimbusds.jwt.SignedJWT;
import java.text.ParseException;
import java.util.Date;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Checks what the panel handed to a page without asking Steelyard for each: the signature by its published keys, and until when
 * it holds. Keys turn over; one that is not known yet is looked for once.
 */
@Component
class SignedLines {

    private final SteelyardClient steelyard;
    private volatile @Nullable JWKSet keys;

    SignedLines(SteelyardClient steelyard) {
        this.steelyard = steelyard;
    }

    /** What a token says; none where it is not Steelyard's, was changed, or is over. */
    Optional<JWTClaimsSet> read(String token) {
        try {
            SignedJWT signed = SignedJWT.parse(token);
            JWK key = key(signed.getHeader().getKeyID());
            if (key == null
                    || !JWSAlgorithm.ES256.equals(signed.getHeader().getAlgorithm())
                    || !signed.verify(new ECDSAVerifier(key.toECKey()))) {
                return Optional.empty();
            }
            JWTClaimsSet claims = signed.getJWTClaimsSet();
            boolean holds = claims.getExpirationTime() != null
                    && claims.getExpirationTime().after(new Date());
            return holds && "line".equals(claims.getSubject()) ? Optional.of(claims) : Optional.empty();
        } catch (ParseException | JOSEException noToken) {
            return Optional.empty();
        }
    }

    private @Nullable JWK key(@Nullable String id) throws ParseException {
        JWKSet known = keys;
        JWK key = known == null ? null : known.getKeyByKeyId(id);
        if (key == null) {
            known = JWKSet.parse(steelyard.publishedKeys());
            keys = known;
            key = known.getKeyByKeyId(id);
        }
        return key;
    }
}
