package dev.steelyard.web.shop;

import dev.steelyard.web.base.database.Cluster;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The shop's settings, groups and calendar day. */
@Service
public class Shops {

    private final EntityManager entities;
    private final Cluster cluster;
    private final Outbox outbox;
    private final Clock clock;

    Shops(EntityManager entities, Outbox outbox, Cluster cluster, Clock clock) {
        this.cluster = cluster;
        this.entities = entities;
        this.outbox = outbox;
        this.clock = clock;
    }

    /** The settings as they stand. */
    @Transactional(readOnly = true)
    public Shop current() {
        return Shop.of(entities.find(StoredShop.class, StoredShop.ONLY));
    }

    /** Whether the shop has been set up. */
    @Transactional(readOnly = true)
    public boolean exists() {
        return entities.find(StoredShop.class, StoredShop.ONLY) != null;
    }

    /** Whether somebody has said what shop it is. */
    @Transactional(readOnly = true)
    public boolean begun() {
        StoredShop shop = entities.find(StoredShop.class, StoredShop.ONLY);
        return shop != null && shop.begun();
    }

    /** Says that somebody has said so, in their transaction. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void begin() {
        entities.find(StoredShop.class, StoredShop.ONLY).begin();
    }

    /**
     * Sets what money and days are in, in the transaction that keeps it.
     *
     * @param decimals of prices for each piece
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void place(Currency currency, ZoneId zone, int decimals) {
        entities.find(StoredShop.class, StoredShop.ONLY).setPlace(currency.getCurrencyCode(), zone.getId(), decimals);
    }

    /** The revision of prices now stored. */
    @Transactional(readOnly = true)
    public long revision() {
        return entities.createQuery("select s.revision from StoredShop s", Long.class)
                .getSingleResultOrNull();
    }

    /**
     * The revision of prices now stored, held until the caller's transaction ends: nobody publishes prices meanwhile. To be
     * asked before anything else in that transaction, since what is read first decides what all of it sees.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public long revisionHeld() {
        if (cluster.isOne()) { // written, so that the commit fails where another member has new prices
            entities.createNativeQuery("update shop set held = held + 1").executeUpdate();
        }
        Object revision = entities.createNativeQuery("select revision from shop lock in share mode")
                .getSingleResult();
        return ((Number) revision).longValue();
    }

    /**
     * Holds the shop for whoever is about to change what prices depend on, until the caller's transaction ends. The first
     * lock of such a transaction: shop, then goods, cards and deals, then checkouts, then baskets. So nobody waits for one
     * who waits for them, and whatever is read afterwards is as the one before left it.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold() {
        entities.createNativeQuery("select revision from shop for update").getSingleResult();
    }

    /** Says that prices have changed, of whatever goods, in the transaction that changes them. */
    @Transactional
    public void raiseRevision() {
        raise(false);
    }

    /** The same where only those goods have changed that carry the new revision. */
    @Transactional
    public void raiseRevisionOfGoods() {
        raise(true);
    }

    private void raise(boolean goods) {
        entities.createNativeQuery("update shop set revision = revision + 1").executeUpdate();
        long revision = ((Number)
                        entities.createNativeQuery("select revision from shop").getSingleResult())
                .longValue();
        entities.createNativeQuery(
                        "insert ignore into price_change (revision, goods, made_at) values (?, ?, utc_timestamp(6))")
                .setParameter(1, revision)
                .setParameter(2, goods)
                .executeUpdate();
        outbox.put("prices.changed", Map.of("revision", revision));
    }

    /** Says whether whoever is at the counter may be another customer, in the transaction that keeps it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void letBeAnother(boolean may) {
        entities.find(StoredShop.class, StoredShop.ONLY).setBeAnother(may);
    }

    /** Says how the shop works, in the transaction that keeps it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(ShopHabits habits) {
        entities.find(StoredShop.class, StoredShop.ONLY).set(habits);
    }

    /** Sets what holds for the whole shop, in the transaction that keeps it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(String name, Bounds bounds, Invoicing invoicing) {
        entities.find(StoredShop.class, StoredShop.ONLY).set(name, bounds, invoicing);
    }

    /** All customer groups by name. */
    @Transactional(readOnly = true)
    public List<CustomerGroup> groups() {
        return entities.createQuery("select g from CustomerGroup g order by g.name", CustomerGroup.class)
                .getResultList();
    }

    /** The moment it is. */
    public Instant instant() {
        return clock.instant();
    }

    /** The calendar day in the shop's time zone. */
    public LocalDate today() {
        return now().toLocalDate();
    }

    /** The time in the shop's time zone. */
    public ZonedDateTime now() {
        return ZonedDateTime.now(clock.withZone(current().zone()));
    }
}
