package dev.steelyard.web.shop;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's settings, groups and calendar day. */
@Service
public class Shops {

    private final EntityManager entities;
    private final Clock clock;

    Shops(EntityManager entities, Clock clock) {
        this.entities = entities;
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

    /** The revision of prices now stored. */
    @Transactional(readOnly = true)
    public long revision() {
        return entities.createQuery("select s.revision from StoredShop s", Long.class)
                .getSingleResultOrNull();
    }

    /**
     * The revision of prices now stored, held until the caller's transaction ends: nobody publishes prices meanwhile.
     */
    @Transactional
    public long revisionHeld() {
        Object revision = entities.createNativeQuery("select revision from shop lock in share mode")
                .getSingleResult();
        return ((Number) revision).longValue();
    }

    /** Says that prices have changed, in the transaction that changes them. */
    @Transactional
    public void raiseRevision() {
        entities.createNativeQuery("update shop set revision = revision + 1").executeUpdate();
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
