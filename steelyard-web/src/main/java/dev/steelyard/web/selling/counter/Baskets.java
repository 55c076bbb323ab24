package dev.steelyard.web.selling.counter;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.codes.Codes;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.selling.payment.PaymentWays;
import dev.steelyard.web.selling.shown.TypedAnswers;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import jakarta.persistence.TypedQuery;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps baskets, each under a token that only its shopper's browser knows. */
@Service
public class Baskets {

    private static final int MOST_CODES = 10;
    private static final int MOST_WRONG_CODES = 10;
    private static final Duration CODES_COUNT_FOR = Duration.ofHours(1);

    private final PaymentWays ways;
    private final EntityManager entities;
    private final Shops shops;
    private final JsonMapper mapper;
    private final Codes lists;
    private final TransactionTemplate reading;
    private final Clock clock;

    Baskets(
            EntityManager entities,
            Shops shops,
            JsonMapper mapper,
            Codes lists,
            PlatformTransactionManager transactions,
            Clock clock,
            PaymentWays ways) {
        this.ways = ways;
        this.lists = lists;
        this.entities = entities;
        this.shops = shops;
        this.mapper = mapper;
        this.reading = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** The shopper of a token; a guest with an empty basket for none or an unknown one. */
    public Shopper shopper(@Nullable String token, BookInForce book) {
        ZonedDateTime now = ZonedDateTime.now(clock.withZone(book.shop().zone()));
        String home = book.shop().homeCountry();
        Shopper guest = Shopper.guest(home, now);
        Shopper found = token == null
                ? null
                : reading.execute(status -> find(token)
                        .map(basket -> shopper(basket, book.shop(), now))
                        .orElse(null));
        return found == null ? guest : found;
    }

    private Shopper shopper(ShopperBasket basket, Shop shop, ZonedDateTime now) {
        boolean another = shop.beAnother() || basket.byStaff();
        CustomerGroup group = another ? basket.group() : null;
        LocalDate day = another ? basket.day() : null;
        LocalTime time = another ? basket.atTime() : null;
        return new Shopper(
                basket.id(),
                group == null ? null : group.name(),
                group != null,
                basket.country(),
                shop.homeCountry(),
                basket.ordersPlaced() == 0,
                ways.picked(
                        basket.payment(),
                        basket.country() == null ? shop.homeCountry() : basket.country(),
                        group == null ? null : group.name(),
                        shop.revision()),
                codes(basket),
                lists.standing(codes(basket), null),
                day == null && time == null ? now : at(day, time, now),
                day == null && time == null,
                basket.lines().stream()
                        .map(line -> new Shopper.Picked(
                                line.id(),
                                line.sku(),
                                line.name(),
                                line.quantity(),
                                LineContent.answers(line, mapper),
                                LineContent.variants(line, mapper),
                                line.seen()))
                        .toList(),
                ShopperWords.now());
    }

    private static ZonedDateTime at(@Nullable LocalDate day, @Nullable LocalTime time, ZonedDateTime now) {
        return (day == null ? now.toLocalDate() : day)
                .atTime(time == null ? LocalTime.NOON : time)
                .atZone(now.getZone());
    }

    /** Adds pieces to the basket; with those of the same SKU and the same answers already there they make one line. */
    @Transactional
    void add(String token, String sku, String name, int quantity, TypedAnswers answers, List<String> variants) {
        ShopperBasket basket = findOrMake(token);
        LineContent what = LineContent.of(sku, answers, variants, mapper);
        Optional<BasketLine> there = basket.line(what);
        if (there.isPresent()) {
            there.get().setQuantity(Math.min(Quantity.MOST, there.get().quantity() + quantity));
        } else {
            basket.put(sku, name, quantity, what);
        }
    }

    /** Changes how many pieces a line has; nothing where there is no such line. */
    @Transactional
    void setQuantity(String token, long lineId, int quantity) {
        findOrMake(token).line(lineId).ifPresent(line -> line.setQuantity(quantity));
    }

    /** Keeps what lines cost by themselves now, by their ids. */
    @Transactional
    void saw(String token, Map<Long, String> prices) {
        held(token)
                .ifPresent(basket -> prices.forEach(
                        (line, price) -> basket.line(line.longValue()).ifPresent(there -> there.setSeen(price))));
    }

    @Transactional
    void takeOut(String token, long lineId) {
        findOrMake(token).takeOut(lineId);
    }

    /**
     * Lets the shopper be of another group (none: a guest), on another day (none, or today's: whichever day it is) or at
     * another time of day, with
     * the goods going to another country (none: it was not said).
     *
     * @param byStaff whether somebody of the shop says so; else it counts only as long as the shop lets everybody
     */
    @Transactional
    void be(
            String token,
            @Nullable String groupName,
            @Nullable LocalDate day,
            @Nullable LocalTime time,
            @Nullable String country,
            boolean byStaff) {
        CustomerGroup group = shops.groups().stream()
                .filter(known -> known.name().equals(groupName))
                .findFirst()
                .orElse(null);
        findOrMake(token).be(group, shops.today().equals(day) ? null : day, time, country, byStaff);
    }

    private List<String> codes(ShopperBasket basket) {
        return mapper.readValue(basket.codes(), new TypeReference<List<String>>() {});
    }

    /** Sends the goods to a country (none: home) and has them paid in a way; what is not said stays. */
    @Transactional
    public void choose(String token, @Nullable String country, @Nullable PaymentMethod payment) {
        ShopperBasket basket = findOrMake(token);
        basket.sendTo(country);
        if (payment != null) {
            basket.payBy(payment.label());
        }
    }

    /** Whether there is a basket of a token. */
    @Transactional(readOnly = true)
    boolean knows(String token) {
        return find(token).isPresent();
    }

    /** The basket of a token; none where there is none. */
    @Transactional(readOnly = true)
    public Optional<Long> id(@Nullable String token) {
        return find(token).map(ShopperBasket::id);
    }

    /**
     * Says how what is in a basket is to be paid, and holds the basket until the caller's transaction ends: nobody changes
     * or orders it meanwhile.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(@Nullable String token, PaymentMethod payment) {
        held(token).ifPresent(basket -> {
            if (!payment.label().equals(basket.payment())) {
                basket.payBy(payment.label());
            }
        });
    }

    /**
     * Takes a code, or counts a wrong one. Somebody who guesses is let try {@value #MOST_WRONG_CODES} in an hour.
     *
     * @param known whether some deal asks for it
     */
    @Transactional
    CodeAnswer enter(String token, String typed, boolean known) {
        ShopperBasket basket = findOrMake(token);
        Instant now = clock.instant();
        Instant since = basket.wrongCodesSince();
        boolean counting = since != null && since.plus(CODES_COUNT_FOR).isAfter(now);
        if (counting && basket.wrongCodes() >= MOST_WRONG_CODES) {
            return new CodeAnswer.TooMany(since.plus(CODES_COUNT_FOR));
        }
        if (!known) {
            basket.countWrongCodes(counting ? basket.wrongCodes() + 1 : 1, counting ? since : now);
            return new CodeAnswer.Unknown(typed);
        }
        String code = Conditions.normal(typed);
        List<String> codes = new ArrayList<>(codes(basket));
        if (codes.contains(code)) {
            return new CodeAnswer.Taken(code);
        }
        if (codes.size() >= MOST_CODES) {
            return new CodeAnswer.Full(MOST_CODES);
        }
        codes.add(code);
        basket.setCodes(mapper.writeValueAsString(codes));
        return new CodeAnswer.Taken(code);
    }

    /** Takes a code out again. */
    @Transactional
    void takeCodeOut(String token, String code) {
        ShopperBasket basket = findOrMake(token);
        List<String> codes = new ArrayList<>(codes(basket));
        codes.remove(Conditions.normal(code));
        basket.setCodes(mapper.writeValueAsString(codes));
    }

    /** Empties a basket whose goods have been ordered. */
    @Transactional
    public void empty(long basketId) {
        ShopperBasket basket = entities.find(ShopperBasket.class, basketId, LockModeType.PESSIMISTIC_WRITE);
        if (basket != null) {
            basket.ordered();
        }
    }

    private Optional<ShopperBasket> find(@Nullable String token) {
        return token == null
                ? Optional.empty()
                : byToken(token).getResultStream().findFirst();
    }

    /** The same for whoever changes it: the row is waited for before anything of it is read, so that nothing is stale. */
    private Optional<ShopperBasket> held(@Nullable String token) {
        return token == null
                ? Optional.empty()
                : byToken(token)
                        .setLockMode(LockModeType.PESSIMISTIC_WRITE)
                        .getResultStream()
                        .findFirst();
    }

    private TypedQuery<ShopperBasket> byToken(String token) {
        return entities.createQuery("select b from ShopperBasket b where b.token = :token", ShopperBasket.class)
                .setParameter("token", token);
    }

    private ShopperBasket findOrMake(String token) {
        ShopperBasket basket = held(token).orElseGet(() -> {
            ShopperBasket made = new ShopperBasket(token);
            entities.persist(made);
            return made;
        });
        basket.touched(clock.instant());
        return basket;
    }
}
