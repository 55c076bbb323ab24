package dev.steelyard.web.goods.past;

import dev.steelyard.core.card.Variant;
import dev.steelyard.web.goods.PriceStates;
import dev.steelyard.web.goods.SoldProduct;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What shelf prices were before, as history tells. */
@Component
public class PastShelfPrices {

    private final PriceEvents events;
    private final JdbcTemplate sql;

    PastShelfPrices(PriceEvents events, JdbcTemplate sql) {
        this.events = events;
        this.sql = sql;
    }

    /** A price since a moment; {@link Instant#EPOCH} for since ever. */
    public record Step(BigDecimal price, Instant since) {}

    /** Those of some goods whose prices were ever changed. */
    public List<SoldProduct> changed(Collection<SoldProduct> goods) {
        Set<Long> changed = new HashSet<>(
                sql.queryForList("select distinct subject_id from change_entry where subject = 'PRICES'", Long.class));
        changed.addAll(sql.queryForList(
                "select distinct r.product_id from price_batch_row r join price_batch b on b.id = r.batch_id"
                        + " where b.applied_at is not null and r.product_id is not null",
                Long.class));
        return goods.stream().filter(one -> changed.contains(one.id())).toList();
    }

    /** The shelf prices of a product or variant, the latest first; none where they were never changed. */
    public List<Step> of(long product, @Nullable Variant variant) {
        String name = (variant == null ? "" : PriceStates.lead(variant.name())) + PriceStates.SHELF_PRICE;
        List<Step> steps = new ArrayList<>();
        @Nullable String earlier = null;
        for (PriceEvent event : events.of(product)) {
            String after = event.after().get(name);
            String before = event.before().get(name);
            if (after != null && before != null) {
                steps.add(new Step(new BigDecimal(after), event.at()));
                earlier = before;
            }
        }
        if (earlier != null) {
            steps.add(new Step(new BigDecimal(earlier), Instant.EPOCH));
        }
        return steps;
    }
}
