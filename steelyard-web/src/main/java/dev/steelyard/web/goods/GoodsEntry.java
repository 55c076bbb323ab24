package dev.steelyard.web.goods;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.said.Wording;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One of the goods as pages read it: a copy, apart from the database.
 *
 * @param picture address of its first picture, small; of a drawing where it has none
 * @param pictures of its own, in their order
 * @param removedAt since when it is no longer sold; none while it is
 * @param product the same goods as prices see them
 * @param variantIds of the product's variants, in their order
 * @param alone groups whose own price rows stand alone
 */
public record GoodsEntry(
        long id,
        Wording description,
        String picture,
        List<GoodsPictures.Shown> pictures,
        @Nullable String brand,
        List<String> categories,
        long version,
        Instant changedAt,
        String changedBy,
        @Nullable Instant removedAt,
        Product product,
        List<Long> variantIds,
        Set<String> alone) {

    static GoodsEntry of(GoodsReader.Read read, Wording description, List<GoodsPictures.Shown> pictures) {
        return new GoodsEntry(
                read.id(),
                description,
                read.picture(),
                pictures,
                read.brand(),
                read.categories(),
                read.version(),
                read.changedAt(),
                read.changedBy(),
                read.removedAt(),
                read.product(),
                read.variantIds(),
                read.alone());
    }

    /** A product as prices see it, without what only its own page says. */
    public static GoodsEntry of(Product product) {
        return new GoodsEntry(
                0,
                Wording.NONE,
                "",
                List.of(),
                null,
                List.of(),
                0,
                Instant.EPOCH,
                "",
                null,
                product,
                List.of(),
                Set.of());
    }

    public String sku() {
        return product.sku().value();
    }

    public String name() {
        return product.name();
    }

    public boolean isRemoved() {
        return removedAt != null;
    }
}
