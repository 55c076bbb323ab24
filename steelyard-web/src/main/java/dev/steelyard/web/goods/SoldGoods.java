package dev.steelyard.web.goods;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * All goods that are sold, by name. Held with the revision they were read at: later only what changed since is read and the rest
 * shared, so that one changed price among a million goods costs as little as among ten.
 */
@Component
public class SoldGoods {

    /** Counting many anew takes longer than a change should; those are counted now and then. */
    private static final int FEW = 20_000;

    private static final long COUNTED_NANOS = 600_000_000_000L;

    private final GoodsReader reader;
    private final AllSold everything;
    private final JdbcTemplate sql;
    private @Nullable Held held;
    private long countedAt = System.nanoTime();

    SoldGoods(GoodsReader reader, AllSold everything, JdbcTemplate sql) {
        this.reader = reader;
        this.everything = everything;
        this.sql = sql;
    }

    private record Held(long revision, Assortment sold) {}

    /**
     * The goods as the caller's transaction sees them.
     *
     * @param revision of prices in that transaction
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public synchronized Assortment at(long revision) {
        Held now = held;
        if (now != null && now.revision() == revision) {
            return now.sold();
        }
        if (now != null && now.revision() > revision) {
            return Assortment.of(
                    everything.alone()); // another transaction was ahead of this one; what it found stays held
        }
        Assortment sold = now == null ? Assortment.of(everything.at(revision)) : renewed(now);
        if (sold == null) {
            sold = Assortment.of(everything.alone());
        }
        held = new Held(revision, sold);
        return sold;
    }

    /** None where they are not what the database has: then rows were changed without regard to revisions. */
    private @Nullable Assortment renewed(Held now) {
        Map<Long, @Nullable SoldProduct> changed = new HashMap<>();
        for (GoodsReader.Read read : reader.changedAfter(now.revision())) {
            changed.put(read.id(), read.removedAt() == null ? SoldProduct.of(read) : null);
        }
        Assortment sold = now.sold().after(changed);
        return isWhatIsStored(sold) ? sold : null;
    }

    private boolean isWhatIsStored(Assortment sold) {
        if (sold.goods().size() > FEW && System.nanoTime() - countedAt < COUNTED_NANOS) {
            return true;
        }
        Map<String, Object> stored = sql.queryForMap(
                "select count(*) as n, coalesce(sum(id), 0) as s from product where removed_at is null");
        countedAt = System.nanoTime();
        return ((Number) stored.get("n")).longValue() == sold.goods().size()
                && ((Number) stored.get("s")).longValue()
                        == sold.goods().stream().mapToLong(SoldProduct::id).sum();
    }
}
