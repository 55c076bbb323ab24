package dev.steelyard.web.goods;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import java.text.Normalizer;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * One of the goods that are sold, as lists and prices need it.
 *
 * @param picture address of its first picture, small; of a drawing where it has none
 * @param categories it stands in itself, without those above
 * @param key its name as it is sorted by
 */
public record SoldProduct(
        long id, String picture, List<String> categories, Instant changedAt, Product product, String key) {

    private static final Pattern MARKS = Pattern.compile("\\p{M}+");

    static SoldProduct of(GoodsReader.Read read) {
        return new SoldProduct(
                read.id(),
                read.picture(),
                read.categories(),
                read.changedAt(),
                read.product(),
                folded(read.product().name()));
    }

    /** Its name, SKU, and those of its variants, as they are searched: a line each. */
    void addWords(StringBuilder to) {
        to.append(key).append('\n').append(folded(product.sku().value()));
        for (Variant variant : product.variants()) {
            to.append('\n').append(folded(variant.sku().value()));
            to.append('\n').append(folded(variant.name()));
        }
    }

    /** Without regard to case and accents: “Dübel” is found by “dubel”. */
    public static String folded(String text) {
        boolean plain = text.chars().allMatch(c -> c < 0x80);
        String bare = plain
                ? text
                : MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFKD))
                        .replaceAll("");
        return bare.toLowerCase(Locale.ROOT);
    }
}
