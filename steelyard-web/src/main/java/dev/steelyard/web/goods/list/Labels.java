package dev.steelyard.web.goods.list;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.goods.DescribedGoods;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Puts a tag on many goods or takes it off them; which were changed is kept, so that it can be taken back as a whole. */
@Repository
class Labels {

    private static final int AT_A_TIME = 1_000;
    private static final String WHICH = "select product_id as id from labelling_product where labelling_id = ?";

    private final JdbcTemplate sql;
    private final DescribedGoods goods;
    private final ChangedGoods changed;
    private final RowIds ids;
    private final Shops shops;
    private final Changes changes;

    Labels(JdbcTemplate sql, DescribedGoods goods, ChangedGoods changed, RowIds ids, Shops shops, Changes changes) {
        this.sql = sql;
        this.goods = goods;
        this.changed = changed;
        this.ids = ids;
        this.shops = shops;
        this.changes = changes;
    }

    /**
     * A labelling that was done.
     *
     * @param on whether the tag was put on
     * @param goods how many were changed
     */
    record Done(long id, String tag, boolean on, int goods, boolean undone) {}

    /** @return what was done; goods that had it already, or had it not, are not among it */
    @Transactional
    public Done label(List<Long> products, String tag, boolean on, String by) {
        shops.hold();
        long id = ids.next();
        sql.update("insert into labelling (id, tag, put_on, made_by) values (?, ?, ?, ?)", id, tag, on, by);
        String which = on ? "t.tag is null" : "t.tag is not null";
        for (int from = 0; from < products.size(); from += AT_A_TIME) {
            List<Long> some = products.subList(from, Math.min(products.size(), from + AT_A_TIME));
            List<Object> values = new ArrayList<>(List.of(id, tag));
            values.addAll(some);
            sql.update(
                    "insert into labelling_product (labelling_id, product_id) select ?, p.id from product p left join"
                            + " product_tag t on t.product_id = p.id and t.tag = ? where p.id in ("
                            + String.join(",", some.stream().map(any -> "?").toList()) + ") and " + which,
                    values.toArray());
        }
        write(id, tag, on, by);
        return find(id).orElseThrow();
    }

    /** Takes it back. @return none where there is no such labelling, or it was taken back before */
    @Transactional
    public Optional<Done> undo(long id, String by) {
        shops.hold();
        if (sql.update("update labelling set undone = true where id = ? and not undone", id) == 0) {
            return Optional.empty();
        }
        Done done = find(id).orElseThrow();
        write(id, done.tag(), !done.on(), by);
        return Optional.of(done);
    }

    private void write(long id, String tag, boolean on, String by) {
        goods.tag(tag, on, WHICH, id);
        changed.by(by, WHICH, id);
        int count = find(id).orElseThrow().goods();
        changes.keep(
                new Change(
                        ChangeSubject.GOODS,
                        0,
                        count + (count == 1 ? " product" : " products") + " with the tag “" + tag + "”",
                        What.LABELLED,
                        "",
                        Map.of(on ? "without it" : "with it", "" + count),
                        Map.of(on ? "with it" : "without it", "" + count)),
                by);
    }

    @Transactional(readOnly = true)
    public Optional<Done> find(long id) {
        return sql
                .query(
                        "select l.id, l.tag, l.put_on, l.undone, (select count(*) from labelling_product p where"
                                + " p.labelling_id = l.id) from labelling l where l.id = ?",
                        (row, number) -> new Done(
                                row.getLong(1), row.getString(2), row.getBoolean(3), row.getInt(5), row.getBoolean(4)),
                        id)
                .stream()
                .findFirst();
    }
}
