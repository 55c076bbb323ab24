package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.pricing.PriceBook;
import java.util.Collection;
import java.util.List;

/** Some goods in words: “Hardware”, “Deck brush or Bow shackle, 8 mm”. */
public final class GoodsWords {

    private static final int MOST_NAMED = 4;

    private GoodsWords() {}

    /** What a set of goods is called; “goods” where it is everything. */
    public static String of(GoodsSet goods, PriceBook book) {
        return of(goods.rule(), book);
    }

    private static String of(GoodsRule rule, PriceBook book) {
        if (rule instanceof GoodsRule.Is is) {
            return joined(
                    is.values().stream()
                            .sorted()
                            .map(value -> name(is.attribute(), value, book))
                            .toList(),
                    " or ");
        } else if (rule instanceof GoodsRule.Any any) {
            return joined(any.rules().stream().map(part -> of(part, book)).toList(), " or ");
        } else if (rule instanceof GoodsRule.All all) {
            return joined(all.rules().stream().map(part -> of(part, book)).toList(), " that are ");
        } else if (rule instanceof GoodsRule.PriceBetween between) {
            return "goods"
                    + (between.least() == null ? "" : " from " + between.least().toPlainString())
                    + (between.most() == null ? "" : " up to " + between.most().toPlainString());
        }
        return "goods";
    }

    private static String name(Attribute attribute, String value, PriceBook book) {
        boolean sku = attribute == Attribute.SKU || attribute == Attribute.PRODUCT;
        if (!sku || Sku.fault(value) != null) {
            return value;
        }
        Item item = book.item(new Sku(value));
        if (item != null) {
            return item.name();
        }
        return book.product(new Sku(value)).map(product -> product.name()).orElse(value);
    }

    private static String joined(Collection<String> names, String by) {
        List<String> all = names.stream().distinct().toList();
        return all.size() <= MOST_NAMED
                ? String.join(by, all)
                : String.join(by, all.subList(0, MOST_NAMED - 1)) + by + (all.size() - MOST_NAMED + 1) + " more";
    }
}
