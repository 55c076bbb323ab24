package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.list.Begin;
import dev.steelyard.words.Language;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
                    List.of(new Variant(new Sku("SHK-8"), "8 mm", null, null, null)),
                    new Traits(Set.of("Hardware"), Set.of(), Set.of(), Set.of(), Set.of())),
            Product.of(new Sku("CVR"), "Cover", null));
    private final GoodsDirectory directory = GoodsDirectory.of(sold);

    /** In any shop’s currency, with a shelf price or without. */
    @ParameterizedTest
    @EnumSource(Start.class)
    void everyWayBeginsAsACardThatCanBePrepared(Start start) {
        for (String currency : List.of("EUR", "JPY", "GBP")) {
            for (List<Product> goods : List.of(List.<Product>of(), sold, List.of(priced("7.40"), priced("9.00")))) {
                ObjectNode card = Starts.card(start, "New", currency, Language.ENGLISH, goods);
                Documents.DraftReading reading =
                        Documents.readDraft(card, ShopRules.of(Currency.getInstance(currency)));
                assertThat(reading.issues()).as(start + " in " + currency).isEmpty();
            }
        }
    }

    /** Shoppers of a German shop would have read “Length” on a card that nobody had looked through. */
    @ParameterizedTest
    @CsvSource({"GERMAN, Länge, Breite, ohne", "FRENCH, Longueur, Largeur, sans", "DUTCH, Lengte, Breedte, zonder"})
    void whatShoppersReadBeginsInTheShopsLanguage(Language language, String length, String width, String without) {
        DraftDocument card = DraftDocument.of(Starts.card(Start.AREA, "New", "EUR", language, List.of()));
        assertThat(card.text("/language")).isEqualTo(language.code());
        assertThat(card.text("/asks/0/label")).isEqualTo(length);
        assertThat(card.text("/asks/1/label")).isEqualTo(width);
        NewParts parts = new NewParts(card, "EUR");
        parts.measurement(MeasureKinds.LENGTH);
        parts.choice(true);
        assertThat(card.text("/asks/2/label")).isEqualTo(length);
        assertThat(card.text("/asks/3/options/0/name")).isEqualTo(without);
        assertThat(Documents.readDraft(card.root(), ShopRules.of(Currency.getInstance("EUR")))
                        .issues())
                .isEmpty();
        assertThat(DraftDocument.of(Starts.card(Start.AREA, "New", "EUR", Language.ENGLISH, List.of()))
                        .has("/language"))
                .isFalse();
    }

    @Test
    void breaksBeginBelowTheShelfPriceWithItsDecimals() {
        ObjectNode card = Starts.card(Start.QUANTITY, "New", "EUR", Language.ENGLISH, List.of(priced("7.400000")));
        assertThat(card.at("/ladder/rows/0/value").asString()).isEqualTo("7.03");
        ObjectNode fine = Starts.card(Start.QUANTITY, "New", "EUR", Language.ENGLISH, List.of(priced("0.0890")));
        assertThat(fine.at("/ladder/rows/0/value").asString()).isEqualTo("0.085");
    }

    @Test
    void ofGoodsWithSeveralShelfPricesNoneGetsAnothersPrice() {
        ObjectNode card =
                Starts.card(Start.QUANTITY, "New", "EUR", Language.ENGLISH, List.of(priced("7.40"), priced("250.00")));
        assertThat(card.at("/ladder/value").asString()).isEqualTo("percent-off");
        assertThat(card.at("/ladder/rows/0/value").asString()).isEqualTo("5");
        assertThat(card.at("/cases/0/piece/shelfPrice").asBoolean()).isTrue();
    }

    @Test
    void goodsPickedAreCoveredAndGiveTheName() {
        Begin.Picked one = pick("CVR");
        assertThat(one.name()).isEqualTo("Cover");
        assertThat(covers(one)).isEqualTo("{\"products\":[\"CVR\"]}");
        Begin.Picked category = Begin.pick(directory, sent("", false, "category:Hardware"));
        assertThat(category.name()).isEqualTo("Hardware");
        assertThat(category.goods()).containsExactly(sold.get(0));
        Begin.Picked all = Begin.pick(directory, sent("", true));
        assertThat(all.name()).isEqualTo("Everything");
        assertThat(covers(all)).isEqualTo("{\"everything\":true}");
    }

    @Test
    void whatIsNotKnownOrNotPickedIsSaidAndNeverEverything() {
        assertThatThrownBy(() -> pick("SHX")).hasMessage("Nothing with the SKU “SHX” is sold; did you mean SHK?");
        assertThatThrownBy(() -> pick("zzzz")).hasMessage("Nothing with the SKU “zzzz” is sold");
        assertThatThrownBy(() -> Begin.pick(directory, sent("", false, "category:Gone")))
                .hasMessageContaining("category:Gone");
        assertThatThrownBy(() -> pick("")).hasMessage("Pick the goods it is for, or “Everything in the shop”");
        assertThatThrownBy(() -> Begin.pick(directory, sent("SHK", true))).hasMessageContaining("not both");
    }

    @Test
    void aVariantIsCoveredByItsSku() {
        assertThat(covers(pick("SHK-8"))).isEqualTo("{\"skus\":[\"SHK-8\"]}");
    }

    @Test
    void productsAndWhatGoodsAreToldApartByCanBePicked() {
        Begin begin = Begin.of(directory, "CVR");
        assertThat(begin.goods()).extracting(Begin.Choice::value).containsExactly("SHK", "CVR", "category:Hardware");
        assertThat(begin.picked()).containsExactly("CVR");
        Begin again = begin.saying(sent("SHX", false, "SHK"), "No.", null);
        assertThat(again.picked()).containsExactly("SHK");
        assertThat(again.more()).isEqualTo("SHX");
    }

    private Begin.Picked pick(String typed) {
        return Begin.pick(directory, sent(typed, false));
    }

    private static Begin.Sent sent(String typed, boolean everything, String... goods) {
        return new Begin.Sent(List.of(goods), typed, everything, "");
    }

    private static String covers(Begin.Picked picked) {
        ObjectNode card = Json.object();
        picked.covers(card);
        return card.get("covers").toString();
    }

    private static Product priced(String shelfPrice) {
        return Product.of(new Sku("P" + shelfPrice), "Priced", new BigDecimal(shelfPrice));
    }
}
