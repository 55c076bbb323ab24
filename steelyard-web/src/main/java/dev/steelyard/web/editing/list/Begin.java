package dev.steelyard.web.editing.list;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.words.CoversWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The page on which a card or deal is begun.
 *
 * @param goods that can be picked: each product, and what goods are told apart by
 * @param picked the values of those picked
 * @param everything whether everything in the shop is
 * @param more SKUs typed beside them
 * @param goodsFault what is wrong with what is picked; none where nothing is
 * @param fault what is wrong with how it is to be; none where nothing is
 * @param json what was to be read
 * @param faults what is wrong with it
 */
public record Begin(
        List<Choice> goods,
        List<String> picked,
        boolean everything,
        String more,
        String name,
        @Nullable String goodsFault,
        @Nullable String fault,
        String json,
        List<String> faults) {

    private static final int FEW = 3;

    /** What goods are told apart by, beside their SKUs: the word in requests is its code. */
    private static final List<Attribute> TRAITS =
            List.of(Attribute.CATEGORY, Attribute.BRAND, Attribute.TYPE, Attribute.SUPPLIER, Attribute.TAG);

    /** Something a card or deal can be for. */
    public record Choice(String value, String name, String about) {}

    /** @param goods all that are sold */
    public static Begin of(GoodsDirectory goods, String sku) {
        List<Choice> choices = new ArrayList<>();
        goods.all().stream()
                .limit(Subject.MOST_LISTED)
                .forEach(product -> choices.add(new Choice(
                        product.sku().value(), product.name(), product.sku().value())));
        TRAITS.forEach(trait -> goods.values(trait)
                .forEach(value -> choices.add(
                        new Choice(words(trait) + ":" + value, CoversWords.all(trait, value), words(trait)))));
        return new Begin(choices, sku.isEmpty() ? List.of() : List.of(sku), false, "", "", null, null, "", List.of());
    }

    private static String words(Attribute trait) {
        return trait.name().toLowerCase(Locale.ROOT);
    }

    /** The same as it was sent, with what is wrong about it. */
    public Begin saying(Sent sent, @Nullable String aboutGoods, @Nullable String aboutWay) {
        return new Begin(
                goods, sent.goods(), sent.everything(), sent.more(), sent.name(), aboutGoods, aboutWay, json, faults);
    }

    /** With a pasted document that cannot be taken, and what is wrong with it. */
    public Begin reading(String text, List<FormatIssue> wrong) {
        List<String> words = wrong.stream()
                .map(issue -> (issue.at().isEmpty() ? "The whole: " : issue.at() + ": ") + issue.message())
                .toList();
        return new Begin(goods, picked, everything, more, name, goodsFault, fault, text, words);
    }

    /**
     * What was sent.
     *
     * @param goods values of choices
     * @param more SKUs typed beside them, with commas between
     * @param everything whether everything in the shop was picked as such
     */
    public record Sent(List<String> goods, String more, boolean everything, String name) {

        private List<String> typed() {
            return Arrays.stream(more.split("[,;\\n]"))
                    .map(String::strip)
                    .filter(sku -> !sku.isEmpty())
                    .toList();
        }

        private List<String> all() {
            return Stream.concat(goods.stream(), typed().stream()).distinct().toList();
        }
    }

    /**
     * What was picked.
     *
     * @param values by the word in files: products, skus, categories …; empty for everything
     * @param goods the products of it
     */
    public record Picked(Map<String, List<String>> values, List<Product> goods, String name) {

        /** Makes a card or deal cover it. */
        public void covers(ObjectNode card) {
            ObjectNode covers = card.putObject("covers");
            if (values.isEmpty()) {
                covers.put("everything", true);
            }
            values.forEach((field, names) -> {
                ArrayNode list = covers.putArray(field);
                names.forEach(list::add);
            });
        }
    }

    /**
     * What is meant by what was sent.
     *
     * @throws NotFitting where nothing is picked, or something is not known, in words
     */
    public static Picked pick(GoodsDirectory goods, Sent sent) {
        List<String> all = sent.all();
        if (all.isEmpty() && !sent.everything()) {
            throw new NotFitting("Pick the goods it is for, or “Everything in the shop”");
        }
        if (!all.isEmpty() && sent.everything()) {
            throw new NotFitting("Pick either “Everything in the shop” or some goods, not both");
        }
        Map<String, List<String>> values = new LinkedHashMap<>();
        List<String> names = new ArrayList<>();
        for (String value : all) {
            add(goods, value, values, names);
        }
        List<Product> meant = goods.all().stream()
                .filter(product -> sent.everything() || isOf(product, values))
                .toList();
        String name = sent.everything()
                ? "Everything"
                : names.size() <= FEW ? String.join(", ", names) : names.size() + " kinds of goods";
        return new Picked(values, meant, name);
    }

    private static void add(GoodsDirectory goods, String value, Map<String, List<String>> to, List<String> names) {
        int colon = value.indexOf(':');
        for (Attribute trait : TRAITS) {
            String what = value.substring(colon + 1);
            if (colon > 0
                    && words(trait).equals(value.substring(0, colon))
                    && goods.values(trait).contains(what)) {
                to.computeIfAbsent(trait.code(), any -> new ArrayList<>()).add(what);
                names.add(what);
                return;
            }
        }
        String product = goods.name(value);
        if (product != null) {
            to.computeIfAbsent(Attribute.PRODUCT.code(), any -> new ArrayList<>())
                    .add(value);
            names.add(product);
            return;
        }
        Item variant = goods.item(value);
        if (variant != null) {
            to.computeIfAbsent(Attribute.SKU.code(), any -> new ArrayList<>()).add(value);
            names.add(variant.name());
            return;
        }
        List<String> near = goods.nearest(value, FEW);
        throw new NotFitting("Nothing with the SKU “" + value + "” is sold"
                + (near.isEmpty() ? "" : "; did you mean " + String.join(" or ", near) + "?"));
    }

    private static boolean isOf(Product product, Map<String, List<String>> values) {
        return Arrays.stream(Attribute.values())
                .filter(attribute -> values.containsKey(attribute.code()))
                .anyMatch(attribute ->
                        new GoodsRule.Is(attribute, Set.copyOf(values.get(attribute.code()))).fits(product));
    }
}
