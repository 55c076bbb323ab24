package dev.steelyard.web.selling.codes;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Lists of codes, and what became of each. A code counts so often as its list says: whoever uses one holds its row until
 * their transaction ends, so that of two checkouts that race for the last use one gets it.
 */
@Repository
public class Codes {

    private static final int AT_A_TIME = 1_000;
    private static final String USED_UP = "code.used-up";
    private static final String OFF = "code.off";
    private static final String BY_YOU = "code.used-by-you";

    private final JdbcTemplate sql;
    private final RowIds ids;
    private final Shops shops;
    private final Changes changes;

    Codes(JdbcTemplate sql, RowIds ids, Shops shops, Changes changes) {
        this.changes = changes;
        this.sql = sql;
        this.ids = ids;
        this.shops = shops;
    }

    /** The names of all lists. */
    @Transactional(readOnly = true)
    public List<String> names() {
        return sql.queryForList("select name from code_list order by name", String.class);
    }

    /** Whether a text is a code of some list, used or not. */
    @Transactional(readOnly = true)
    public boolean knows(String typed) {
        return Boolean.TRUE.equals(sql.queryForObject(
                "select exists(select 1 from promo_code where code = ?)", Boolean.class, Conditions.normal(typed)));
    }

    /**
     * Which of some codes count.
     *
     * @param codes as they are compared
     * @param email of whoever orders; none while it is not known
     */
    @Transactional(readOnly = true)
    public CodeStanding standing(Collection<String> codes, @Nullable String email) {
        return codes.isEmpty() ? CodeStanding.NONE : standing(codes, email, "");
    }

    /** @param hold how the rows are read: as they are, or held until the transaction ends */
    private CodeStanding standing(Collection<String> codes, @Nullable String email, String hold) {
        Map<String, String> lists = new HashMap<>();
        Map<String, String> spent = new HashMap<>();
        for (Found one : found(codes, hold)) {
            String why = one.off()
                    ? OFF
                    : one.usesEach() != null && uses(one.id(), null, hold) >= one.usesEach()
                            ? USED_UP
                            : one.onceEach() && email != null && uses(one.id(), address(email), hold) > 0
                                    ? BY_YOU
                                    : null;
            if (why == null) {
                lists.put(one.code(), one.list());
            } else {
                spent.put(one.code(), why);
            }
        }
        return new CodeStanding(lists, spent);
    }

    private record Found(
            long id, String code, String list, boolean off, @Nullable Integer usesEach, boolean onceEach) {}

    private List<Found> found(Collection<String> codes, String hold) {
        return sql.query(
                "select c.id, c.code, l.name, c.off, l.uses_each, l.once_each from promo_code c join code_list l on l.id = c.list_id"
                        + " where c.code in (" + String.join(",", Collections.nCopies(codes.size(), "?"))
                        + ") order by c.id" + hold,
                (row, number) -> new Found(
                        row.getLong(1),
                        row.getString(2),
                        row.getString(3),
                        row.getBoolean(4),
                        (Integer) row.getObject(5),
                        row.getBoolean(6)),
                codes.toArray());
    }

    /** The newest count where the code is held, whatever the transaction saw before. */
    private int uses(long code, @Nullable String email, String hold) {
        String by = email == null ? "" : " and email = ?";
        Object[] values = email == null ? new Object[] {code} : new Object[] {code, email};
        return sql.queryForList("select id from code_use where code_id = ?" + by + hold, Long.class, values)
                .size();
    }

    private static String address(String email) {
        return Pasted.stripped(email).toLowerCase(Locale.ROOT);
    }

    /**
     * Uses codes for a checkout, in the transaction that begins its payment.
     *
     * @return why one of them does not count any more, by the code; empty where all were used
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Map<String, String> use(Collection<String> codes, String checkoutKey, String email) {
        if (codes.isEmpty()) {
            return Map.of();
        }
        release(checkoutKey); // an earlier try of the same checkout
        CodeStanding now = standing(codes, email, " for update");
        if (now.spent().isEmpty()) {
            found(now.lists().keySet(), "")
                    .forEach(one -> sql.update(
                            "insert into code_use (id, code_id, checkout_key, email) values (?, ?, ?, ?)",
                            ids.next(),
                            one.id(),
                            checkoutKey,
                            address(email)));
        }
        return now.spent();
    }

    /** Gives back what a checkout used, whose payment was refused. */
    @Transactional
    public void release(String checkoutKey) {
        sql.update("delete from code_use where checkout_key = ?", checkoutKey);
    }

