package dev.steelyard.web.editing.list;

import dev.steelyard.core.card.Product;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.editing.trial.Subject;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The page on which a card or deal is begun.
 *
 * @param goods that can be picked: each product, and each category with what is in it
 * @param picked the values of those picked
 * @param fault what is wrong; none where nothing is
 * @param json what was to be read
 * @param faults what is wrong with it
 */
public record Begin(
        List<Choice> goods,
        List<String> picked,
        String name,
        @Nullable String fault,
        String json,
        List<String> faults) {

    private static final String CATEGORY = "category:";

    /** Something a card or deal can be for. */
    public record Choice(String value, String name, String about) {}

    public static Begin of(List<Product> sold, String sku) {
        List<Choice> goods = new ArrayList<>();
        sold.stream()
                .limit(Subject.MOST_LISTED)
                .forEach(product -> goods.add(new Choice(
                        product.sku().value(), product.name(), product.sku().value())));
        sold.stream()
                .flatMap(product -> product.traits().categories().stream())
                .distinct()
                .sorted()
                .forEach(category -> goods.add(new Choice(CATEGORY + category, "All of " + category, "category")));
        return new Begin(goods, sku.isEmpty() ? List.of() : List.of(sku), "", null, "", List.of());
    }

    public Begin saying(String words, List<String> goodsPicked, String typedName) {
        return new Begin(goods, goodsPicked, typedName, words, json, faults);
    }

    /** With a pasted document that cannot be taken, and what is wrong with it. */
    public Begin reading(String text, List<FormatIssue> wrong) {
        List<String> words = wrong.stream()
                .map(issue -> (issue.at().isEmpty() ? "The whole: " : issue.at() + ": ") + issue.message())
                .toList();
        return new Begin(goods, picked, name, fault, text, words);
    }

    /**
     * What was picked.
     *
     * @param first the first product of it; none where nothing is sold
     */
    public record Picked(List<String> skus, List<String> categories, @Nullable Product first, String name) {

        /** Makes a card or deal cover it. */
        public void covers(ObjectNode card) {
            if (skus.isEmpty() && categories.isEmpty()) {
                return;
            }
            ObjectNode covers = card.putObject("covers");
            put(covers, "products", skus);
            put(covers, "categories", categories);
        }

        private static void put(ObjectNode covers, String field, List<String> values) {
            if (!values.isEmpty()) {
                ArrayNode list = covers.putArray(field);
                values.forEach(list::add);
            }
        }
    }

    /** What was picked, and SKUs typed beside it with commas between. */
    public static List<String> with(List<String> picked, String typed) {
        List<String> all = new ArrayList<>(picked);
        Arrays.stream(typed.split(","))
                .map(String::strip)
                .filter(sku -> !sku.isEmpty())
                .forEach(all::add);
        return all;
    }

    public static Picked pick(List<Product> sold, List<String> values) {
        List<String> skus = values.stream()
                .filter(value ->
                        sold.stream().anyMatch(product -> product.sku().value().equals(value)))
                .toList();
        List<String> categories = values.stream()
                .filter(value -> value.startsWith(CATEGORY))
                .map(value -> value.substring(CATEGORY.length()))
                .toList();
        Product first = sold.stream()
                .filter(product -> skus.isEmpty() && categories.isEmpty()
                        || skus.contains(product.sku().value())
                        || product.traits().categories().stream().anyMatch(categories::contains))
                .findFirst()
                .orElse(null);
        String name = categories.isEmpty() && skus.size() == 1 && first != null
                ? first.name()
                : !categories.isEmpty()
                        ? String.join(", ", categories)
                        : skus.isEmpty() ? "Everything" : skus.size() + " products";
        return new Picked(skus, categories, first, name);
    }
}
