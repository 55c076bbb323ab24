package dev.steelyard.web.goods;

import dev.steelyard.core.said.Wording;
import dev.steelyard.web.goods.EditResult.ChangedMeanwhile;
import dev.steelyard.web.goods.EditResult.Saved;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Finds goods and changes their prices. */
@Repository
public class GoodsStore {

    private final ProductRepository products;
    private final GoodsReader reader;
    private final JdbcTemplate sql;
    private final ChangedGoods changed;
    private final GoodsPictures pictures;
    private final Shops shops;
    private final Changes changes;
    private final EntityManager entities;
    private final Clock clock;

    GoodsStore(
            ProductRepository products,
            GoodsReader reader,
            JdbcTemplate sql,
            ChangedGoods changed,
            GoodsPictures pictures,
            Shops shops,
            Changes changes,
            EntityManager entities,
            Clock clock) {
        this.products = products;
        this.reader = reader;
        this.sql = sql;
        this.changed = changed;
        this.pictures = pictures;
        this.changes = changes;
        this.shops = shops;
        this.entities = entities;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Optional<GoodsEntry> find(long id) {
        return entries(reader.of(List.of(id))).findFirst();
    }

    @Transactional(readOnly = true)
    public Optional<GoodsEntry> findBySku(String sku) {
        return entries(reader.ofSku(sku)).findFirst();
    }

    /** The numbers of products by their SKUs; without those there are none of. */
    @Transactional(readOnly = true)
    public Map<String, Long> ids(Collection<String> skus) {
        return reader.ids(Set.copyOf(skus));
    }

    /** With their descriptions, which are read only where one is looked at. */
    private Stream<GoodsEntry> entries(List<GoodsReader.Read> read) {
        return read.stream()
                .map(one -> GoodsEntry.of(
                        one,
                        description(one.id()),
                        one.picture().startsWith(GoodsPictures.ADDRESS) ? pictures.of(one.id()) : List.of()));
    }

    private Wording description(long id) {
        String own = Objects.requireNonNull(
                sql.queryForObject("select description from product where id = ?", String.class, id));
        Map<String, String> others = new HashMap<>();
        sql.query(
                "select language, description from goods_wording where product_id = ? and variant_id = 0",
                row -> {
                    others.put(row.getString(1), row.getString(2));
                },
                id);
        return new Wording(own, "", others);
    }

    /**
     * Stores new prices and raises the revision, or writes nothing where the goods are no longer as the editor saw them.
     * Who saves at the same moment waits for the row and then is the second.
     *
     * @return none where there are no such goods
     */
    @Transactional
    public Optional<EditResult> save(PriceEdit edit, String by) {
        shops.hold();
        return products.lockById(edit.productId()).map(product -> {
            if (product.version() != edit.basedOn() || product.removedAt() != null) {
                return new ChangedMeanwhile(entry(product));
            }
            Map<String, String> before = StoredPriceState.of(product);
            applyPrices(product, edit);
            return saved(product, What.PRICES, edit.why(), before, by);
        });
    }

    /** Takes goods out of the shop; they can be put back. */
    @Transactional
    public Optional<GoodsEntry> remove(long id, String by) {
        shops.hold();
        return products.lockById(id).map(product -> {
            Map<String, String> before = StoredPriceState.of(product);
            product.setRemovedAt(clock.instant());
            return saved(product, What.REMOVED, "", before, by).entry();
        });
    }

    /** Puts removed goods back into the shop, as they were. */
    @Transactional
    public Optional<GoodsEntry> putBack(long id, String by) {
        shops.hold();
        return products.lockById(id).map(product -> {
            Map<String, String> before = StoredPriceState.of(product);
            product.setRemovedAt(null);
            return saved(product, What.PUT_BACK, "", before, by).entry();
        });
    }

    private Saved saved(StoredProduct product, What what, String why, Map<String, String> before, String by) {
        product.changed(clock.instant(), by);
        Map<String, String> after = StoredPriceState.of(product);
        if (!after.equals(before)) {
            changes.keep(new Change(ChangeSubject.PRICES, product.id(), product.name(), what, why, before, after), by);
        }
        entities.flush();
        changed.one(product.id());
        return new Saved(entry(product));
    }

    private GoodsEntry entry(StoredProduct product) {
        return entries(reader.of(List.of(product.id()))).findFirst().orElseThrow();
    }

    private void applyPrices(StoredProduct product, PriceEdit edit) {
        product.setRowsOver(edit.over());
        for (PriceEdit.Part part : edit.parts()) {
            if (part.variantId() == null) {
                product.setShelfPrice(part.shelfPrice());
            } else {
                variant(product, part.variantId()).setShelfPrice(part.shelfPrice());
            }
            product.dropRows(product.rows().stream()
                    .filter(row -> row.isOf(part.variantId()))
                    .toList());
        }
        // old rows go before new ones come: the database lets no threshold stand twice even for a moment
        entities.flush();
        Map<String, CustomerGroup> groups =
                shops.groups().stream().collect(Collectors.toMap(CustomerGroup::name, Function.identity()));
        product.setAlone(edit.alone().stream().map(name -> group(groups, name)).toList());
        edit.parts()
                .forEach(part -> product.addRows(part.rows().stream()
                        .map(row -> new StoredPriceRow(product, part.variantId(), group(groups, row.group()), row))
                        .toList()));
    }

    private static StoredVariant variant(StoredProduct product, long id) {
        return product.variants().stream()
                .filter(variant -> variant.id() == id)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("product " + product.id() + " has no variant " + id));
    }

    private static @Nullable CustomerGroup group(Map<String, CustomerGroup> groups, @Nullable String name) {
        if (name == null) {
            return null;
        }
        CustomerGroup group = groups.get(name);
        if (group == null) {
            throw new IllegalArgumentException("there is no customer group " + name);
        }
        return group;
    }
}
