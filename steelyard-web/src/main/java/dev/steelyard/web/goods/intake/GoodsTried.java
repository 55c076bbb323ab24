package dev.steelyard.web.goods.intake;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.sold.replay.Tried;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What goods that are there would be priced by, were a checked goods sheet applied. New ones were never sold. */
@Component
class GoodsTried {

    private static final int PAGE = 5_000;

    private final IntakeRows rows;

    GoodsTried(IntakeRows rows) {
        this.rows = rows;
    }

    Tried of(long batch, BookInForce book) {
        Map<Long, List<IntakeRow>> changed = new HashMap<>();
        for (boolean variants : new boolean[] {false, true}) {
            int after = 0;
            for (List<IntakeRow> page = page(batch, variants, after);
                    !page.isEmpty();
                    page = page(batch, variants, after)) {
                for (IntakeRow row : page) {
                    changed.computeIfAbsent(row.productId(), any -> new ArrayList<>())
                            .add(row);
                }
                after = page.get(page.size() - 1).number();
            }
        }
        List<Product> gone = new ArrayList<>();
        List<Product> come = new ArrayList<>();
        Set<String> skus = new HashSet<>();
        for (SoldProduct sold : book.sold()) {
            List<IntakeRow> by = changed.get(sold.id());
            if (by != null) {
                gone.add(sold.product());
                come.add(product(sold.product(), by));
                skus.add(sold.product().sku().value());
            }
        }
        return new Tried("", book.withGoods(gone, come), skus);
    }

    private List<IntakeRow> page(long batch, boolean variants, int after) {
        return rows.page(batch, Outcome.Kind.CHANGE, variants, after, PAGE);
    }

    private static Product product(Product product, List<IntakeRow> rows) {
        Product changed = product;
        for (IntakeRow row : rows) {
            changed = row.variant() ? withVariant(changed, row) : with(changed, row.will());
        }
        return changed;
    }

    private static Product with(Product product, Map<GoodsColumn, String> said) {
        String decimals = said.get(GoodsColumn.DECIMALS);
        return new Product(
                product.sku(),
                product.name(),
                price(said, product.shelfPrice()),
                product.unitCost(),
                decimals == null ? product.unitPriceDecimals() : decimals.isEmpty() ? null : Integer.valueOf(decimals),
                product.ownRows(),
                product.variants(),
                traits(product.traits(), said),
                product.told());
    }

    private static Product withVariant(Product product, IntakeRow row) {
        List<Variant> variants = product.variants().stream()
                .map(one -> one.sku().value().equals(row.sku())
                        ? new Variant(
                                one.sku(),
                                one.name(),
                                price(row.will(), one.shelfPrice()),
                                one.unitCost(),
                                one.ownRows())
                        : one)
                .toList();
        return new Product(
                product.sku(),
                product.name(),
                product.shelfPrice(),
                product.unitCost(),
                product.unitPriceDecimals(),
                product.ownRows(),
                variants,
                product.traits(),
                product.told());
    }

    private static @Nullable BigDecimal price(Map<GoodsColumn, String> said, @Nullable BigDecimal before) {
        String price = said.get(GoodsColumn.SHELF_PRICE);
        return price == null ? before : price.isEmpty() ? null : new BigDecimal(price);
    }

    private static Traits traits(Traits before, Map<GoodsColumn, String> said) {
        String tax = said.getOrDefault(GoodsColumn.TAX_CLASS, before.taxClass());
        return new Traits(
                words(said, GoodsColumn.CATEGORY, "[;>]", before.categories()),
                words(said, GoodsColumn.BRAND, ";", before.brand()),
                words(said, GoodsColumn.TYPE, ";", before.type()),
                words(said, GoodsColumn.SUPPLIER, ";", before.supplier()),
                words(said, GoodsColumn.TAGS, ",", before.tags()),
                tax.isEmpty() ? Traits.STANDARD_TAX : tax);
    }

    private static Set<String> words(
            Map<GoodsColumn, String> said, GoodsColumn column, String between, Set<String> before) {
        String text = said.get(column);
        return text == null
                ? before
                : Arrays.stream(text.split(between))
                        .map(String::strip)
                        .filter(Predicate.not(String::isEmpty))
                        .collect(Collectors.toUnmodifiableSet());
    }
}
