package dev.steelyard.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.shared.SharedList.Change;
import dev.steelyard.core.testing.RandomCards;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The index finds the very cards that looking at every card finds. */
class CardIndexTest {

    private static final ZonedDateTime NOON = ZonedDateTime.of(2026, 11, 30, 12, 0, 0, 0, ZoneOffset.UTC);

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
            assertThat(index.covering(new Item(product, null)).cards()).containsExactlyElementsOf(covering);
            found += covering.size();
        }
        assertThat(found).isGreaterThan(1000);
    }

    /** A book made from the last one is the book made of everything: other goods, rows, cards, deals, tax. */
    @Test
    void theNextBookIsTheBookMadeAnew() {
        List<PreparedCard> cards = Stream.generate(this::card).limit(20).toList();
        List<Product> goods = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            goods.add(changed(i));
        }
        List<Deal> deals = List.of();
        PriceBook book = PriceBook.of(RandomCards.EURO, cards, deals, null, goods);
        for (int round = 0; round < 30; round++) {
            List<Product> gone = new ArrayList<>();
            List<Product> come = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                Product one = goods.remove(random.nextInt(goods.size()));
                gone.add(one);
                if (random.nextBoolean()) {
                    come.add(changed(Integer.parseInt(one.sku().value().substring(4))));
                }
                come.add(changed(1000 + 10 * round + i));
            }
            goods.addAll(come);
            if (round % 10 == 5) {
                cards = Stream.generate(this::card).limit(20).toList();
            } else if (round % 10 == 8) {
                deals = List.of(Deal.of(
                        "Off",
                        new Gives.OnLadder(
                                Gives.Counts.PIECES,
                                GoodsSet.of(is(Attribute.TAG, "t1", "t" + round % 20)),
                                Gives.Value.PERCENT_OFF,
                                List.of(new Gives.Row(BigDecimal.ONE, BigDecimal.valueOf(round))))));
            }
            book = book.next(RandomCards.EURO, cards, deals, null, new Change<>(gone, come));
            PriceBook anew = PriceBook.of(RandomCards.EURO, cards, deals, null, goods);
            assertThat(told(book, goods, gone)).isEqualTo(told(anew, goods, gone));
        }
    }

    private static List<Object> told(PriceBook book, List<Product> goods, List<Product> gone) {
        List<Object> told = new ArrayList<>();
        for (Product product : Stream.concat(goods.stream(), gone.stream()).toList()) {
            List<OrderLine> lines = Stream.concat(
                            Stream.of(product.sku()), product.items().stream().map(Item::sku))
                    .map(sku -> new OrderLine(sku, 12, Answers.NONE))
                    .toList();
            told.add(book.product(product.sku()));
            told.add(book.explainBasket(lines, Occasion.of(Customer.EVERYONE, NOON))
                    .toString());
            told.add(book.verdicts(product.items().get(0).sku(), Customer.EVERYONE, NOON));
        }
        return told;
    }

    private Product changed(int number) {
        Product plain = product(number);
        return random.nextInt(3) == 0
                ? new Product(
                        plain.sku(),
                        "Goods " + random.nextInt(9),
                        plain.shelfPrice(),
                        null,
                        null,
                        null,
                        List.of(
                                new Variant(new Sku("SKU-" + number + "-1"), "one", BigDecimal.ONE, null, null),
                                new Variant(new Sku("SKU-" + number + "-2"), "two", null, null, null)),
                        plain.traits())
                : plain.withOwnRows(PriceRows.of(
                        Over.LINE,
                        List.of(Break.everyone(1 + random.nextInt(20), BigDecimal.valueOf(random.nextInt(9))))));
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
