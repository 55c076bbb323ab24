package dev.steelyard.web.shop.settings;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.editing.draft.Meant;
import dev.steelyard.web.editing.draft.MeantNames;
import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Groups;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds, renames and takes away customer groups, and keeps who did it. */
@Service
class GroupSettings {

    private static final int LONGEST = 60;
    private static final String EVERYONE = "Everyone";

    /** Products that have prices of a group of their own. */
    private static final String PRICED = "p.id in (select product_id from price_row where group_id = ? union select"
            + " product_id from price_alone where group_id = ?)";

    private final Groups groups;
    private final Shops shops;
    private final MeantNames names;
    private final ChangedGoods changed;
    private final Changes changes;
    private final RowIds ids;
    private final JdbcTemplate sql;

    GroupSettings(
            Groups groups,
            Shops shops,
            MeantNames names,
            ChangedGoods changed,
            Changes changes,
            RowIds ids,
            JdbcTemplate sql) {
        this.groups = groups;
        this.shops = shops;
        this.names = names;
        this.changed = changed;
        this.changes = changes;
        this.ids = ids;
        this.sql = sql;
    }

    /**
     * A group as shown.
     *
     * @param used “own prices of 12 products”, “Crew club rope”: what names it
     */
    record Shown(long id, String name, boolean without, List<String> used) {}

    @Transactional(readOnly = true)
    List<Shown> all() {
        return shops.groups().stream()
                .map(group -> new Shown(group.id(), group.name(), group.seesWithoutTax(), used(group)))
                .toList();
    }

    /** @return why not; empty where it was done */
    @Transactional
    String add(String name, boolean without, String by) {
        shops.hold();
        String fault = fault(name, 0);
        if (fault.isEmpty()) {
            groups.add(ids.next(), name, without);
            keep(name, What.MADE, Map.of(), state(name, without), by);
        }
        return fault;
    }

    /** @return why not; empty where it was done */
    @Transactional
    String change(long id, String name, boolean without, String by) {
        shops.hold();
        CustomerGroup group = groups.find(id).orElse(null);
        if (group == null) {
            return "This group is gone: somebody else took it away";
        }
        String fault = fault(name, id);
        if (!fault.isEmpty()) {
            return fault;
        }
        String old = group.name();
        Map<String, String> before = state(old, group.seesWithoutTax());
        groups.change(group, name, without);
        if (!old.equals(name)) {
            names.rename(Meant.GROUP, old, name);
            changed.seen(PRICED, id, id);
        }
        if (!before.equals(state(name, without))) {
            keep(old, What.SHOP, before, state(name, without), by);
        }
        return "";
    }

    /** @return why not; empty where it was done */
    @Transactional
    String remove(long id, String by) {
        shops.hold();
        CustomerGroup group = groups.find(id).orElse(null);
        if (group == null) {
            return "";
        }
        List<String> used = used(group);
        if (!used.isEmpty()) {
            return "“" + group.name() + "” cannot be taken away: it is named by " + String.join(", ", used);
        }
        groups.remove(group);
        keep(group.name(), What.REMOVED, state(group.name(), group.seesWithoutTax()), Map.of(), by);
        return "";
    }

    private List<String> used(CustomerGroup group) {
        List<String> used = new ArrayList<>(names.meaning(Meant.GROUP, group.name()));
        Integer products = sql.queryForObject(
                "select count(*) from product p where " + PRICED, Integer.class, group.id(), group.id());
        if (products != null && products > 0) {
            used.add("own prices of " + products + (products == 1 ? " product" : " products"));
        }
        return used;
    }

    private String fault(String name, long own) {
        if (name.isEmpty() || name.length() > LONGEST) {
            return "A group has a name of 1 to " + LONGEST + " characters, not " + name.length();
        }
        if (name.chars().anyMatch(Character::isISOControl)) {
            return "There is a character in the name that cannot be printed";
        }
        if (name.equalsIgnoreCase(EVERYONE)) {
            return "“" + name + "” is what sheets call all customers; a group has another name";
        }
        return shops.groups().stream()
                .filter(other -> other.id() != own && other.name().equalsIgnoreCase(name))
                .findFirst()
                .map(other -> "There is a group “" + other.name() + "” already")
                .orElse("");
    }

    private static Map<String, String> state(String name, boolean without) {
        return Map.of("name", name, "sees prices", without ? "without tax" : "as the shop shows them");
    }

    private void keep(String name, What what, Map<String, String> before, Map<String, String> after, String by) {
        shops.raiseRevision();
        changes.keep(new Change(ChangeSubject.SHOP, 1, "the group “" + name + "”", what, "", before, after), by);
    }
}
