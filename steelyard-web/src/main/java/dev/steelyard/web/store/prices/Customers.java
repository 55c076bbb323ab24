package dev.steelyard.web.store.prices;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.JWSAlgorithm;
import com.nimbusds.jose.crypto.MACVerifier;
import com.nimbusds.jwt.JWTClaimsSet;
import com.nimbusds.jwt.SignedJWT;
import dev.steelyard.core.card.Customer;
import dev.steelyard.format.Obj;
import dev.steelyard.format.OrderReader;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.store.keys.Keys;
import dev.steelyard.web.store.keys.StoreKey;
import java.nio.charset.StandardCharsets;
import java.text.ParseException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Date;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Who a shopper is: said by the store's server, or by a token that it signed for its pages (JWT, RFC 7519, HS256 under the
 * secret of a server key). A page can say nothing of its own accord; a token that is not good makes a guest, and the answer
 * says why.
 */
@Component
public class Customers {

    private static final int LONGEST_TOKEN = 4_000;

    private final Keys keys;
    private final Clock clock;

    Customers(Keys keys, Clock clock) {
        this.keys = keys;
        this.clock = clock;
    }

    /** Reads the fields “customer” and “customerToken” of a request. */
    public AskedCustomer read(Obj in, StoreKey key, BookInForce book) {
        String home = book.shop().homeCountry();
        Obj said = in.optionalObject("customer");
        String token = in.optionalText("customerToken");
        if (said != null && key.isPage()) {
            in.fault(
                    "customer",
                    "a page cannot say who its shopper is; hand on a customerToken that the store’s server signed");
        }
        if (said != null && token != null) {
            in.fault("customerToken", "either “customer” or “customerToken”, not both");
        }
        if (said != null) {
            Customer customer = OrderReader.customer(said);
            said.done();
            check(said, customer, book);
            return AskedCustomer.of(customer, home, null);
        }
        return of(token, book);
    }

    /** Who a token says it is; a guest where there is none, or it is not good. */
    public AskedCustomer of(@Nullable String token, BookInForce book) {
        String home = book.shop().homeCountry();
        if (token == null || token.isEmpty()) {
            return AskedCustomer.of(Customer.EVERYONE, home, null);
        }
        try {
            return AskedCustomer.of(believed(token, book), home, null);
        } catch (Unbelieved why) {
            return AskedCustomer.of(Customer.EVERYONE, home, why.getMessage());
        }
    }

    private static void check(Obj in, Customer customer, BookInForce book) {
        String group = customer.group();
        if (group != null && !book.groups().contains(group)) {
            in.fault("group", noGroup(group, book));
        }
        if (customer.country() != null && Countries.code(customer.country()) == null) {
            in.fault("country", noCountry(customer.country()));
        }
    }

    private static String noGroup(String group, BookInForce book) {
        return "there is no group “" + group + "”"
                + (book.groups().isEmpty()
                        ? "; this shop has none"
                        : "; there are " + String.join(", ", book.groups()));
    }

    private static String noCountry(String country) {
        return "“" + country + "” is no country by ISO 3166, such as FR";
    }

    private Customer believed(String token, BookInForce book) {
        try {
            if (token.length() > LONGEST_TOKEN) {
                throw new Unbelieved("the customer token is longer than " + LONGEST_TOKEN + " characters");
            }
            SignedJWT signed = SignedJWT.parse(token);
            if (!JWSAlgorithm.HS256.equals(signed.getHeader().getAlgorithm()) || !isOurs(signed, book)) {
                throw new Unbelieved(
                        "the customer token is signed (HS256) by the secret of no server key that is good");
            }
            JWTClaimsSet claims = signed.getJWTClaimsSet();
            Date end = claims.getExpirationTime();
            if (end == null) {
                throw new Unbelieved("the customer token has no “exp”: say until when it is good");
            } else if (!clock.instant().isBefore(end.toInstant())) {
                throw new Unbelieved("the customer token ended at "
                        + Instant.ofEpochSecond(end.toInstant().getEpochSecond()));
            }
            String group = claims.getStringClaim("group");
            String country = claims.getStringClaim("country");
            if (group != null && !book.groups().contains(group)) {
                throw new Unbelieved("the customer token: " + noGroup(group, book));
            } else if (country != null && Countries.code(country) == null) {
                throw new Unbelieved("the customer token: " + noCountry(country));
            }
            return new Customer(
                    group,
                    group != null || Boolean.TRUE.equals(claims.getBooleanClaim("signedIn")),
                    Boolean.TRUE.equals(claims.getBooleanClaim("firstOrder")),
                    country);
        } catch (ParseException noToken) {
            throw new Unbelieved("the customer token cannot be read as a JWT: " + noToken.getMessage());
        }
    }

    private boolean isOurs(SignedJWT signed, BookInForce book) {
        LocalDate today = LocalDate.now(clock.withZone(book.shop().zone()));
        return keys.good(today).stream().anyMatch(key -> isSignedBy(key.customerSecret(), signed));
    }

    private static boolean isSignedBy(@Nullable String secret, SignedJWT signed) {
        try {
            return secret != null && signed.verify(new MACVerifier(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (JOSEException cannot) {
            return false; // a header that asks for more than a signature
        }
    }

    /** Why a token is not believed. */
    private static final class Unbelieved extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Unbelieved(String why) {
            super(why, null, false, false);
        }
    }
}
