package dev.steelyard.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.prepared.PreparedCard;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The index finds the very cards that looking at every card finds. */
class CardIndexTest {

    private final Random random = new Random(77);

    @Test
    void findsWhatLookingAtEveryCardFinds() {
        List<PreparedCard> order = Stream.generate(this::card).limit(300).toList();
        CardIndex index = new CardIndex(order);
        int found = 0;
        for (int i = 0; i < 300; i++) {
            Product product = product(i);
            List<PreparedCard> covering = order.stream()
                    .filter(card -> card.card().covers().covers(product))
                    .toList();
            assertThat(index.covering(product)).containsExactlyElementsOf(covering);
            found += covering.size();
        }
        assertThat(found).isGreaterThan(1000);
    }

    private PreparedCard card() {
        Set<String> except = random.nextInt(5) == 0 ? Set.of("SKU-" + random.nextInt(300)) : Set.of();
        Covers covers = new Covers(rule(2), except, Audience.EVERYONE, Times.ALWAYS);
        return PreparedCard.prepare(RateCard.named("Card").covers(covers).build(), "EUR")
                .orThrow();
    }

    private GoodsRule rule(int depth) {
        return switch (random.nextInt(depth == 0 ? 3 : 5)) {
            case 0 -> new GoodsRule.PriceBetween(BigDecimal.valueOf(random.nextInt(50)), null);
            case 1 -> is(Attribute.CATEGORY, "c" + random.nextInt(20), "c" + random.nextInt(20));
            case 2 -> is(Attribute.TAG, "t" + random.nextInt(20), "t20");
            case 3 -> new GoodsRule.All(List.of(rule(depth - 1), rule(depth - 1)));
            default -> new GoodsRule.Any(List.of(rule(depth - 1), rule(depth - 1)));
        };
    }

    private static GoodsRule is(Attribute attribute, String one, String other) {
        return new GoodsRule.Is(attribute, new HashSet<>(List.of(one, other)));
    }

    private Product product(int number) {
        return new Product(
                new Sku("SKU-" + number),
                "Goods",
                BigDecimal.valueOf(random.nextInt(60)),
                null,
                null,
                null,
                List.of(),
                new Traits(
                        Set.of("c" + random.nextInt(20)),
                        Set.of(),
                        Set.of(),
                        Set.of(),
                        Set.of("t" + random.nextInt(21))));
    }
}
