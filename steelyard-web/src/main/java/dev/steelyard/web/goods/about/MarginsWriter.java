package dev.steelyard.web.goods.about;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.KeptMargins;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Writes smallest margins, with what they were in History. */
@Component
class MarginsWriter {

    private final JdbcTemplate sql;
    private final KeptMargins kept;
    private final GoodsStore goods;
    private final Shops shops;
    private final Changes changes;

    MarginsWriter(JdbcTemplate sql, KeptMargins kept, GoodsStore goods, Shops shops, Changes changes) {
        this.sql = sql;
        this.kept = kept;
        this.goods = goods;
        this.shops = shops;
        this.changes = changes;
    }

    /** @param percents by {@code c.} and a category's number, or {@code p.} and a SKU; none takes one away */
    @Transactional
    public void put(Map<String, BigDecimal> percents, String by) {
        shops.hold();
        Map<String, String> before = state();
        percents.forEach((field, percent) -> {
            boolean category = field.startsWith("c.");
            String key = field.substring(2);
            Long id = category
                    ? Long.valueOf(key)
                    : goods.ids(List.of(key)).values().stream().findFirst().orElse(null);
            if (id != null) {
                String kind = category ? "CATEGORY" : "PRODUCT";
                sql.update("delete from margin_kept where kind = ? and subject_id = ?", kind, id);
                if (percent != null) {
                    sql.update(
                            "insert into margin_kept (kind, subject_id, percent) values (?, ?, ?)", kind, id, percent);
                }
            }
        });
        Map<String, String> after = state();
        if (!before.equals(after)) {
            shops.raiseRevision();
            changes.keep(new Change(ChangeSubject.SHOP, 1, "smallest margins", What.SHOP, "", before, after), by);
        }
    }

    private Map<String, String> state() {
        Map<String, String> state = new TreeMap<>();
        kept.ofCategories()
                .forEach((name, percent) -> state.put("category " + name, Decimals.plain(percent, 0) + " %"));
        kept.ofProducts().forEach((sku, percent) -> state.put("product " + sku, Decimals.plain(percent, 0) + " %"));
        return state;
    }
}
