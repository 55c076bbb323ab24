package dev.steelyard.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.GoodsRule.Attribute;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class GoodsDirectoryTest {

    private static final long SEED = 20261126;
    private static final List<String> NAMES = List.of("a", "b", "c", "d");

    private final Random random = new Random(SEED);

    private Set<String> some() {
        List<String> picked = new ArrayList<>();
        NAMES.stream().filter(name -> random.nextInt(3) == 0).forEach(picked::add);
        return Set.copyOf(picked);
    }

    private Product product(int number) {
        List<Variant> variants = random.nextInt(4) == 0
                ? List.of(
                        new Variant(new Sku("V" + number + "-1"), "one", null, null, null),
                        new Variant(new Sku("V" + number + "-2"), "two", null, null, null))
                : List.of();
        return new Product(
                new Sku("P" + number),
                "Product " + number,
                BigDecimal.valueOf(random.nextInt(20)),
                null,
                null,
                null,
                variants,
                new Traits(some(), some(), some(), some(), some()));
    }

    private GoodsRule rule(int depth) {
        return switch (random.nextInt(depth > 0 ? 5 : 3)) {
            case 0 -> new GoodsRule.Is(
                    Attribute.values()[random.nextInt(Attribute.values().length)],
                    random.nextBoolean() ? some() : Set.of("P" + random.nextInt(60), "V" + random.nextInt(60) + "-1"));
            case 1 -> new GoodsRule.PriceBetween(BigDecimal.valueOf(random.nextInt(20)), null);
            case 2 -> random.nextInt(6) == 0
                    ? GoodsRule.EVERYTHING
                    : new GoodsRule.Is(Attribute.CATEGORY, Set.of(NAMES.get(random.nextInt(4))));
            case 3 -> new GoodsRule.All(List.of(rule(depth - 1), rule(depth - 1)));
            default -> new GoodsRule.Any(List.of(rule(depth - 1), rule(depth - 1)));
        };
    }

    /** What is found by the index is what asking every product finds, in the same order. */
    @Test
    void answersAsIfAllHadBeenAsked() {
        List<Product> goods = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            goods.add(product(i));
        }
        GoodsDirectory directory = GoodsDirectory.of(goods);
        for (int i = 0; i < 2_000; i++) {
            GoodsRule rule = rule(2);
            Covers covers = new Covers(rule, Set.of("P7"), Audience.EVERYONE, Times.ALWAYS);
            GoodsSet set = new GoodsSet(rule, Set.of("V3-1", "P9"));

            assertThat(directory.covered(covers))
                    .as("seed %s, rule %s", SEED, rule)
                    .containsExactlyElementsOf(
                            goods.stream().filter(covers::covers).toList());
            assertThat(directory.items(set))
                    .as("seed %s, rule %s", SEED, rule)
                    .containsExactlyElementsOf(goods.stream()
                            .flatMap(product -> product.items().stream())
                            .filter(set::has)
                            .toList());
        }
    }

    @Test
    void looksUpNamesItemsAndValues() {
        GoodsDirectory directory = GoodsDirectory.of(List.of(Product.of(new Sku("ROPE"), "Rope", null)));

        assertThat(directory.item("ROPE")).isNotNull();
        assertThat(directory.item("rope")).isNull();
        assertThat(directory.names()).containsEntry("ROPE", "Rope");
        assertThat(directory.values(Attribute.PRODUCT)).containsExactly("ROPE");
        assertThat(directory.values(Attribute.BRAND)).isEmpty();
    }
}
