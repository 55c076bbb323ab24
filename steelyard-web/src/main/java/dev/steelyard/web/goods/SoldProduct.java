package dev.steelyard.web.goods;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import java.text.Normalizer;
import java.time.Instant;
import java.util.List;
import java.util.Locale;

/**
 * One of the goods that are sold, as lists and prices need it.
 *
 * @param picture address of its first picture, small; of a drawing where it has none
 * @param categories it stands in itself, without those above
 * @param key its name as it is sorted by
 */
public record SoldProduct(
        long id, String picture, List<String> categories, Instant changedAt, Product product, String key) {

    private static final int ASCII = 0x80;
    private static final int MARKS = // Unicode's category M
            1 << Character.NON_SPACING_MARK | 1 << Character.COMBINING_SPACING_MARK | 1 << Character.ENCLOSING_MARK;

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
        return (isPlain(text) ? text : unmarked(Normalizer.normalize(text, Normalizer.Form.NFKD)))
                .toLowerCase(Locale.ROOT);
    }

    private static boolean isPlain(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) >= ASCII) {
                return false;
            }
        }
        return true;
    }

    /** Without signs that stand on others. */
    private static String unmarked(String text) {
        StringBuilder bare = new StringBuilder(text.length());
        int sign;
        for (int i = 0; i < text.length(); i += Character.charCount(sign)) {
            sign = text.codePointAt(i);
            if (sign < ASCII || (MARKS >> Character.getType(sign) & 1) == 0) {
                bare.appendCodePoint(sign);
            }
        }
        return bare.toString();
    }
}
