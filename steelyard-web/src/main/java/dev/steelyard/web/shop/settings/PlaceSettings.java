package dev.steelyard.web.shop.settings;

import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.time.ZoneId;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes what money and days are in, and keeps who did it. */
@Service
class PlaceSettings {

    private final Shops shops;
    private final Changes changes;
    private final JdbcTemplate sql;

    PlaceSettings(Shops shops, Changes changes, JdbcTemplate sql) {
        this.shops = shops;
        this.changes = changes;
        this.sql = sql;
    }

    /** What came of it. */
    enum Result {
        DONE,
        CHANGED_MEANWHILE,
        REFUSED
    }

    /**
     * Sets it; another currency is refused once something speaks of the one there is, and said so in the form.
     *
     * @param seen what stood there when the page was made
     */
    @Transactional
    Result change(PlaceForm form, String seen, String by) {
        shops.hold();
        Shop shop = shops.current();
        PlaceForm before = PlaceForm.of(shop);
        if (!before.seen().equals(seen)) {
            return Result.CHANGED_MEANWHILE;
        }
        String speaking = before.currency().equals(form.currency()) ? "" : speaking();
        if (!speaking.isEmpty()) {
            form.faults().put("currency", "It stays " + before.currency() + ": " + speaking);
            return Result.REFUSED;
        }
        if (!form.seen().equals(seen)) {
            shops.place(
                    Currency.getInstance(form.currency()), ZoneId.of(form.zone()), Integer.parseInt(form.decimals()));
            shops.raiseRevision();
            changes.keep(
                    new Change(ChangeSubject.SHOP, 1, shop.name(), What.SHOP, "", before.state(), form.state()),
                    "place",
                    Map.of(
                            "currency", List.of(before.currency()),
                            "zone", List.of(before.zone()),
                            "decimals", List.of(before.decimals())),
                    by);
        }
        return Result.DONE;
    }

    /** What speaks of the shop's currency; empty for nothing. */
    private String speaking() {
        if (isThere("select 1 from shop_order")) {
            return "something was sold in it";
        }
        if (isThere("select 1 from draft where kind <> 'ROWS' and removed_at is null")) {
            return "there are rate cards or deals that speak of it; take them away first";
        }
        return "";
    }

    private boolean isThere(String query) {
        return Boolean.TRUE.equals(sql.queryForObject("select exists(" + query + ")", Boolean.class));
    }
}
