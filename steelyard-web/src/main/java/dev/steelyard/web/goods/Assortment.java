package dev.steelyard.web.goods;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.core.shared.PerPart;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.core.shared.SharedList.Change;
import dev.steelyard.core.shared.SharedMap;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** All goods that are sold: by name, by their number, by their words, by what they are. Immutable; the next shares the rest. */
public final class Assortment {

    static final Comparator<SoldProduct> BY_NAME =
            Comparator.comparing(SoldProduct::key).thenComparing(SoldProduct::id);

    private final SharedList<SoldProduct> goods;
    private final SharedMap<Long, SoldProduct> byId;
    private final PerPart<SoldProduct, SearchText> texts;
    private final PerPart<SoldProduct, List<Product>> products;
    private final GoodsDirectory directory;

    private Assortment(
            SharedList<SoldProduct> goods,
            SharedMap<Long, SoldProduct> byId,
            PerPart<SoldProduct, SearchText> texts,
            PerPart<SoldProduct, List<Product>> products,
            GoodsDirectory directory) {
        this.goods = goods;
        this.byId = byId;
        this.texts = texts;
        this.products = products;
        this.directory = directory;
    }

    /** @param all sooner done where long stretches of them are by name already */
    static Assortment of(List<SoldProduct> all) {
        SharedList<SoldProduct> goods =
                SharedList.of(all.stream().sorted(BY_NAME).toList());
        SharedMap.Filling<Long, SoldProduct> byId = SharedMap.filling(all.size());
        all.forEach(one -> byId.put(one.id(), one));
        PerPart<SoldProduct, List<Product>> products = PerPart.of(
                goods, part -> part.stream().map(SoldProduct::product).toList());
        return new Assortment(
                goods,
                byId.done(),
                PerPart.of(goods, SearchText::new),
                products,
                GoodsDirectory.of(SharedList.ofParts(products.all())));
    }

    /**
     * The next one.
     *
     * @param changed goods that are other than here, by their number; none where one is no longer sold
     */
    Assortment after(Map<Long, @Nullable SoldProduct> changed) {
        Map<Long, SoldProduct> come = new HashMap<>();
        changed.forEach((id, one) -> {
            if (one != null) {
                come.put(id, one);
            }
        });
        List<SoldProduct> gone = changed.keySet().stream()
                .map(byId::get)
                .filter(one -> one != null)
                .toList();
        SharedList<SoldProduct> next = goods.after(new Change<>(gone, List.copyOf(come.values())), BY_NAME);
        PerPart<SoldProduct, List<Product>> nextProducts = products.next(next);
        return new Assortment(
                next,
                byId.after(changed.keySet(), come),
                texts.next(next),
                nextProducts,
                directory.next(SharedList.ofParts(nextProducts.all())));
    }

    /** All of them, by name. */
    public SharedList<SoldProduct> goods() {
        return goods;
    }

    /** The same, as prices see them, to look things up in: what stands at a place here stands there at the same. */
    public GoodsDirectory directory() {
        return directory;
    }

    /** The one of a number; none where it is not sold. */
    public @Nullable SoldProduct ofId(long id) {
        return byId.get(id);
    }

    /** Those whose names and SKUs have all that was typed, word by word, by name; all where nothing was typed. */
    public Stream<SoldProduct> saying(String typed) {
        String[] words = Arrays.stream(SoldProduct.folded(typed).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toArray(String[]::new);
        return texts.all().flatMap(part -> part.find(words));
    }

    /** Those whose names and SKUs have what was typed, as it stands, by name; all where nothing was typed. */
    public Stream<SoldProduct> sayingAsTyped(String typed) {
        String[] words = typed.isBlank() ? new String[0] : new String[] {SoldProduct.folded(Pasted.stripped(typed))};
        return texts.all().flatMap(part -> part.find(words));
    }
}
