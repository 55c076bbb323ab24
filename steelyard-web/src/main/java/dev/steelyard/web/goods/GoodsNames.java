package dev.steelyard.web.goods;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.shop.Shops;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes the names that goods are found by: categories, brands and tags. The caller has made sure
 * that a name is free, and not meant by a card or deal.
 */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class GoodsNames {

    private final JdbcTemplate sql;
    private final ChangedGoods changed;
    private final Shops shops;
    private final RowIds ids;

    GoodsNames(JdbcTemplate sql, ChangedGoods changed, Shops shops, RowIds ids) {
        this.sql = sql;
        this.changed = changed;
        this.shops = shops;
        this.ids = ids;
    }

    /** The kinds of names. */
    public enum Kind {
        CATEGORY,
        BRAND,
        TAG
    }

    /** The number of the brand of a name, made where there is none. */
    public long brand(String name) {
        return sql.queryForList("select id from brand where name = ?", Long.class, name).stream()
                .findFirst()
                .orElseGet(() -> {
                    long id = ids.next();
                    sql.update("insert into brand (id, name) values (?, ?)", id, name);
                    return id;
                });
    }

    /**
     * Makes a category, after all that are there. @return its number
     *
     * @param below the one it stands in
     */
    public long category(String name, @Nullable Long below) {
        long id = ids.next();
        sql.update(
                "insert into category (id, parent_id, name, position) select ?, ?, ?, coalesce(max(position), 0) + 1 from category",
                id,
                below,
                name);
        return id;
    }

    /**
     * Renames one, and says so of the goods that have it. A tag that is there already takes the goods of the other in.
     *
     * @param key its number; of a tag its name
     */
    public void rename(Kind kind, String key, String name) {
        markGoods(kind, key);
        switch (kind) {
            case TAG -> {
                sql.update("update ignore product_tag set tag = ? where tag = ?", name, key);
                sql.update("delete from product_tag where tag = ? and tag <> binary ?", key, name);
            }
            case BRAND -> sql.update("update brand set name = ? where id = ?", name, key);
            case CATEGORY -> sql.update("update category set name = ? where id = ?", name, key);
        }
    }

    /** Takes one away from all goods, and says so of them. */
    public void remove(Kind kind, String key) {
        markGoods(kind, key);
        switch (kind) {
            case TAG -> sql.update("delete from product_tag where tag = ?", key);
            case BRAND -> {
                sql.update("update product set brand_id = null where brand_id = ?", key);
                sql.update("delete from brand where id = ?", key);
            }
            case CATEGORY -> {
                sql.update("delete from product_category where category_id = ?", key);
                sql.update("delete from category where id = ?", key);
            }
        }
    }

    /** Takes categories or brands away that no goods have, and nothing stands below. @param ids their numbers */
    public void removeUnused(Kind kind, List<Long> ids) {
        String table = kind == Kind.BRAND ? "brand" : "category";
        sql.batchUpdate(
                "delete from " + table + " where id = ?",
                ids.stream().map(id -> new Object[] {id}).toList());
    }

    /** The goods that have it are read anew by every node; in a category those below count too. */
    private void markGoods(Kind kind, String key) {
        shops.hold();
        String which =
                switch (kind) {
                    case TAG -> "p.id in (select product_id from product_tag where tag = ?)";
                    case BRAND -> "p.brand_id = ?";
                    case CATEGORY -> "p.id in (with recursive below (id) as (select id from category where id = ? union"
                            + " select c.id from category c join below b on c.parent_id = b.id) select pc.product_id from"
                            + " product_category pc join below on below.id = pc.category_id)";
                };
        changed.seen(which, key);
    }
}
