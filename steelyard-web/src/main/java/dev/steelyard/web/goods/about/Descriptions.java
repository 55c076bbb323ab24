package dev.steelyard.web.goods.about;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.goods.DescribedGoods;
import dev.steelyard.web.goods.about.ProductForm.VariantText;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is said of goods. */
@Repository
class Descriptions {

    private final JdbcTemplate sql;
    private final DescribedGoods goods;
    private final ChangedGoods changed;
    private final Shops shops;
    private final Changes changes;

    Descriptions(JdbcTemplate sql, DescribedGoods goods, ChangedGoods changed, Shops shops, Changes changes) {
        this.sql = sql;
        this.goods = goods;
        this.changed = changed;
        this.shops = shops;
        this.changes = changes;
    }

    /** What became of a form: exactly one of these is there, or none of it where the goods are gone. */
    record Result(@Nullable Long id, Map<String, String> faults, @Nullable String changedBy) {

        static Result kept(long id) {
            return new Result(id, Map.of(), null);
        }
    }

    /** A tax class that can be picked. */
    record TaxChoice(long id, String name) {}

    @Transactional(readOnly = true)
    public List<TaxChoice> taxClasses() {
        return sql.query(
                "select id, name from tax_class order by id",
                (row, n) -> new TaxChoice(row.getLong(1), row.getString(2)));
    }

    @Transactional(readOnly = true)
    public List<String> brands() {
        return sql.queryForList("select name from brand order by name", String.class);
    }

    /** The form filled with what is kept. */
    @Transactional(readOnly = true)
    public Optional<ProductForm> form(long id) {
        List<VariantText> variants = new ArrayList<>(sql.query(
                "select id, sku, name, unit_cost from variant where product_id = ? order by position, id",
                (row, n) -> new VariantText(
                        "" + row.getLong(1),
                        row.getString(2),
                        row.getString(3),
                        plain(row.getBigDecimal(4)),
                        "",
                        false),
                id));
        variants.add(ProductForm.spare());
        return sql
                .query(
                        "select p.*, b.name as brand from product p left join brand b on b.id = p.brand_id where p.id = ?",
                        (row, n) -> new ProductForm(
                                row.getLong("version"),
                                row.getString("sku"),
                                row.getString("name"),
                                row.getString("description"),
                                row.getString("drawing"),
                                text(row.getString("brand")),
                                new TreeSet<>(sql.queryForList(
                                        "select category_id from product_category where product_id = ?",
                                        Long.class,
                                        id)),
                                text(row.getString("type")),
                                text(row.getString("supplier")),
                                String.join(", ", tags(id)),
                                "" + row.getLong("tax_class_id"),
                                plain(row.getBigDecimal("shelf_price")),
                                plain(row.getBigDecimal("unit_cost")),
                                text(row.getString("unit_price_decimals")),
                                variants),
                        id)
                .stream()
                .findFirst();
    }

    private List<String> tags(long id) {
        return sql.queryForList("select tag from product_tag where product_id = ? order by tag", String.class, id);
    }

    private static String text(@Nullable String text) {
        return text == null ? "" : text;
    }

    private static String plain(@Nullable BigDecimal number) {
        return number == null ? "" : Decimals.plain(number, 2);
    }

    /** Adds a product. */
    @Transactional
    public Result add(ProductForm form, String by) {
        shops.hold();
        Map<String, String> faults = new LinkedHashMap<>(form.faults(true));
        checkSkus(form, null, faults);
        Long tax = tax(form, faults);
        if (tax == null || !faults.isEmpty()) {
            return new Result(null, faults, null);
        }
        long id = goods.make(form.sku(), tax, ProductForm.moneyOf(form.shelfPrice()), by);
        write(id, form, tax);
        keep(id, What.MADE, Map.of(), by);
        return Result.kept(id);
    }

    /** Changes what is said of a product; nothing where somebody else did so since the form was filled. */
    @Transactional
    public Result change(long id, ProductForm form, String by) {
        shops.hold();
        List<Map<String, Object>> found =
                sql.queryForList("select version, changed_by, sku from product where id = ? for update", id);
        if (found.isEmpty()) {
            return new Result(null, Map.of(), null);
        }
        if (((Number) found.get(0).get("version")).longValue() != form.version()) {
            return new Result(null, Map.of(), (String) found.get(0).get("changed_by"));
        }
        Map<String, String> faults = new LinkedHashMap<>(form.faults(false));
        checkSkus(form, id, faults);
        Long tax = tax(form, faults);
        if (tax == null || !faults.isEmpty()) {
            return new Result(null, faults, null);
        }
        Map<String, String> before = state(id);
        write(id, form, tax);
        goods.raiseVersion(id, by);
        keep(id, What.GOODS, before, by);
        return Result.kept(id);
    }

    private void keep(long id, What what, Map<String, String> before, String by) {
        Map<String, String> after = state(id);
        if (!after.equals(before)) {
            changes.keep(
                    new Change(
                            ChangeSubject.GOODS,
                            id,
                            Objects.requireNonNull(after.get("name")),
                            what,
                            "",
                            before,
                            after),
                    by);
        }
        changed.one(id);
    }

    /** As history keeps it. */
    private Map<String, String> state(long id) {
        ProductForm form = form(id).orElseThrow();
        Map<String, String> state = new LinkedHashMap<>();
        state.put("name", form.name());
        state.put("description", form.description());
        state.put("brand", form.brand());
        state.put(
                "in",
                String.join(
                        ", ",
                        sql.queryForList(
                                "select c.name from product_category p join category c on c.id = p.category_id where"
                                        + " p.product_id = ? order by c.position, c.name",
                                String.class,
                                id)));
        state.put("type", form.type());
        state.put("supplier", form.supplier());
        state.put("tags", form.tags());
        state.put("cost", form.unitCost());
        form.typedVariants().forEach(one -> state.put("variant " + one.sku(), one.name()));
        state.values().removeIf(String::isEmpty);
        return state;
    }

    private @Nullable Long tax(ProductForm form, Map<String, String> faults) {
        List<TaxChoice> classes = taxClasses();
        Optional<TaxChoice> picked = classes.stream()
                .filter(one -> ("" + one.id()).equals(form.taxClass()))
                .findFirst();
        if (picked.isEmpty() && !form.taxClass().isEmpty()) {
            faults.put("taxClass", "There is no such tax class");
            return null;
        }
        return picked.orElse(classes.get(0)).id();
    }

    /** No two of all products and variants have the same SKU, those out of the shop included. */
    private void checkSkus(ProductForm form, @Nullable Long id, Map<String, String> faults) {
        if (id == null) {
            checkSku("sku", form.sku(), 0, 0, faults);
        }
        for (int i = 0; i < form.variants().size(); i++) {
            VariantText one = form.variants().get(i);
            if (!one.isBlank() && !one.off()) {
                long own = Ids.read(one.id());
                checkSku("variantSku." + i, one.sku(), 0, own, faults);
            }
        }
    }

    private void checkSku(String field, String sku, long product, long variant, Map<String, String> faults) {
        List<String> others = sql.queryForList(
                "select name from product where sku = ? and id <> ? union all select concat(p.name, ', ', v.name) from"
                        + " variant v join product p on p.id = v.product_id where v.sku = ? and v.id <> ?",
                String.class,
                sku,
                product,
                sku,
                variant);
        if (!others.isEmpty()) {
            faults.putIfAbsent(field, "“" + sku + "” is the SKU of " + others.get(0) + " already");
        }
    }

    private void write(long id, ProductForm form, long tax) {
        goods.say(id, form.said(tax));
        goods.say(id, form.saidVariants());
    }
}
