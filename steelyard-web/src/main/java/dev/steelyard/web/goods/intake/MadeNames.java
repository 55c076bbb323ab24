package dev.steelyard.web.goods.intake;

import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.web.editing.draft.Meant;
import dev.steelyard.web.editing.draft.MeantNames;
import dev.steelyard.web.goods.GoodsInBulk;
import dev.steelyard.web.goods.GoodsNames;
import dev.steelyard.web.goods.batch.Stopped;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The names that applying a goods sheet makes: kept with it, made, and taken back with it. */
@Repository
class MadeNames {

    private final GoodsNames names;
    private final GoodsInBulk bulk;
    private final MeantNames meant;
    private final JdbcTemplate sql;
    private final JsonMapper mapper;

    MadeNames(GoodsNames names, GoodsInBulk bulk, MeantNames meant, JdbcTemplate sql, JsonMapper mapper) {
        this.names = names;
        this.bulk = bulk;
        this.meant = meant;
        this.sql = sql;
        this.mapper = mapper;
    }

    @Transactional
    public void keep(long batch, NewNames.Made made) {
        sql.update("update price_batch set makes = ? where id = ?", mapper.writeValueAsString(made), batch);
    }

    @Transactional(readOnly = true)
    public NewNames.Made find(long batch) {
        return sql
                .queryForList("select makes from price_batch where id = ? and makes is not null", String.class, batch)
                .stream()
                .findFirst()
                .map(json -> mapper.readValue(json, NewNames.Made.class))
                .orElse(NewNames.Made.NOTHING);
    }

    /** A name that was made. */
    record New(GoodsNames.Kind kind, long name) {}

    /** Makes what is not there. @return what it made, to be kept */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<New> make(long id) {
        NewNames.Made made = find(id);
        List<New> come = new ArrayList<>();
        GoodsInBulk.Numbers there = bulk.numbers();
        Map<String, Long> paths = new HashMap<>(there.categories());
        for (String path : made.categories()) {
            if (!paths.containsKey(path)) {
                int at = path.lastIndexOf(GoodsCells.BELOW);
                String above = at < 0 ? "" : path.substring(0, at);
                if (at >= 0 && !paths.containsKey(above)) {
                    throw new Stopped("The category “" + above + "” is gone. Nothing was applied; check it again.");
                }
                String name = at < 0 ? path : path.substring(at + GoodsCells.BELOW.length());
                long category = names.category(name, at < 0 ? null : paths.get(above));
                paths.put(path, category);
                come.add(new New(GoodsNames.Kind.CATEGORY, category));
            }
        }
        for (String brand : made.brands()) {
            if (!there.brands().containsKey(brand)) {
                come.add(new New(GoodsNames.Kind.BRAND, names.brand(brand)));
            }
        }
        return come;
    }

    /** Keeps what was made, so that it can be taken back. It holds the batch's own row: how far it is cannot be told after. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keepMade(long id, List<New> made) {
        for (New one : made) {
            sql.update(
                    "insert into goods_batch_name (batch_id, kind, name_id) values (?, ?, ?)",
                    id,
                    one.kind().name(),
                    one.name());
        }
    }

    /** Takes away what the sheet made, unless goods, other categories, cards or deals have come to use it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void unmake(long id) {
        int before;
        int left = Integer.MAX_VALUE;
        do { // those above, once nothing stands below them
            before = left;
            unmake(
                    id,
                    GoodsNames.Kind.CATEGORY,
                    Meant.CATEGORY,
                    "select c.id, c.name from category c join goods_batch_name m on m.name_id = c.id and m.kind = 'CATEGORY'"
                            + " where m.batch_id = ? and not exists (select 1 from product_category p where p.category_id ="
                            + " c.id) and not exists (select 1 from category b where b.parent_id = c.id)");
            left = Objects.requireNonNullElse(
                    sql.queryForObject(
                            "select count(*) from category c join goods_batch_name m on m.name_id = c.id and m.kind ="
                                    + " 'CATEGORY' where m.batch_id = ?",
                            Integer.class,
                            id),
                    0);
        } while (left > 0 && left < before);
        unmake(
                id,
                GoodsNames.Kind.BRAND,
                Meant.BRAND,
                "select b.id, b.name from brand b join goods_batch_name m on m.name_id = b.id and m.kind = 'BRAND'"
                        + " where m.batch_id = ? and not exists (select 1 from product p where p.brand_id = b.id)");
        sql.update("delete from goods_batch_name where batch_id = ?", id);
    }

    private void unmake(long id, GoodsNames.Kind kind, Meant what, String unused) {
        Map<String, Long> found = new HashMap<>();
        sql.query(
                unused,
                row -> {
                    found.put(row.getString(2), row.getLong(1));
                },
                id);
        names.removeUnused(
                kind,
                meant.unmeant(what, found.keySet()).stream().map(found::get).toList());
    }
}
