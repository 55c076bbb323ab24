package dev.steelyard.web.goods.about;

import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import dev.steelyard.words.Language;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Names and descriptions of a product in languages beside the shop's own. */
@Repository
class GoodsInLanguages {

    static final String CATEGORY = "Category";

    private final JdbcTemplate sql;
    private final Shops shops;
    private final ChangedGoods changed;
    private final Changes changes;

    GoodsInLanguages(JdbcTemplate sql, Shops shops, ChangedGoods changed, Changes changes) {
        this.sql = sql;
        this.shops = shops;
        this.changed = changed;
        this.changes = changes;
    }

    /**
     * A text of a product.
     *
     * @param field the beginning of its fields' names: “name.0”, “description.0”, “name.” with the variant's number
     * @param what “Name”, “Description”, “8 mm”
     * @param own in the shop's own language
     * @param others as typed or kept, by language
     */
    record Text(String field, String what, String own, Map<String, String> others) {

        /** The most characters of a name. */
        int longest() {
            return what.equals(CATEGORY) ? 120 : 200;
        }
    }

    /**
     * What became of a form.
     *
     * @param faults by field; where somebody else wrote the same text meanwhile, what they wrote
     */
    record Result(boolean found, Map<String, String> faults) {}

    /** All there is to write, with what is written; empty where there is no such product. */
    @Transactional(readOnly = true)
    public List<Text> texts(long id, List<Language> languages) {
        Map<String, String> kept = kept(id);
        List<Text> texts = new ArrayList<>();
        sql.query(
                "select name, description from product where id = ?",
                row -> {
                    texts.add(text("name.0", "Name", row.getString(1), languages, kept));
                    texts.add(text("description.0", "Description", row.getString(2), languages, kept));
                },
                id);
        sql.query(
                "select id, name from variant where product_id = ? order by position, id",
                row -> {
                    texts.add(text("name." + row.getLong(1), "Variant", row.getString(2), languages, kept));
                },
                id);
        return texts;
    }

    static Text text(String field, String what, String own, List<Language> languages, Map<String, String> kept) {
        Map<String, String> others = new LinkedHashMap<>();
        languages.forEach(one -> others.put(one.code(), kept.getOrDefault(field + "." + one.code(), "")));
        return new Text(field, what, own, others);
    }

    /** What is written, by field and language. */
    private Map<String, String> kept(long id) {
        Map<String, String> kept = new TreeMap<>();
        sql.query(
                "select variant_id, language, name, description from goods_wording where product_id = ?",
                row -> {
                    String of = row.getLong(1) + "." + row.getString(2);
                    kept.put("name." + of, row.getString(3));
                    kept.put("description." + of, row.getString(4));
                },
                id);
        kept.values().removeIf(String::isEmpty);
        return kept;
    }

    /**
     * Writes what was changed in a form and nothing else, so that two people who write different texts both do.
     *
     * @param typed by field and language
     * @param seen what stood there when the form was made
     */
    @Transactional
    public Result write(
            long id, Map<String, String> typed, Map<String, String> seen, List<Language> languages, String by) {
        shops.hold();
        List<Text> texts = texts(id, languages);
        if (texts.isEmpty()) {
            return new Result(false, Map.of());
        }
        Map<String, String> before = kept(id);
        TextsTyped written = TextsTyped.over(texts, languages, before, typed, seen);
        Map<String, String> after = written.after();
        Map<String, String> faults = written.faults();
        if (faults.isEmpty() && !after.equals(before)) {
            replace(id, after);
            changed.seen("p.id = ?", id);
            changes.keep(
                    new Change(
                            ChangeSubject.GOODS,
                            id,
                            texts.get(0).own(),
                            What.GOODS,
                            "",
                            told(before, texts),
                            told(after, texts)),
                    by);
        }
        return new Result(true, faults);
    }

    private void replace(long id, Map<String, String> after) {
        sql.update("delete from goods_wording where product_id = ?", id);
        Map<String, String[]> rows = new LinkedHashMap<>();
        after.forEach((field, text) -> {
            String[] parts = field.split("\\.");
            String[] row = rows.computeIfAbsent(parts[1] + "." + parts[2], any -> new String[] {"", ""});
            row[parts[0].equals("name") ? 0 : 1] = text;
        });
        rows.forEach((of, row) -> {
            String[] parts = of.split("\\.");
            sql.update(
                    "insert into goods_wording (product_id, variant_id, language, name, description) values (?, ?, ?, ?, ?)",
                    id,
                    Long.valueOf(parts[0]),
                    parts[1],
                    row[0],
                    row[1]);
        });
    }

    /** As History says it: “Name, Deutsch”. */
    private static Map<String, String> told(Map<String, String> state, List<Text> texts) {
        Map<String, String> told = new TreeMap<>();
        state.forEach((field, words) -> {
            int cut = field.lastIndexOf('.');
            String what = texts.stream()
                    .filter(text -> text.field().equals(field.substring(0, cut)))
                    .map(text -> text.what().equals("Variant") ? text.own() : text.what())
                    .findFirst()
                    .orElse(field);
            String language = field.substring(cut + 1);
            told.put(what + ", " + Language.of(language).map(Language::title).orElse(language), words);
        });
        return told;
    }
}
