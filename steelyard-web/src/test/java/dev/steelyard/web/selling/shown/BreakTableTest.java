package dev.steelyard.web.selling.shown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.selling.shown.BreakTable.Tier;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** What pages show of cards before and while something is typed. */
class BreakTableTest {

    private static final ShopRules EURO = ShopRules.of(Currency.getInstance("EUR"));
    private static final LocalDate DAY = LocalDate.of(2026, 11, 26);
    private static final Item BRUSH = Product.of(new Sku("BRU-1"), "Deck brush", new BigDecimal("15.00"))
            .items()
            .get(0);
    private static final String SOLD_FROM =
            """
            {"name": "A", "ladder": {"counts": "pieces", "over": "line", "mode": "all-units", "value": "percent-off",
             "soldFrom": 5, "rows": [{"from": 10, "value": "10"}, {"from": 20, "value": "20"},
                                     {"from": 20, "value": "50", "group": "Boatyard"}]}}""";
    private static final String ROPE =
            """
            {"name": "B", "asks": [{"measurement": "length", "label": "Length", "kind": "length", "unit": "m", "min": 1, "max": 100}],
             "cases": [{"piece": {"rate": {"amount": "length", "unit": "m", "price": "3.00"}}}],
             "ladder": {"counts": "amount", "over": "line", "mode": "all-units", "value": "%s", "unit": "m",
               "rows": [{"from": 20, "value": "%s"}]}}""";

    @Test
    void tiersGoFromWhatIsSoldToTheMost() {
        BreakTable table = table(SOLD_FROM, null, 12, Map.of());
        assertThat(table.tiers()).extracting(Tier::range).containsExactly("5 to 9", "10 to 19", "20 and more");
        assertThat(table.tiers()).extracting(Tier::each).containsExactly("15.00", "13.50", "12.00");
        assertThat(table.tiers()).extracting(Tier::saves).containsExactly("", "10 %", "20 %");
        assertThat(table.tiers()).extracting(Tier::reached).containsExactly(false, true, false);
        assertThat(table(SOLD_FROM, "Boatyard", 20, Map.of()).tiers().get(2).saves())
                .isEqualTo("50 %");
    }

    /** A tier without a reduction, before anything is typed: “off” alone says nothing. */
    @Test
    void aTierWithoutAReductionIsTheFullPrice() {
        String measured = ROPE.formatted("percent-off", "5")
                .replace("\"counts\": \"amount\"", "\"counts\": \"pieces\"")
                .replace(", \"unit\": \"m\",\n   \"rows\"", ", \"rows\"");
        assertThat(table(measured, null, 1, Map.of()).tiers())
                .extracting(Tier::worth)
                .containsExactly("full price", "5 % off");
    }

    @Test
    void aLotSavesWhatItsPiecesWouldCostMoreInAFullSmallestLot() {
        String lots =
                """
                {"name": "L", "cases": [{"piece": {"none": true}}], "shopPage": {"saving": true},
                 "ladder": {"mode": "lot", "value": "lot-total", "upTo": 4, "furtherPiece": "3.00", "rows": [{"from": 1, "value": "10.00"},
                   {"from": 4, "value": "%s", "words": {"before": "You save", "figure": "saved-in-all"}}]}}""";
        BreakTable cheaper = table(lots.formatted("12.00"), null, 4, Map.of());
        assertThat(cheaper.tiers()).extracting(Tier::line).containsExactly("", "You save 1.33", "");
        assertThat(cheaper.tiers())
                .extracting(tier -> tier.range() + ": " + tier.worth() + (tier.together() ? " together" : ""))
                .containsExactly("1 to 3: 10.00 together", "4: 12.00 together", "5 and more: each further 3.00");
        assertThat(cheaper.mark()).isEqualTo("save up to 10 %");
        BreakTable dearer = table(lots.formatted("14.00"), null, 4, Map.of());
        assertThat(dearer.tiers()).extracting(Tier::line).containsExactly("", "", "");
        assertThat(dearer.mark()).isNull();
    }

