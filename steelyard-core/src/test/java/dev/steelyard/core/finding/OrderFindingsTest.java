package dev.steelyard.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.card.Traits;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class OrderFindingsTest {

    private static final Product ROPE = product("ROPE", "rope");
    private static final Product CHAIN = product("CHAIN", "chain");

    @Test
    void aCardThatAnEarlierOneLeavesNothingToIsShadowed() {
        assertThat(found(
                        card("Everything", GoodsRule.EVERYTHING, Audience.EVERYONE, Times.ALWAYS),
                        card("Rope", category("rope"), Audience.of("Boatyard"), Times.ALWAYS)))
                .containsExactly(
                        "1 shadowed: found(what: never-wins(other: Everything, products: 1))",
                        "1 overlap: found(what: comes-before(other: Everything, products: 1))");
    }

    @Test
    void anEarlierCardForSomeLeavesTheRest() {
        Times may = Times.days(LocalDate.of(2027, 5, 1), LocalDate.of(2027, 6, 1), ZoneOffset.UTC);
        assertThat(found(
                        card("May", GoodsRule.EVERYTHING, Audience.EVERYONE, may),
                        card("Always", GoodsRule.EVERYTHING, Audience.EVERYONE, Times.ALWAYS)))
                .containsExactly("1 overlap: found(what: comes-before(other: May, products: 2))");
    }

    @Test
    void cardsForDifferentCustomersOrTimesDoNotOverlap() {
        Times may = Times.days(LocalDate.of(2027, 5, 1), LocalDate.of(2027, 6, 1), ZoneOffset.UTC);
        Times june = Times.days(LocalDate.of(2027, 6, 1), LocalDate.of(2027, 7, 1), ZoneOffset.UTC);
        assertThat(found(
                        card("May", GoodsRule.EVERYTHING, Audience.EVERYONE, may),
                        card("June", GoodsRule.EVERYTHING, Audience.EVERYONE, june)))
                .isEmpty();
        assertThat(found(
                        card("Yards", GoodsRule.EVERYTHING, Audience.of("Boatyard"), Times.ALWAYS),
                        card("Crew", GoodsRule.EVERYTHING, Audience.of("Crew club"), Times.ALWAYS)))
                .isEmpty();
        assertThat(found(
                        card("No yards", GoodsRule.EVERYTHING, without("Boatyard"), Times.ALWAYS),
                        card("Yards", GoodsRule.EVERYTHING, Audience.of("Boatyard"), Times.ALWAYS)))
                .isEmpty();
    }

    @Test
    void aCardThatCoversNoProductSaysSo() {
        assertThat(found(card("Sails", category("sails"), Audience.EVERYONE, Times.ALWAYS)))
                .containsExactly("0 covers-nothing: found(what: no-product-covered)");
    }

    private static Audience without(String group) {
        return new Audience(Set.of(), Set.of(group), null, null, Set.of());
    }

    private static GoodsRule category(String name) {
        return new GoodsRule.Is(GoodsRule.Attribute.CATEGORY, Set.of(name));
    }

    private static RateCard card(String name, GoodsRule goods, Audience audience, Times times) {
        return RateCard.named(name)
                .covers(new Covers(goods, Set.of(), audience, times))
                .build();
    }

    private static Product product(String sku, String category) {
        return new Product(
                new Sku(sku),
                sku,
                BigDecimal.TEN,
                null,
                null,
                null,
                List.of(),
                new Traits(Set.of(category), Set.of(), Set.of(), Set.of(), Set.of()));
    }

    private static List<String> found(RateCard... order) {
        List<String> found = new ArrayList<>();
        OrderFindings.of(List.of(order), GoodsDirectory.of(List.of(ROPE, CHAIN)))
                .forEach((index, ofCard) ->
                        ofCard.forEach(one -> found.add(index + " " + one.code().text() + ": " + one.said())));
        return found;
    }
}
