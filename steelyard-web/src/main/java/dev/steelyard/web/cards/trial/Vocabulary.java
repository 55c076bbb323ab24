package dev.steelyard.web.cards.trial;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.web.page.Countries;
import java.util.LinkedHashMap;
import java.util.Map;

/** What can be picked where goods, customers and countries are named. */
public final class Vocabulary {

    private Vocabulary() {}

    /** By what is named: each value that is in a file with what it is called. */
    public static Map<String, Map<String, String>> of(Subject subject) {
        Map<String, Map<String, String>> words = new LinkedHashMap<>();
        Map<String, String> products = new LinkedHashMap<>();
        subject.goods().forEach(product -> products.put(product.sku().value(), product.name()));
        words.put("products", products);
        for (GoodsRule.Attribute attribute : GoodsRule.Attribute.values()) {
            if (attribute != GoodsRule.Attribute.PRODUCT && attribute != GoodsRule.Attribute.SKU) {
                Map<String, String> values = new LinkedHashMap<>();
                subject.goods().stream()
                        .flatMap(product -> attribute.of(product).stream())
                        .sorted()
                        .forEach(value -> values.put(value, value));
                words.put(attribute.code(), values);
            }
        }
        Map<String, String> items = new LinkedHashMap<>();
        subject.goods().forEach(product -> product.items()
                .forEach(item -> items.put(item.sku().value(), item.name())));
        words.put("skus", items);
        Map<String, String> groups = new LinkedHashMap<>();
        subject.groupNames().forEach(group -> groups.put(group, group));
        words.put("groups", groups);
        words.put("countries", Countries.all());
        return words;
    }
}