    @Transactional(readOnly = true)
    List<CodeList> lists() {
        return lists("", new Object[0]);
    }

    @Transactional(readOnly = true)
    Optional<CodeList> list(long id) {
        return lists(" where l.id = ?", id).stream().findFirst();
    }

    private List<CodeList> lists(String where, Object... values) {
        ZoneId zone = shops.current().zone();
        return sql.query(
                "select l.*, (select count(*) from promo_code c where c.list_id = l.id) as codes, (select count(*) from code_use u"
                        + " join promo_code c on c.id = u.code_id where c.list_id = l.id) as uses from code_list l"
                        + where
                        + " order by l.made_at desc, l.id desc",
                (row, number) -> new CodeList(
                        row.getLong("id"),
                        row.getString("name"),
                        (Integer) row.getObject("uses_each"),
                        row.getBoolean("once_each"),
                        row.getInt("codes"),
                        row.getInt("uses"),
                        made(row, zone),
                        row.getString("made_by")),
                values);
    }

    private static String made(ResultSet row, ZoneId zone) throws SQLException {
        return Show.moment(UtcColumns.in(row, "made_at"), zone);
    }

    /**
     * A code with what became of it.
     *
     * @param orders numbers of the orders it was used for, with commas between; empty for none
     */
    record Given(long id, String code, boolean off, int uses, String orders) {}

    /** Codes of a list, after one of them. */
    @Transactional(readOnly = true)
    List<Given> codes(long list, String find, long after, int most) {
        return sql.query(
                "select c.id, c.code, c.off, count(u.id), coalesce(group_concat(o.number order by o.id separator ','), '')"
                        + " from promo_code c left join code_use u on u.code_id = c.id left join shop_order o on o.checkout_key ="
                        + " u.checkout_key where c.list_id = ? and c.id > ? and c.code like ? escape '!' group by c.id, c.code,"
                        + " c.off order by c.id limit ?",
                (row, number) ->
                        new Given(row.getLong(1), row.getString(2), row.getBoolean(3), row.getInt(4), row.getString(5)),
                list,
                after,
                "%"
                        + Conditions.normal(find)
                                .replace("!", "!!")
                                .replace("%", "!%")
                                .replace("_", "!_") + "%",
                most);
    }

    /** Those of some codes that are in some list already. */
    @Transactional(readOnly = true)
    List<String> taken(List<String> codes) {
        List<String> taken = new ArrayList<>();
        for (int from = 0; from < codes.size(); from += AT_A_TIME) {
            List<String> some = codes.subList(from, Math.min(codes.size(), from + AT_A_TIME));
            taken.addAll(sql.queryForList(
                    "select code from promo_code where code in ("
                            + String.join(",", Collections.nCopies(some.size(), "?")) + ") order by code",
                    String.class,
                    some.toArray()));
        }
        return taken;
    }

    /** @return its number */
    @Transactional
    long make(String name, @Nullable Integer usesEach, boolean onceEach, Collection<String> codes, String by) {
        long id = ids.next();
        sql.update(
                "insert into code_list (id, name, uses_each, once_each, made_at, made_by) values (?, ?, ?, ?, utc_timestamp(6), ?)",
                id,
                name,
                usesEach,
                onceEach,
                by);
        add(id, codes);
        changes.keep(
                new Change(ChangeSubject.CODES, id, name, What.MADE, "", Map.of(), Map.of("codes", "" + codes.size())),
                by);
        return id;
    }

    private void add(long list, Collection<String> codes) {
        sql.batchUpdate(
                "insert into promo_code (id, list_id, code) values (?, ?, ?)", codes, AT_A_TIME, (statement, code) -> {
                    statement.setLong(1, ids.next());
                    statement.setLong(2, list);
                    statement.setString(3, code);
                });
    }

    /** Lets a code count no more, or again. */
    @Transactional
    void turn(long list, long code, boolean off) {
        sql.update("update promo_code set off = ? where id = ? and list_id = ?", off, code, list);
    }
}
