package dev.steelyard.web.goods;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * All goods that are sold, by name. Held with the revision they were read at: later only what changed since is read, so
 * that one changed price among 100,000 goods costs as little as among ten.
 */
@Component
public class SoldGoods {

    private static final Comparator<SoldProduct> BY_NAME =
            Comparator.comparing(SoldProduct::key).thenComparing(SoldProduct::id);

    private final GoodsReader reader;
    private final JdbcTemplate sql;
    private @Nullable Held held;

    SoldGoods(GoodsReader reader, JdbcTemplate sql) {
        this.reader = reader;
        this.sql = sql;
    }

    private record Held(long revision, List<SoldProduct> goods) {}

    /**
     * The goods as the caller's transaction sees them.
     *
     * @param revision of prices in that transaction
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public synchronized List<SoldProduct> at(long revision) {
        Held now = held;
        if (now != null && now.revision() == revision) {
            return now.goods();
        }
        if (now != null && now.revision() > revision) {
            return all(); // another transaction was ahead of this one; what it found stays held
        }
        List<SoldProduct> goods = now == null ? null : renewed(now);
        if (goods == null) {
            goods = all();
        }
        held = new Held(revision, goods);
        return goods;
    }

    private List<SoldProduct> all() {
        return sorted(reader.sold().stream().map(SoldProduct::of).toList());
    }

    /** None where they are not what the database has: then rows were changed without regard to revisions. */
    private @Nullable List<SoldProduct> renewed(Held now) {
        List<GoodsReader.Read> changed = reader.changedAfter(now.revision());
        Set<Long> ids = new HashSet<>();
        changed.forEach(read -> ids.add(read.id()));
        List<SoldProduct> goods = new ArrayList<>(now.goods().size() + ids.size());
        for (SoldProduct one : now.goods()) {
            if (!ids.contains(one.id())) {
                goods.add(one);
            }
        }
        changed.stream()
                .filter(read -> read.removedAt() == null)
                .map(SoldProduct::of)
                .forEach(goods::add);
        return isWhatIsStored(goods) ? sorted(goods) : null;
    }

    private boolean isWhatIsStored(List<SoldProduct> goods) {
        Map<String, Object> stored = sql.queryForMap(
                "select count(*) as n, coalesce(sum(id), 0) as s from product where removed_at is null");
        return ((Number) stored.get("n")).longValue() == goods.size()
                && ((Number) stored.get("s")).longValue()
                        == goods.stream().mapToLong(SoldProduct::id).sum();
    }

    private static List<SoldProduct> sorted(List<SoldProduct> goods) {
        return goods.stream().sorted(BY_NAME).toList();
    }
}
