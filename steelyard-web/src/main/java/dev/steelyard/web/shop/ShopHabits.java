package dev.steelyard.web.shop;

import dev.steelyard.words.Language;
import java.util.List;

/**
 * How the shop works.
 *
 * @param decimalComma whether numbers are written with a decimal comma: 1.018,00
 * @param counterOpen whether the counter is open to everybody, or for its own people only
 * @param twoEyes whether who changed a draft last cannot be the one who puts it live
 * @param allOrders whether orders of the counter and of the owner's own store count as one where it is told what was sold
 * @param lowestNamed whether a price that is reduced for a time names the lowest of the thirty days before
 * @param languages that shoppers may read; the first is the shop's own, in which its texts are written
 */
public record ShopHabits(
        boolean decimalComma,
        boolean counterOpen,
        boolean twoEyes,
        boolean allOrders,
        boolean lowestNamed,
        List<Language> languages) {

    /** A decimal point, open to everybody, one pair of eyes, all orders as one, English. */
    public static final ShopHabits USUAL = new ShopHabits(false, true, false, true, true, List.of(Language.ENGLISH));

    public ShopHabits {
        languages = languages.isEmpty()
                ? List.of(Language.ENGLISH)
                : languages.stream().distinct().toList();
    }

    /** The shop's own language. */
    public Language language() {
        return languages.get(0);
    }

    /** Those in which texts may be given beside the shop's own. */
    public List<Language> otherLanguages() {
        return languages.subList(1, languages.size());
    }
}
