package dev.steelyard.web.store.prices;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.PriceCounts;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.words.Words;
import java.time.Clock;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Prices lines by a book, as the counter prices them. */
@Service
public class Prices {

    private final LineTokens tokens;
    private final PriceCounts counts;
    private final Clock clock;

    private final Reductions reductions;

    Prices(LineTokens tokens, PriceCounts counts, Clock clock, Reductions reductions) {
        this.reductions = reductions;
        this.tokens = tokens;
        this.counts = counts;
        this.clock = clock;
    }

    /** The moment it is in the shop. Asks no database. */
    public ZonedDateTime now(BookInForce book) {
        return ZonedDateTime.now(clock.withZone(book.shop().zone()));
    }

    PricesAnswer answer(PricesRequest request, BookInForce book, Words words) {
        ZonedDateTime at = request.at() == null ? now(book) : request.at();
        Customer customer = request.customer().customer();
        List<LineResult> results = counts.count(results(request, book, customer, at));
        LineAnswers answers = new LineAnswers(book, customer, at, words, request.reckoning(), reductions);
        List<LineAnswer> lines = new ArrayList<>(results.size());
        for (int i = 0; i < results.size(); i++) {
            AskedLine line = request.lines().get(i);
            String token = request.tokens() && results.get(i) instanceof PricedLine priced
                    ? tokens.sign(line, priced, request.customer(), book)
                    : null;
            lines.add(answers.of(line, results.get(i), token));
        }
        return new PricesAnswer(
                book.revision(), moment(at.toInstant()), book.shop().currency(), request.customer(), lines);
    }

    /** As answers say it. */
    static Instant moment(Instant at) {
        return at.truncatedTo(ChronoUnit.MILLIS);
    }

    private static List<LineResult> results(
            PricesRequest request, BookInForce book, Customer customer, ZonedDateTime at) {
        List<OrderLine> lines = request.lines().stream().map(AskedLine::line).toList();
        List<LineResult> results = new ArrayList<>(lines.size());
        if (request.together()) {
            results.addAll(priced(lines, request, book, customer, at));
        } else {
            lines.forEach(line -> results.addAll(priced(List.of(line), request, book, customer, at)));
        }
        for (int i = 0; i < results.size(); i++) {
            LineResult refused = request.lines().get(i).refused();
            if (refused != null) {
                results.set(i, refused);
            }
        }
        return results;
    }

    private static List<LineResult> priced(
            List<OrderLine> lines, PricesRequest request, BookInForce book, Customer customer, ZonedDateTime at) {
        return request.reckoning()
                ? book.book().explain(lines, customer, at)
                : book.book().price(lines, customer, at);
    }
}
