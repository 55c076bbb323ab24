package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.list.Begin;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.node.ObjectNode;

class StartsTest {

    private final List<Product> sold = List.of(
            new Product(
                    new Sku("SHK"),
                    "Shackle",
                    new BigDecimal("7.400000"),
                    null,
                    null,
                    null,
                    List.of(),
                    new Traits(Set.of("Hardware"), Set.of(), Set.of(), Set.of(), Set.of())),
            Product.of(new Sku("CVR"), "Cover", null));

    /** In any shop’s currency, with a shelf price or without. */
    @ParameterizedTest
    @EnumSource(Start.class)
    void everyWayBeginsAsACardThatCanBePrepared(Start start) {
        for (String currency : List.of("EUR", "JPY", "GBP")) {
            for (BigDecimal shelfPrice : new BigDecimal[] {null, new BigDecimal("7.40")}) {
                ObjectNode card = Starts.card(start, "New", currency, shelfPrice);
                Documents.DraftReading reading =
                        Documents.readDraft(card, ShopRules.of(Currency.getInstance(currency)));
                assertThat(reading.issues()).as(start + " in " + currency).isEmpty();
            }
        }
    }

    @Test
    void breaksBeginBelowTheShelfPriceWithItsDecimals() {
        ObjectNode card = Starts.card(Start.QUANTITY, "New", "EUR", new BigDecimal("7.400000"));
        assertThat(card.at("/ladder/rows/0/value").asString()).isEqualTo("7.03");
        ObjectNode fine = Starts.card(Start.QUANTITY, "New", "EUR", new BigDecimal("0.0890"));
        assertThat(fine.at("/ladder/rows/0/value").asString()).isEqualTo("0.085");
    }

    @Test
    void goodsPickedAreCoveredAndGiveTheName() {
        Begin.Picked one = Begin.pick(sold, List.of("CVR"));
        assertThat(one.name()).isEqualTo("Cover");
        ObjectNode card = Json.object();
        one.covers(card);
        assertThat(card.at("/covers/products/0").asString()).isEqualTo("CVR");

        Begin.Picked category = Begin.pick(sold, List.of("category:Hardware", "gone"));
        assertThat(category.name()).isEqualTo("Hardware");
        assertThat(category.first()).isEqualTo(sold.get(0));
        Begin.Picked all = Begin.pick(sold, List.of());
        assertThat(all.name()).isEqualTo("Everything");
        ObjectNode everything = Json.object();
        all.covers(everything);
        assertThat(everything).isEmpty();
        assertThat(Begin.pick(List.of(), List.of()).first()).isNull();
    }

    @Test
    void productsAndCategoriesCanBePicked() {
        Begin begin = Begin.of(sold, "CVR");
        assertThat(begin.goods()).extracting(Begin.Choice::value).containsExactly("SHK", "CVR", "category:Hardware");
        assertThat(begin.picked()).containsExactly("CVR");
        assertThat(begin.saying("Pick.", List.of("SHK"), "Name").picked()).containsExactly("SHK");
    }
}
