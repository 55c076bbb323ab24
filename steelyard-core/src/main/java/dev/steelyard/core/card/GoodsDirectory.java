package dev.steelyard.core.card;

import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.shared.PerPart;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.core.text.Similar;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * All goods of a shop, found by what they are: which goods a rule means is answered from those that have one of the values
 * it names, not by asking all. Immutable; a part is made ready when something is first asked of it, and shared with the
 * directory of goods that have changed elsewhere.
 */
public final class GoodsDirectory {

    private final SharedList<Product> goods;
    private final PerPart<Product, DirectoryPart> parts;

    private GoodsDirectory(SharedList<Product> goods, PerPart<Product, DirectoryPart> parts) {
        this.goods = goods;
        this.parts = parts;
    }

    public static GoodsDirectory of(List<Product> goods) {
        return of(SharedList.of(goods));
    }

    public static GoodsDirectory of(SharedList<Product> goods) {
        return new GoodsDirectory(goods, PerPart.of(goods, DirectoryPart::new));
    }

    /** The directory of goods of which most are these. */
    public GoodsDirectory next(SharedList<Product> others) {
        return new GoodsDirectory(others, parts.next(others));
    }

    /** All of them, in the order given. */
    public SharedList<Product> all() {
        return goods;
    }

    /** The goods that a card covers, whoever buys them and when, in order. */
    public Stream<Product> covered(Covers covers) {
        return candidates(covers.goods()).filter(covers::covers);
    }

    /** The items of a set, in order. */
    public Stream<Item> items(GoodsSet set) {
        return candidates(set.rule())
                .flatMap(product -> product.items().stream())
                .filter(set::has);
    }

    /** What a SKU orders; none where nothing is. */
    public @Nullable Item item(String sku) {
        return parts.all()
                .map(part -> part.item(sku))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    /** The SKUs of products and variants that are nearest to one that nothing has; those whose letters differ least first. */
    public List<String> nearest(String sku, int few) {
        Set<String> known = new TreeSet<>();
        for (Product product : goods) {
            known.addAll(product.names());
            known.addAll(product.itemSkus());
        }
        return Similar.nearest(sku, known, few);
    }

    /** What products are called, by their SKU. */
    public Map<String, String> names() {
        Map<String, String> names = new HashMap<>();
        goods.forEach(product -> names.put(product.sku().value(), product.name()));
        return names;
    }

    /** What the product of a SKU is called; none where nothing has it. */
    public @Nullable String name(String sku) {
        return parts.all()
                .map(part -> part.product(sku))
                .filter(Objects::nonNull)
                .map(Product::name)
                .findFirst()
                .orElse(null);
    }

    /** The values that goods have of an attribute, sorted. */
    public Set<String> values(Attribute attribute) {
        Set<String> values = new TreeSet<>();
        parts.all().forEach(part -> part.addValues(attribute, values));
        return values;
    }

    /**
     * What stands in another list at the places of goods that a rule may mean: all that it means are among them.
     *
     * @param beside a list in the same parts
     */
    public <T> Stream<T> beside(GoodsRule rule, SharedList<T> beside) {
        Iterator<List<T>> others = beside.parts().iterator();
        return parts.all().flatMap(part -> {
            List<T> other = others.next();
            return part.places(rule).mapToObj(other::get);
        });
    }

    /** All that a rule means are among them. */
    private Stream<Product> candidates(GoodsRule rule) {
        return parts.all().flatMap(part -> part.candidates(rule));
    }
}
