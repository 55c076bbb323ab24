package dev.steelyard.web.book;

import dev.steelyard.core.card.Product;
import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.ToldUntil;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Collections;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Raises the revision of prices where they change by themselves, as where hours, a planned version or a dated price begin or end:
 * so stores, and pages that were kept, are told as of any other change. Of several nodes the first does it. What turned while
 * nothing ran is told once something runs again.
 */
@Component
class Turning {

    private static final Logger log = LoggerFactory.getLogger(Turning.class);

    /** Where more goods turn at once, anything may have changed. */
    private static final int MOST_NAMED = 1_000;

    private final Books books;
    private final Shops shops;
    private final ChangedGoods changed;
    private final ToldUntil until;
    private final TransactionTemplate transaction;
    private final Clock clock;

    /** Up to when this node has looked; what another has for news since is told by whoever changed it. */
    private @Nullable Instant looked;

    Turning(
            Books books,
            Shops shops,
            ChangedGoods changed,
            ToldUntil until,
            TransactionTemplate transaction,
            Clock clock) {
        this.books = books;
        this.shops = shops;
        this.changed = changed;
        this.until = until;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "1s", initialDelayString = "5s")
    void look() {
        BookInForce book = books.held();
        if (book == null) {
            return;
        }
        try {
            Instant now = clock.instant();
            Instant after = looked == null ? until.moment() : looked;
            if (turned(book, after, now).isEmpty() || tell(book, after, now)) {
                looked = now;
            }
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Prices that changed by themselves could not be told yet: {}", away.getMessage());
        }
    }

    private static Set<Product> turned(BookInForce book, Instant after, Instant now) {
        ZoneId zone = book.shop().zone();
        return after.isBefore(now) ? new Transitions(book).turned(after.atZone(zone), now.atZone(zone)) : Set.of();
    }

    /** @return whether it is told; not where there are newer prices, by which it is looked at again */
    private boolean tell(BookInForce book, Instant after, Instant now) {
        boolean told = Boolean.TRUE.equals(transaction.execute(status -> {
            shops.hold();
            if (shops.revision() != book.revision()) {
                return false;
            }
            Instant byOthers = until.moment();
            Set<Product> goods = turned(book, byOthers.isAfter(after) ? byOthers : after, now);
            if (!goods.isEmpty()) {
                raise(goods);
                until.set(now);
            }
            return true;
        }));
        books.refresh();
        return told;
    }

    private void raise(Set<Product> goods) {
        if (goods.size() > MOST_NAMED) {
            shops.raiseRevision();
        } else {
            changed.seen(
                    "p.sku in (" + String.join(",", Collections.nCopies(goods.size(), "?")) + ")",
                    goods.stream().map(product -> product.sku().value()).toArray());
        }
    }
}
