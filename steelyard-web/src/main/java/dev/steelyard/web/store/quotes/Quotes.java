package dev.steelyard.web.store.quotes;

import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.orders.OrderFreezer;
import dev.steelyard.web.store.keys.KeyText;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.web.store.prices.BasketAnswer;
import dev.steelyard.web.store.prices.BasketPrices;
import dev.steelyard.web.store.prices.FrozenBaskets;
import dev.steelyard.web.store.signing.Signed;
import dev.steelyard.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps prices that were promised, frozen as an order would be, so that what was shown is what is charged. */
@Service
public class Quotes {

    private static final Duration KEPT_AFTER = Duration.ofDays(90);

    private final BasketPrices prices;
    private final FrozenBaskets frozen;
    private final Signed signed;
    private final JdbcTemplate sql;
    private final JsonMapper mapper;
    private final Clock clock;

    Quotes(BasketPrices prices, FrozenBaskets frozen, Signed signed, JdbcTemplate sql, JsonMapper mapper, Clock clock) {
        this.prices = prices;
        this.frozen = frozen;
        this.signed = signed;
        this.sql = sql;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** @throws ProblemFound that says by its places why the basket cannot be sold */
    @Transactional(propagation = Propagation.MANDATORY)
    public QuoteAnswer make(QuoteRequest request, BasketPrices.Priced priced, StoreKey key, Words words) {
        sellable(priced, words);
        String id = KeyText.random("q_");
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        Instant until = now.plus(request.validFor());
        BasketAnswer basket = prices.answer(priced, words);
        NewOrder order = frozen.freeze(
                id,
                new OrderFreezer.Who(
                        "", "", Objects.requireNonNullElse(request.basket().payment(), ""), ""),
                priced,
                words);
        String token = signed.sign(Signed.Kind.QUOTE, id, until, claims(basket));
        sql.update(
                "insert into quote (id, key_name, made_at, valid_until, frozen, answer, token) values (?, ?, ?, ?, ?, ?, ?)",
                id,
                key.called(),
                UtcColumns.utc(now),
                UtcColumns.utc(until),
                mapper.writeValueAsString(order),
                mapper.writeValueAsString(basket),
                token);
        return new QuoteAnswer(id, until, true, null, token, basket);
    }

    /** @throws ProblemFound that says by its places why a basket cannot be sold, where it cannot */
    public static void sellable(BasketPrices.Priced priced, Words words) {
        List<FormatIssue> issues = new ArrayList<>();
        for (int i = 0; i < priced.basket().lines().size(); i++) {
            LineResult line = priced.basket().lines().get(i);
            if (line instanceof RefusedLine refused) {
                String place = "/lines/" + i;
                refused.faults()
                        .forEach(fault -> issues.add(
                                FormatIssue.at(place, fault.place().code() + ": " + words.say(fault.what()))));
            }
        }
        if (priced.basket().fault() != null && issues.isEmpty()) {
            issues.add(FormatIssue.at("", words.say(priced.basket().fault().what())));
        }
        if (!issues.isEmpty()) {
            throw new ProblemFound(
                    Problem.NOT_SELLABLE,
                    issues.get(0).at() + ": " + issues.get(0).message(),
                    issues);
        }
    }

    private static Map<String, Object> claims(BasketAnswer basket) {
        Map<String, Object> claims = new LinkedHashMap<>();
        claims.put("currency", basket.currency());
        claims.put("revision", basket.revision());
        claims.put("total", basket.total());
        claims.put("toPay", basket.toPay());
        claims.put(
                "lines",
                basket.lines().stream()
                        .map(line -> {
                            Map<String, Object> one = new LinkedHashMap<>();
                            one.put("sku", line.sku());
                            one.put("quantity", line.quantity());
                            one.put("line", line.line());
                            one.put("left", line.left());
                            return one;
                        })
                        .toList());
        return claims;
    }

    /** A quote as it stands; none where there is none of that id. */
    @Transactional(readOnly = true)
    public Optional<QuoteAnswer> find(String id) {
        return sql
                .query(
                        "select id, valid_until, order_name, token, answer from quote where id = ?",
                        (row, n) -> {
                            Instant until = UtcColumns.in(row, 2);
                            String order = row.getString(3);
                            return new QuoteAnswer(
                                    row.getString(1),
                                    until,
                                    order == null && clock.instant().isBefore(until),
                                    order,
                                    row.getString(4),
                                    mapper.readValue(row.getString(5), BasketAnswer.class));
                        },
                        id)
                .stream()
                .findFirst();
    }

    /**
     * What a quote came to, its row held until the transaction ends.
     *
     * @param order that was placed by it already; none where none was
     */
    public record Held(NewOrder frozen, Instant validUntil, @Nullable String order) {}

    @Transactional(propagation = Propagation.MANDATORY)
    public Optional<Held> hold(String id) {
        return sql
                .query(
                        "select frozen, valid_until, order_name from quote where id = ? for update",
                        (row, n) -> new Held(
                                mapper.readValue(row.getString(1), NewOrder.class),
                                UtcColumns.in(row, 2),
                                row.getString(3)),
                        id)
                .stream()
                .findFirst();
    }

    /** Notes the order that was placed by a quote, which is used up by it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void use(String id, String order) {
        sql.update("update quote set order_name = ? where id = ?", order, id);
    }

    /** Forgets quotes that ended long ago. */
    @Scheduled(fixedDelayString = "1h")
    void forget() {
        sql.update(
                "delete from quote where valid_until < ?",
                UtcColumns.utc(clock.instant().minus(KEPT_AFTER)));
    }
}
