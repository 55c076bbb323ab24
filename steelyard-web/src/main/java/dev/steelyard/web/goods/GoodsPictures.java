package dev.steelyard.web.goods;

import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The pictures of each product, in their order: the one place where that is written. */
@Component
public class GoodsPictures {

    /** How many one product may have. */
    public static final int MOST = 12;

    static final String ADDRESS = "/pictures/goods/";

    private final JdbcTemplate sql;
    private final ChangedGoods changed;
    private final Shops shops;

    GoodsPictures(JdbcTemplate sql, ChangedGoods changed, Shops shops) {
        this.shops = shops;
        this.sql = sql;
        this.changed = changed;
    }

    /**
     * A picture of a product.
     *
     * @param words what is to be seen, for those who do not see it; empty where nobody said
     */
    public record Shown(String fingerprint, String words) {

        public String small() {
            return address(fingerprint, "small");
        }

        public String large() {
            return address(fingerprint, "large");
        }
    }

    static String address(String fingerprint, String size) {
        return ADDRESS + fingerprint + "/" + size;
    }

    @Transactional(readOnly = true)
    public List<Shown> of(long product) {
        return sql.query(
                "select fingerprint, words from product_picture where product_id = ? order by position",
                (row, n) -> new Shown(row.getString(1), row.getString(2)),
                product);
    }

    /** Says all of them anew. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(long product, List<Shown> pictures) {
        shops.hold();
        sql.update("delete from product_picture where product_id = ?", product);
        List<Object[]> rows = new ArrayList<>();
        for (Shown one : pictures) {
            rows.add(new Object[] {product, rows.size(), one.fingerprint(), one.words()});
        }
        sql.batchUpdate(
                "insert into product_picture (product_id, position, fingerprint, words) values (?, ?, ?, ?)", rows);
        sql.update(
                "update product set picture = ? where id = ?",
                pictures.isEmpty() ? null : pictures.get(0).fingerprint(),
                product);
        changed.one(product);
    }
}
