package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.said.Wording;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Some goods in words: “Hardware”, “Deck brush or Bow shackle, 8 mm”. */
public final class GoodsWords {

    private static final int MOST_NAMED = 4;

    private GoodsWords() {}

    /**
     * What a set of goods is called; “goods” where it is everything.
     *
     * @param categories what each is called
     */
    public static String of(GoodsSet goods, PriceBook book, Function<String, Wording> categories, Words words) {
        return of(goods.rule(), book, categories, words);
    }

    private static String of(GoodsRule rule, PriceBook book, Function<String, Wording> categories, Words words) {
        if (rule instanceof GoodsRule.Is is) {
            return anyOf(
                    is.values().stream()
                            .sorted()
                            .map(value -> is.attribute() == Attribute.CATEGORY
                                    ? words.in(categories.apply(value))
                                    : name(is.attribute(), value, book, words))
                            .toList(),
                    words);
        } else if (rule instanceof GoodsRule.Any any) {
            return anyOf(
                    any.rules().stream()
                            .map(part -> of(part, book, categories, words))
                            .toList(),
                    words);
        } else if (rule instanceof GoodsRule.All all) {
            return all.rules().stream()
                    .map(part -> of(part, book, categories, words))
                    .distinct()
                    .reduce((goods, kind) -> words.text("goods.that-are", "goods", goods, "kind", kind))
                    .orElse("");
        } else if (rule instanceof GoodsRule.PriceBetween between) {
            return words.text(
                    "goods.priced", "least", shown(between.least(), words), "most", shown(between.most(), words));
        }
        return words.text("goods.all");
    }

    private static String shown(@Nullable BigDecimal money, Words words) {
        return money == null ? "" : words.number(money, money.scale());
    }

    private static String name(Attribute attribute, String value, PriceBook book, Words words) {
        boolean sku = attribute == Attribute.SKU || attribute == Attribute.PRODUCT;
        if (!sku || Sku.fault(value) != null) {
            return value;
        }
        Item item = book.item(new Sku(value));
        if (item != null) {
            return words.in(item.told());
        }
        return book.product(new Sku(value))
                .map(product -> words.in(product.told()))
                .orElse(value);
    }

    private static String anyOf(Collection<String> names, Words words) {
        List<String> all = new ArrayList<>(names.stream().distinct().toList());
        if (all.size() > MOST_NAMED) {
            int more = all.size() - MOST_NAMED + 1;
            all = new ArrayList<>(all.subList(0, MOST_NAMED - 1));
            all.add(words.text("goods.more", "count", more));
        }
        return words.anyOf(all);
    }
}
