package dev.steelyard.web.goods.about;

import dev.steelyard.web.goods.Categories;
import dev.steelyard.web.goods.about.GoodsInLanguages.Text;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import dev.steelyard.words.Language;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Names of categories in languages beside the shop's own. */
@Repository
class CategoriesInLanguages {

    private final JdbcTemplate sql;
    private final Categories categories;
    private final Shops shops;
    private final Changes changes;

    CategoriesInLanguages(JdbcTemplate sql, Categories categories, Shops shops, Changes changes) {
        this.sql = sql;
        this.categories = categories;
        this.shops = shops;
        this.changes = changes;
    }

    @Transactional(readOnly = true)
    public List<Text> texts(List<Language> languages) {
        Map<String, String> kept = kept();
        return categories.tree().stream()
                .map(one -> GoodsInLanguages.text(
                        "name." + one.id(), GoodsInLanguages.CATEGORY, one.name(), languages, kept))
                .toList();
    }

    private Map<String, String> kept() {
        Map<String, String> kept = new TreeMap<>();
        sql.query("select category_id, language, name from category_wording", row -> {
            kept.put("name." + row.getLong(1) + "." + row.getString(2), row.getString(3));
        });
        return kept;
    }

    /**
     * Writes what was changed in a form and nothing else.
     *
     * @return what cannot be taken, by field; empty where all was written
     */
    @Transactional
    public Map<String, String> write(
            Map<String, String> typed, Map<String, String> seen, List<Language> languages, String by) {
        shops.hold();
        Map<String, String> before = kept();
        TextsTyped written = TextsTyped.over(texts(languages), languages, before, typed, seen);
        if (written.faults().isEmpty() && !written.after().equals(before)) {
            sql.update("delete from category_wording");
            written.after().forEach((field, name) -> {
                String[] parts = field.split("\\.");
                sql.update(
                        "insert into category_wording (category_id, language, name) values (?, ?, ?)",
                        Long.valueOf(parts[1]),
                        parts[2],
                        name);
            });
            shops.raiseRevision();
            changes.keep(
                    new Change(
                            ChangeSubject.SHOP,
                            1,
                            "the categories in other languages",
                            What.GOODS,
                            "",
                            before,
                            written.after()),
                    by);
        }
        return written.faults();
    }
}
