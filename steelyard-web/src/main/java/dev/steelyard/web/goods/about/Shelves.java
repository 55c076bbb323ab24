package dev.steelyard.web.goods.about;

import dev.steelyard.web.editing.draft.Meant;
import dev.steelyard.web.editing.draft.MeantNames;
import dev.steelyard.web.goods.GoodsNames;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Changes categories, brands and tags. Cards and deals cover goods by these names: one that is renamed is renamed in them
 * too, and one that they name is not taken away, since the goods would fall out of it unseen.
 */
@Repository
class Shelves {

    private static final int LONGEST = 120;

    private final JdbcTemplate sql;
    private final GoodsNames names;
    private final MeantNames meant;
    private final Shops shops;
    private final Changes changes;

    Shelves(JdbcTemplate sql, GoodsNames names, MeantNames meant, Shops shops, Changes changes) {
        this.sql = sql;
        this.names = names;
        this.meant = meant;
        this.shops = shops;
        this.changes = changes;
    }

    /** The kinds of names. */
    enum Of {
        CATEGORY(GoodsNames.Kind.CATEGORY, Meant.CATEGORY, "category", "product_category", "category_id"),
        BRAND(GoodsNames.Kind.BRAND, Meant.BRAND, "brand", "product", "brand_id"),
        TAG(GoodsNames.Kind.TAG, Meant.TAG, "tag", "product_tag", "tag");

        private final GoodsNames.Kind kind;
        private final Meant meant;
        private final String word;
        private final String table;
        private final String column;

        Of(GoodsNames.Kind kind, Meant meant, String word, String table, String column) {
            this.kind = kind;
            this.meant = meant;
            this.word = word;
            this.table = table;
            this.column = column;
        }

        String word() {
            return word;
        }
    }

    /** A name with how many goods have it. */
    record Named(String key, String name, int goods) {}

    @Transactional(readOnly = true)
    public List<Named> all(Of of) {
        String query = of == Of.TAG
                ? "select tag, tag, count(*) from product_tag group by tag order by tag"
                : "select n.id, n.name, (select count(*) from " + of.table + " p where p." + of.column
                        + " = n.id) from " + of.word + " n order by n.name";
        return sql.query(query, (row, n) -> new Named(row.getString(1), row.getString(2), row.getInt(3)));
    }

    /** @return why not; empty where it was done */
    @Transactional
    public String add(Of of, String name, @Nullable Long below, String by) {
        shops.hold();
        String fault = nameFault(of, name, null);
        if (!fault.isEmpty()) {
            return fault;
        }
        if (of == Of.BRAND) {
            names.brand(name);
        } else {
            names.category(name, below);
        }
        keep("the " + of.word + " “" + name + "”", What.MADE, by);
        return "";
    }

    /** @return why not; empty where it was done */
    @Transactional
    public String rename(Of of, String key, String name, String by) {
        shops.hold();
        String old = name(of, key);
        if (old.isEmpty() || old.equals(name)) {
            return "";
        }
        String fault = nameFault(of, name, key);
        if (!fault.isEmpty()) {
            return fault;
        }
        names.rename(of.kind, key, name);
        meant.rename(of.meant, old, name);
        keep("the " + of.word + " “" + old + "” to “" + name + "”", What.GOODS, by);
        return "";
    }

    /** @return why not; empty where it was done */
    @Transactional
    public String remove(Of of, String key, String by) {
        shops.hold();
        String old = name(of, key);
        if (old.isEmpty()) {
            return "";
        }
        String held = named(of, old);
        if (!held.isEmpty()) {
            return "“" + old + "” cannot be taken away: " + held;
        }
        if (of == Of.CATEGORY && count("select count(*) from category where parent_id = ?", key) > 0) {
            return "“" + old + "” cannot be taken away: there are categories below it";
        }
        names.remove(of.kind, key);
        keep("the " + of.word + " “" + old + "”", What.REMOVED, by);
        return "";
    }

    private int count(String query, Object value) {
        return Objects.requireNonNullElse(sql.queryForObject(query, Integer.class, value), 0);
    }

    private String name(Of of, String key) {
        String query = of == Of.TAG
                ? "select tag from product_tag where tag = ? limit 1"
                : "select name from " + of.word + " where id = ?";
        return sql.queryForList(query, String.class, key).stream().findFirst().orElse("");
    }

    private String nameFault(Of of, String name, @Nullable String key) {
        if (name.isEmpty() || name.length() > (of == Of.TAG ? 60 : LONGEST)) {
            return "A " + of.word + " has a name of 1 to " + (of == Of.TAG ? 60 : LONGEST) + " characters, not "
                    + name.length();
        }
        if (of == Of.TAG) {
            return "";
        }
        boolean taken = !sql.queryForList(
                        "select id from " + of.word + " where name = ? and id <> ?",
                        Long.class,
                        name,
                        key == null ? 0 : key)
                .isEmpty();
        return taken ? "There is a " + of.word + " “" + name + "” already" : "";
    }

    /** Which cards and deals name it; empty for none. */
    private String named(Of of, String name) {
        List<String> found = meant.meaning(of.meant, name);
        return found.isEmpty()
                ? ""
                : found.stream().map(one -> "“" + one + "”").collect(Collectors.joining(", ")) + " cover goods by it";
    }

    private void keep(String name, What what, String by) {
        changes.keep(new Change(ChangeSubject.GOODS, 0, name, what, "", Map.of(), Map.of()), by);
    }
}
