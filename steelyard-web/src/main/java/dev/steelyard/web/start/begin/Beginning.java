package dev.steelyard.web.start.begin;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.shop.Bounds;
import dev.steelyard.web.shop.Invoicing;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.TaxClass;
import dev.steelyard.web.shop.Taxes;
import dev.steelyard.web.shop.TypedRate;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import dev.steelyard.web.shop.people.Staff;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the shop out of what was typed, all at once. */
@Service
class Beginning {

    private final Shops shops;
    private final Taxes taxes;
    private final Staff staff;
    private final Changes changes;
    private final RowIds ids;

    Beginning(Shops shops, Taxes taxes, Staff staff, Changes changes, RowIds ids) {
        this.shops = shops;
        this.taxes = taxes;
        this.staff = staff;
        this.changes = changes;
        this.ids = ids;
    }

    /** @return whether it was done; not where somebody else was faster */
    @Transactional
    boolean make(BeginForm form) {
        shops.hold();
        if (shops.begun()) {
            return false;
        }
        staff.addHashed(ids.next(), form.get("signIn"), form.get("name"), Objects.requireNonNull(form.passwordHash()));
        shops.set(form.get("shopName"), Bounds.USUAL, new Invoicing(form.get("address"), form.get("taxNumber"), ""));
        shops.place(
                form.currency(), ZoneId.of(form.get("zone")), form.currency().getDefaultFractionDigits());
        shops.set(form.habits());
        tax(form);
        shops.begin();
        shops.raiseRevision();
        changes.keep(
                new Change(
                        ChangeSubject.SHOP,
                        1,
                        form.get("shopName"),
                        What.MADE,
                        "",
                        Map.of(),
                        Map.of("prices in", form.get("currency"), "time zone", form.get("zone"))),
                form.get("name"));
        return true;
    }

    private void tax(BeginForm form) {
        Map<Long, BigDecimal> rates = new TreeMap<>();
        TaxClass first = taxes.classes().get(0);
        taxes.renameClass(first.id(), form.get("standardName"));
        if (!form.get("standard").isEmpty()) {
            rates.put(first.id(), TypedRate.read(form.get("standard")));
        }
        if (!form.get("reduced").isEmpty()) {
            long reduced = ids.next();
            taxes.addClass(reduced, form.get("reducedName"));
            rates.put(reduced, TypedRate.read(form.get("reduced")));
        }
        taxes.set(new Taxes.Setting(
                form.get("included").equals("yes"),
                false,
                form.get("country"),
                rates.isEmpty() ? Map.of() : Map.of(form.get("country"), rates),
                Set.of()));
    }
}
