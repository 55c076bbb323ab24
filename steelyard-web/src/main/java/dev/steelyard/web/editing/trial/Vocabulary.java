package dev.steelyard.web.editing.trial;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.web.base.page.Countries;
import java.util.LinkedHashMap;
import java.util.Map;

/** What can be picked where goods, customers and countries are named. */
public final class Vocabulary {

    private Vocabulary() {}

    /** By what is named (products and SKUs only of a shop with few): each value that is in a file with what it is called. */
    public static Map<String, Map<String, String>> of(Subject subject) {
        Map<String, Map<String, String>> words = new LinkedHashMap<>();
        words.put("products", subject.hasMany() ? Map.of() : sorted(subject.names()));
        for (GoodsRule.Attribute attribute : GoodsRule.Attribute.values()) {
            if (attribute != GoodsRule.Attribute.PRODUCT && attribute != GoodsRule.Attribute.SKU) {
                Map<String, String> values = new LinkedHashMap<>();
                subject.directory().values(attribute).forEach(value -> values.put(value, value));
                words.put(attribute.code(), values);
            }
        }
        Map<String, String> items = new LinkedHashMap<>();
        if (!subject.hasMany()) {
            subject.goods().forEach(product -> product.items()
                    .forEach(item -> items.put(item.sku().value(), item.name())));
        }
        words.put("skus", items);
        Map<String, String> groups = new LinkedHashMap<>();
        subject.groupNames().forEach(group -> groups.put(group, group));
        words.put("groups", groups);
        words.put("countries", Countries.all());
        return words;
    }

    /** By what they are called. */
    private static Map<String, String> sorted(Map<String, String> names) {
        Map<String, String> sorted = new LinkedHashMap<>();
        names.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .forEach(one -> sorted.put(one.getKey(), one.getValue()));
        return sorted;
    }
}
