package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.said.Part;
import dev.steelyard.format.Examples.BasketExample;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BasketExamplesTest {

    static Stream<BasketExample> baskets() {
        return Stream.of("baskets.json", "more-baskets.json", "tax.json").flatMap(Examples::baskets);
    }

    static Stream<Deal> deals() {
        return baskets()
                .map(BasketExample::document)
                .distinct()
                .flatMap(document -> document.book().deals().deals().stream());
    }

    @Test
    void allAreThere() {
        assertThat(Examples.baskets("baskets.json")).hasSize(24);
        assertThat(Examples.baskets("more-baskets.json")).hasSize(24);
        assertThat(Examples.baskets("tax.json")).hasSize(7);
        assertThat(baskets()).allMatch(example -> example.order().expected() != null);
    }

    @ParameterizedTest
    @MethodSource("baskets")
    void comesToTheFiguresGiven(BasketExample example) {
        PricedBasket basket = BasketTrials.price(example.document(), example.order(), Examples.ANY_DAY);
        assertThat(BasketTrials.mismatch(example.order(), basket)).isNull();
    }

    @ParameterizedTest
    @MethodSource("baskets")
    void comesToTheSameWithoutAReckoning(BasketExample example) {
        PricedBasket explained = BasketTrials.price(example.document(), example.order(), Examples.ANY_DAY);
        BasketDocument.Order order = example.order();
        PricedBasket plain = example.document()
                .book()
                .settle(
                        explained.lines(),
                        dev.steelyard.core.deal.Occasion.of(
                                        order.customer(), order.payment(), order.codes(), Examples.ANY_DAY)
                                .withCodesOf(order.codeLists()),
                        false);
        assertThat(plain.dealt().left()).isEqualTo(explained.dealt().left());
        assertThat(plain.toPay()).isEqualTo(explained.toPay());
        assertThat(plain.dealt().unused()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("baskets")
    void everyDealIsUsedOrSaysWhyNot(BasketExample example) {
        PricedBasket basket = BasketTrials.price(example.document(), example.order(), Examples.ANY_DAY);
        assertThat(basket.dealt().used()).noneMatch(used -> used.detail() instanceof Part.None);
        assertThat(basket.dealt().unused())
                .allMatch(unused -> !Words.owners().say(unused.detail()).isBlank());
        assertThat(basket.dealt().used().size() + basket.dealt().unused().size())
                .isEqualTo(example.document().book().deals().deals().size());
    }

    @ParameterizedTest
    @MethodSource("deals")
    void writingAndReadingADealChangesNothing(Deal deal) {
        Documents.DealReading again = Documents.readDeal(Json.write(DealWriter.write(deal)), ZoneOffset.UTC);
        assertThat(again.issues()).isEmpty();
        assertThat(again.deal()).isEqualTo(deal);
    }

    @Test
    void anExampleThatDoesNotHoldIsTold() {
        BasketExample first = Examples.baskets("baskets.json").findFirst().orElseThrow();
        PricedBasket basket = BasketTrials.price(first.document(), first.order(), Examples.ANY_DAY);
        BasketDocument.Order other = new BasketDocument.Order(
                first.order().lines(),
                first.order().customer(),
                null,
                Set.of(),
                Set.of(),
                null,
                new BasketDocument.Expected(
                        new BigDecimal("179.98"),
                        List.of(new BigDecimal("149.99"), new BigDecimal("29.99")),
                        List.of("Rope and chain days"),
                        Map.of(BigDecimal.TEN, BigDecimal.ONE),
                        null,
                        null));
        assertThat(BasketTrials.mismatch(other, basket))
                .isEqualTo("total 179.98 is expected, it comes to 179.99; line 2 29.99 is expected, it comes to 30.00; "
                        + "used [Rope and chain days] is expected, it is []; tax {10=1} is expected, it is none");
    }
}
