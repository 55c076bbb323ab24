package dev.steelyard.web.shop.settings;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.TaxClass;
import dev.steelyard.web.shop.Taxes;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds, renames and takes away classes of goods that are taxed alike, and keeps who did it. */
@Service
class ClassSettings {

    private static final int LONGEST = 60;

    private final Taxes taxes;
    private final Shops shops;
    private final ChangedGoods changed;
    private final Changes changes;
    private final RowIds ids;
    private final JdbcTemplate sql;

    ClassSettings(Taxes taxes, Shops shops, ChangedGoods changed, Changes changes, RowIds ids, JdbcTemplate sql) {
        this.taxes = taxes;
        this.shops = shops;
        this.changed = changed;
        this.changes = changes;
        this.ids = ids;
        this.sql = sql;
    }

    /** A class with how many products are of it, those out of the shop included. */
    record Shown(long id, String name, int products) {}

    @Transactional(readOnly = true)
    List<Shown> all() {
        return taxes.classes().stream()
                .map(one -> new Shown(one.id(), one.name(), products(one.id())))
                .toList();
    }

    private int products(long id) {
        Integer count = sql.queryForObject("select count(*) from product where tax_class_id = ?", Integer.class, id);
        return count == null ? 0 : count;
    }

    /** @return why not; empty where it was done */
    @Transactional
    String add(String name, String by) {
        shops.hold();
        String fault = fault(name, 0);
        if (fault.isEmpty()) {
            taxes.addClass(ids.next(), name);
            keep(name, What.MADE, Map.of(), Map.of("name", name), by);
        }
        return fault;
    }

    /** @return why not; empty where it was done */
    @Transactional
    String rename(long id, String name, String by) {
        shops.hold();
        String old = taxes.classNames().get(id);
        if (old == null) {
            return "This class is gone: somebody else took it away";
        }
        String fault = fault(name, id);
        if (fault.isEmpty() && !old.equals(name)) {
            taxes.renameClass(id, name);
            changed.seen("p.tax_class_id = ?", id);
            keep(old, What.SHOP, Map.of("name", old), Map.of("name", name), by);
        }
        return fault;
    }

    /** @return why not; empty where it was done */
    @Transactional
    String remove(long id, String by) {
        shops.hold();
        String old = taxes.classNames().get(id);
        if (old == null) {
            return "";
        }
        int products = products(id);
        if (products > 0) {
            return "“" + old + "” cannot be taken away: " + products
                    + (products == 1 ? " product is of it" : " products are of it");
        }
        if (taxes.classes().size() == 1) {
            return "“" + old + "” cannot be taken away: goods are of some class, and it is the last";
        }
        taxes.removeClass(id);
        keep(old, What.REMOVED, Map.of("name", old), Map.of(), by);
        return "";
    }

    private String fault(String name, long own) {
        if (name.isEmpty() || name.length() > LONGEST) {
            return "A tax class has a name of 1 to " + LONGEST + " characters, not " + name.length();
        }
        return taxes.classes().stream()
                .filter(other -> other.id() != own && other.name().equalsIgnoreCase(name))
                .findFirst()
                .map(TaxClass::name)
                .map(other -> "There is a tax class “" + other + "” already")
                .orElse("");
    }

    private void keep(String name, What what, Map<String, String> before, Map<String, String> after, String by) {
        shops.raiseRevision();
        changes.keep(new Change(ChangeSubject.TAX, 1, "the tax class “" + name + "”", what, "", before, after), by);
    }
}
