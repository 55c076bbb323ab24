package dev.steelyard.web.sold.lines;

import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;

/**
 * Holds what was sold, and follows as orders come, on whichever node. An order whose transaction took long comes into sight
 * later than orders that were kept after it, so the last minutes are looked through again each time.
 */
@Service
public class Sales {

    private static final Logger log = LoggerFactory.getLogger(Sales.class);
    private static final Duration LONGEST = Duration.ofMinutes(5);

    private final SoldRows rows;
    private final Shops shops;
    private @Nullable SoldLines held;
    private @Nullable Instant seenUntil;
    private Set<Long> seenLately = new HashSet<>();

    Sales(SoldRows rows, Shops shops) {
        this.rows = rows;
        this.shops = shops;
    }

    /** What was sold until now. The first who asks waits until all of it is read. */
    public Sold sold() {
        Shop shop = shops.current();
        return new Sold(look(shop), shop);
    }

    /** Where orders are looked for unless it is said, as the shop has it. */
    public static Which.Where where(Shop shop) {
        return shop.habits().allOrders() ? Which.Where.ANYWHERE : Which.Where.STORE;
    }

    /** Reads all of it anew when it is next asked for. */
    public synchronized void forget() {
        held = null;
    }

    private synchronized SoldLines look(Shop shop) {
        SoldLines lines = held;
        if (lines == null || !lines.isOf(shop.zone(), shop.minorDigits())) {
            lines = new SoldLines(shop.zone(), shop.minorDigits());
            seenUntil = null;
            seenLately = new HashSet<>();
        }
        List<SoldRows.Kept> kept = rows.since(seenUntil == null ? null : seenUntil.minus(LONGEST));
        Set<Long> come = new HashSet<>();
        Instant last = seenUntil;
        for (SoldRows.Kept one : kept) {
            last = last == null || one.at().isAfter(last) ? one.at() : last;
            if (!seenLately.contains(one.order())) {
                come.add(one.order());
            }
        }
        held = null; // where the reading breaks off, some lines are in already: all is read anew
        rows.read(shop.currency(), come, lines::add);
        Instant still = last == null ? Instant.EPOCH : last.minus(LONGEST);
        Set<Long> lately = new HashSet<>();
        kept.stream().filter(one -> !one.at().isBefore(still)).forEach(one -> lately.add(one.order()));
        seenLately = lately;
        seenUntil = last;
        held = lines;
        return lines;
    }

    @Scheduled(fixedDelayString = "5s", initialDelayString = "20s")
    void follow() {
        if (isHeld()) {
            try {
                look(shops.current());
            } catch (DataAccessException | CannotCreateTransactionException away) {
                log.warn("What was sold could not be looked up; it is looked up again: {}", away.getMessage());
            }
        }
    }

    private synchronized boolean isHeld() {
        return held != null;
    }
}