    @Test
    void beforeAnythingIsTypedThePercentagesAreTheCards() {
        String measured = ROPE.formatted("percent-off", "5")
                .replace("\"counts\": \"amount\"", "\"counts\": \"pieces\"")
                .replace(", \"unit\": \"m\",\n   \"rows\"", ", \"rows\"");
        BreakTable table = table(measured, null, 1, Map.of());
        assertThat(table.tiers()).extracting(Tier::each).containsOnly("");
        assertThat(table.tiers().get(1).saves()).isEqualTo("5 %");
        assertThat(table(measured, null, 1, Map.of("a.length", "10"))
                        .tiers()
                        .get(1)
                        .each())
                .isEqualTo("28.50");
    }

    @Test
    void amountsAreSaidPerUnit() {
        BreakTable price = table(ROPE.formatted("price", "2.40"), null, 2, Map.of("a.length", "15"));
        assertThat(price.pieces()).isFalse();
        assertThat(price.tiers()).extracting(Tier::range).containsExactly("under 20 m", "from 20 m");
        assertThat(price.tiers()).extracting(Tier::each).containsExactly("3.00 per m", "2.40 per m");
        assertThat(price.tiers()).extracting(Tier::reached).containsExactly(false, true);
        assertThat(table(ROPE.formatted("percent-off", "7.5"), null, 1, Map.of())
                        .tiers()
                        .get(1)
                        .saves())
                .isEqualTo("7.5 %");
    }

    @Test
    void aCardWithoutBreaksShowsNone() {
        BreakTable table = table("{\"name\": \"C\"}", null, 1, Map.of());
        assertThat(table.tiers()).isEmpty();
        assertThat(table.shows()).isFalse();
    }

    @Test
    void theLowestPriceIsFoundInWhateverWayACardPrices() {
        assertThat(from("{\"name\": \"C\"}")).isEqualTo("15.00");
        assertThat(from(SOLD_FROM.replace("\"soldFrom\": 5, ", ""))).isEqualTo("from 12.00");
        assertThat(from(ROPE.formatted("price", "2.40"))).isEqualTo("from 2.40 per m");
        assertThat(
                        from(
                                """
                {"name": "D", "asks": [{"measurement": "w", "kind": "length", "unit": "cm", "min": 10, "max": 50},
                                       {"measurement": "h", "kind": "length", "unit": "cm", "min": 10, "max": 50}],
                 "cases": [{"piece": {"grid": {"columnsBy": "w", "rowsBy": "h", "unit": "cm", "columns": [20, 50],
                   "rows": [50], "prices": [["9.00", null]]}, "base": "1.00"}}]}"""))
                .isEqualTo("10.00");
        assertThat(
                        from(
                                """
                {"name": "E", "asks": [{"measurement": "w", "kind": "length", "unit": "cm", "min": 10, "max": 50}],
                 "cases": [{"piece": {"formula": "w / 1 cm * 2 EUR"}}]}"""))
                .isEqualTo("20.00 at the smallest size");
        assertThat(FromPrice.leastOf(List.of(), Words.owners())).isEmpty();
    }

    @Test
    void packsAreOfferedWithTheirPricePerUnit() {
        assertThat(PackOffer.of(
                        card("""
                {"name": "F", "asks": [{"measurement": "w", "kind": "weight", "unit": "kg", "min": 1, "max": 50}],
                 "cases": [{"piece": {"packs": {"packs": [{"name": "bag", "amount": "500", "unit": "g", "price": "2.10"}],
                   "own": {"by": "w", "unit": "kg", "price": "4.35"}}}}]}""")
                                .card(),
                        AsSeen.asItIs(2)))
                .extracting(PackOffer::label, PackOffer::perUnit)
                .containsExactly(tuple("bag", "4.20 per kg"), tuple("Any amount", "4.35 per kg"));
    }

    private static String from(String json) {
        return FromPrice.of(card(json), BRUSH, null, DAY, EURO, AsSeen.asItIs(2))
                .orElseThrow()
                .words(Words.owners());
    }

    private static BreakTable table(String json, String group, long pieces, Map<String, String> typed) {
        PreparedCard card = card(json);
        Asked asked = new Asked(BRUSH, pieces, new TypedAnswers(typed, "").answers(card.card()), group, DAY);
        return BreakTable.of(card, asked, pieces, EURO, AsSeen.asItIs(2));
    }

    private static PreparedCard card(String json) {
        return Objects.requireNonNull(
                Documents.readDraft((ObjectNode) Json.read(json), ShopRules.of(Currency.getInstance("EUR")))
                        .prepared(),
                json);
    }
}
