package dev.steelyard.web.store.prices;

import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.store.signing.Signed;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/**
 * Lines signed with their prices, good for half an hour: a page hands one on with its form, and the store's server knows that
 * nothing in it was changed. A token says what the line comes to by itself; a whole basket is priced, or quoted, anew.
 */
@Component
public class LineTokens {

    private static final Duration HOLDS = Duration.ofMinutes(30);

    private final Signed signed;
    private final Clock clock;

    LineTokens(Signed signed, Clock clock) {
        this.signed = signed;
        this.clock = clock;
    }

    /** @param until when it holds */
    public record Token(String text, Instant until) {}

    String sign(AskedLine asked, PricedLine line, AskedCustomer customer, BookInForce book) {
        return sign(asked, line, List.of(), customer, book).text();
    }

    /** @param variants of the pieces of a lot, by SKU; empty where one goes for all */
    public Token sign(
            AskedLine asked, PricedLine line, List<String> variants, AskedCustomer customer, BookInForce book) {
        Map<String, Object> claims = new LinkedHashMap<>();
        claims.put("sku", asked.sku());
        claims.put("quantity", line.quantity());
        claims.put("answers", answers(asked.line().answers()));
        claims.put("variants", variants.isEmpty() ? null : variants);
        claims.put("pack", asked.line().answers().pack());
        claims.put("line", line.total().toString());
        claims.put("unit", line.shownPerPiece().toString());
        claims.put("currency", book.shop().currency());
        claims.put("group", customer.group());
        claims.put("country", customer.country());
        claims.put("revision", book.revision());
        Instant until = clock.instant().plus(HOLDS).truncatedTo(ChronoUnit.SECONDS);
        return new Token(signed.sign(Signed.Kind.LINE, null, until, claims), until);
    }

    /** As a request writes them, so that a store can send them on as they are. */
    private static Map<String, Object> answers(Answers answers) {
        Map<String, Object> written = new TreeMap<>();
        answers.byName().forEach((name, answer) -> written.put(name, written(answer)));
        return written;
    }

    private static Object written(Answer answer) {
        String unit = answer instanceof Answer.Typed typed
                ? typed.unit()
                : answer instanceof Answer.Number number && number.unit() != null
                        ? number.unit().code()
                        : null;
        return unit == null ? answer.text() : Map.of("value", answer.text(), "unit", unit);
    }
}
