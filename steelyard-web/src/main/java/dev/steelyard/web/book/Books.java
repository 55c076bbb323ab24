package dev.steelyard.web.book;

import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.web.goods.Assortment;
import dev.steelyard.web.goods.Categories;
import dev.steelyard.web.goods.ShopMargins;
import dev.steelyard.web.goods.SoldGoods;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.Taxes;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Holds the price book in force. A new one is made from one consistent reading of the database, shares with the last what did not
 * change, and is swapped in at once, so a price never mixes two revisions.
 */
@Service
public class Books {

    private static final Logger log = LoggerFactory.getLogger(Books.class);

    private final SoldGoods goods;
    private final Shops shops;
    private final CardsInForce cards;
    private final DealsInForce deals;
    private final Taxes taxes;
    private final Categories categories;
    private final ShopMargins margins;
    private final TransactionTemplate reading;
    private volatile @Nullable BookInForce held;
    private volatile long madeInNanos;
    private volatile long lookedAt = System.nanoTime();

    Books(
            SoldGoods goods,
            Shops shops,
            CardsInForce cards,
            DealsInForce deals,
            Taxes taxes,
            Categories categories,
            ShopMargins margins,
            TransactionTemplate template) {
        this.goods = goods;
        this.shops = shops;
        this.cards = cards;
        this.deals = deals;
        this.taxes = taxes;
        this.categories = categories;
        this.margins = margins;
        this.reading = new TransactionTemplate(Objects.requireNonNull(template.getTransactionManager()));
        this.reading.setReadOnly(true);
        this.reading.setIsolationLevel(Isolation.REPEATABLE_READ.value());
    }

    /** The book shoppers see prices from, never waited for but by the first: at most a moment behind the database. */
    public BookInForce inForce() {
        BookInForce now = held;
        return now != null ? now : refresh();
    }

    /** The book that is held, without asking the database; none before the first was made. */
    public @Nullable BookInForce held() {
        return held;
    }

    /** Looks whether prices have changed and holds the newest book; called once prices have been saved here. */
    public synchronized BookInForce refresh() {
        BookInForce now = held;
        boolean stale = now == null || shops.revision() != now.revision();
        lookedAt = System.nanoTime();
        if (stale) {
            long start = System.nanoTime();
            now = Objects.requireNonNull(reading.execute(status -> build()));
            held = now;
            madeInNanos = System.nanoTime() - start;
            log.debug("Prices of revision {} are in force, made in {} ms", now.revision(), madeInNanos / 1_000_000);
        }
        return now;
    }

    /** How long the book that is held took to be made. */
    long madeInNanos() {
        return madeInNanos;
    }

    /** When it was last looked whether the book is the newest, by {@link System#nanoTime}. */
    long lookedAt() {
        return lookedAt;
    }

    /**
     * The newest book, within the caller's transaction, which must not have read anything yet; nobody publishes until that
     * ends. Where it must be made, one makes it and all who wait share it. For checkouts.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public BookInForce newestHeld() {
        long revision = shops.revisionHeld();
        BookInForce now = held;
        if (now != null && now.revision() == revision) {
            return now;
        }
        synchronized (this) {
            now = held;
            if (now == null || now.revision() != revision) {
                now = build();
                held = now;
            }
            return now;
        }
    }

    /**
     * The same goods with the cards and deals that counted at any time since a moment, in the caller's transaction: right for
     * a moment since which nothing but those has changed.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public BookInForce since(BookInForce now, Instant moment) {
        List<CardInForce> counted = cards.since(now.shop(), moment);
        List<DealInForce> dealt = deals.since(now.shop(), moment);
        PriceBook book = now.book()
                .next(
                        now.shop().rules(),
                        counted.stream().map(CardInForce::card).toList(),
                        dealt.stream().map(DealInForce::deal).toList(),
                        now.book().tax(),
                        new SharedList.Change<>(List.of(), List.of()));
        return new BookInForce(
                now.shop(), now.assortment(), counted, dealt, now.margins(), now.groups(), now.categories(), book);
    }

    private BookInForce build() {
        Shop shop = shops.current();
        Assortment sold = goods.at(shop.revision());
        List<CardInForce> live = cards.of(shop);
        List<PreparedCard> order = live.stream().map(CardInForce::card).toList();
        List<DealInForce> dealt = deals.of(shop);
        List<Deal> inOrder = dealt.stream().map(DealInForce::deal).toList();
        TaxRules tax = taxes.current();
        BookInForce before = held;
        PriceBook book = before == null
                ? PriceBook.of(
                        shop.rules(), order, inOrder, tax, sold.directory().all())
                : before.book()
                        .next(
                                shop.rules(),
                                order,
                                inOrder,
                                tax,
                                before.goods().to(sold.directory().all()));
        return new BookInForce(
                shop,
                sold,
                live,
                dealt,
                margins.of(shop),
                shops.groups().stream().map(CustomerGroup::name).toList(),
                categories.told(),
                book);
    }

    /** Prices may be changed by another node on the same database. */
    @Scheduled(fixedDelayString = "2s")
    void follow() {
        if (held == null) {
            return;
        }
        try {
            refresh();
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Prices could not be looked up; those in force stay: {}", away.getMessage());
        }
    }
}
