package dev.steelyard.web.goods.about;

import dev.steelyard.web.goods.DescribedGoods;
import dev.steelyard.web.goods.GoodsPictures;
import dev.steelyard.web.goods.GoodsPictures.Shown;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the pictures of a product, and keeps who did it. */
@Service
class ProductPictures {

    private static final int LONGEST = 200;

    private final GoodsPictures pictures;
    private final DescribedGoods goods;
    private final Changes changes;
    private final Shops shops;
    private final JdbcTemplate sql;

    ProductPictures(GoodsPictures pictures, DescribedGoods goods, Changes changes, Shops shops, JdbcTemplate sql) {
        this.pictures = pictures;
        this.goods = goods;
        this.changes = changes;
        this.shops = shops;
        this.sql = sql;
    }

    /** Adds some behind those that are there. @return what was not taken, in words; empty where all was */
    @Transactional
    public String add(long id, List<String> fingerprints, String by) {
        List<String> left = new ArrayList<>();
        change(id, by, now -> {
            List<Shown> all = new ArrayList<>(now);
            for (String fingerprint : fingerprints) {
                if (all.stream().noneMatch(one -> one.fingerprint().equals(fingerprint))) {
                    if (all.size() < GoodsPictures.MOST) {
                        all.add(new Shown(fingerprint, ""));
                    } else {
                        left.add(fingerprint);
                    }
                }
            }
            return all;
        });
        return left.isEmpty()
                ? ""
                : "A product has at most " + GoodsPictures.MOST + " pictures; " + left.size() + " were not taken.";
    }

    /** Puts one before the one it stands behind. */
    @Transactional
    public void earlier(long id, String fingerprint, String by) {
        change(id, by, now -> {
            List<Shown> all = new ArrayList<>(now);
            for (int i = 1; i < all.size(); i++) {
                if (all.get(i).fingerprint().equals(fingerprint)) {
                    all.add(i - 1, all.remove(i));
                }
            }
            return all;
        });
    }

    @Transactional
    public void remove(long id, String fingerprint, String by) {
        change(id, by, now -> now.stream()
                .filter(one -> !one.fingerprint().equals(fingerprint))
                .toList());
    }

    /** Says what is to be seen on one. */
    @Transactional
    public void say(long id, String fingerprint, String words, String by) {
        String short200 =
                words.strip().substring(0, Math.min(LONGEST, words.strip().length()));
        change(id, by, now -> now.stream()
                .map(one -> one.fingerprint().equals(fingerprint) ? new Shown(fingerprint, short200) : one)
                .toList());
    }

    private void change(long id, String by, UnaryOperator<List<Shown>> change) {
        shops.hold();
        List<String> names = sql.queryForList("select name from product where id = ? for update", String.class, id);
        List<Shown> before = pictures.of(id);
        List<Shown> after = names.isEmpty() ? before : change.apply(before);
        if (!after.equals(before)) {
            goods.raiseVersion(id, by);
            pictures.set(id, after);
            changes.keep(
                    new Change(ChangeSubject.GOODS, id, names.get(0), What.GOODS, "", state(before), state(after)), by);
        }
    }

    private static Map<String, String> state(List<Shown> pictures) {
        return Map.of("pictures", "" + pictures.size());
    }
}
