package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.CardTrialView;
import dev.steelyard.web.editing.trial.CardTrials;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.selling.shown.AskView;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.BreakTable.Tier;
import dev.steelyard.web.shop.Shop;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** The trial beside a card: what stands in it at first, what it comes to, and keeping it. */
class TrialsTest {

    private static final String COVER =
            """
            {"name": "Covers", "asks": [
              {"measurement": "length", "label": "Length", "kind": "length", "unit": "cm", "otherUnits": ["m"],
               "min": "150", "max": "1200", "step": "10"},
              {"measurement": "width", "label": "Width", "kind": "length", "unit": "cm", "min": "80", "max": "450", "start": "200"},
              {"choice": "hem", "label": "Hem", "options": [{"name": "plain"}, {"name": "roped", "label": "with rope"}]}],
             "cases": [{"piece": {"rate": {"amount": "length * width", "unit": "m2", "price": "20"}}}],
             "ladder": {"mode": "all-units", "value": "percent-off", "rows": [{"from": "3", "value": "10"}]},
             "covers": {"products": ["CVR"]}}""";

    private final Product shackle = new Product(
            new Sku("SHK"),
            "Shackle",
            new BigDecimal("7.40"),
            null,
            null,
            null,
            List.of(
                    new Variant(new Sku("SHK-6"), "6 mm", new BigDecimal("5.60"), null, null),
                    new Variant(new Sku("SHK-8"), "8 mm", null, null, null)));
    private final Subject subject = new Subject(
            new Shop("Shop", ShopRules.of(Currency.getInstance("EUR")).in(ZoneOffset.UTC), null, "DE", false, 1),
            List.of(),
            GoodsDirectory.of(List.of(shackle, Product.of(new Sku("CVR"), "Cover", null))),
            LocalDate.of(2027, 4, 1));

    @Test
    void beginsWithGoodsThatAreCoveredAndValuesThatAreAllowed() {
        TrialText text = filled(COVER, Map.of());
        assertThat(text.get(TrialText.SKU)).isEqualTo("CVR");
        assertThat(text.get("a.length")).as("on a step, a third of the way").isEqualTo("500");
        assertThat(text.get("a.width")).isEqualTo("200");
        assertThat(text.get("a.hem")).isEqualTo("plain");
        assertThat(text.get("u.length")).isEqualTo("cm");
        assertThat(text.get(TrialText.QUANTITY)).isEqualTo("1");
        assertThat(text.get(TrialText.DAY)).isEqualTo("2027-04-01");
        assertThat(view(COVER, text).total()).isEqualTo("200.00");
    }

    @Test
    void ofAProductWithVariantsTakesOneWithoutAPriceOfItsOwn() {
        TrialText text = filled("{\"name\": \"Card\"}", Map.of());
        assertThat(text.get(TrialText.SKU)).isEqualTo("SHK-8");
        assertThat(text.get(TrialText.QUANTITY)).isEqualTo("12");
    }

    @Test
    void whatIsTypedStaysEvenWhereItIsEmpty() {
        TrialText text = filled(COVER, Map.of("a.length", "", "quantity", "2"));
        assertThat(text.get("a.length")).isEmpty();
        CardTrialView view = view(COVER, text);
        assertThat(view.refusal()).startsWith("No price: ");
        assertThat(view.fault("length")).isNotEmpty();
        assertThat(view.fault("width")).isEmpty();
    }

    @Test
    void anAnswerInAnotherUnitIsConverted() {
        CardTrialView view = view(COVER, filled(COVER, Map.of("a.length", "5", "u.length", "m", "quantity", "3")));
        assertThat(view.total()).isEqualTo("540.00");
        assertThat(view.billable()).isEqualTo("10 m²");
        assertThat(view.asks().get(0).units())
                .extracting(AskView.UnitView::code)
                .containsExactly("cm", "m");
        assertThat(view.asks().get(0).limits()).isEqualTo("150 to 1,200 cm");
        assertThat(view.asks().get(2).options())
                .extracting(AskView.OptionView::label)
                .containsExactly("plain", "with rope");
    }

    @Test
    void severalFaultsAreSaidEachByItsField() {
        CardTrialView view = view(COVER, filled(COVER, Map.of("a.length", "1", "a.hem", "velvet", "quantity", "1")));
        assertThat(view.fault("length")).isNotEmpty();
        assertThat(view.fault("hem")).contains("velvet");
        assertThat(view(COVER, filled(COVER, Map.of("quantity", "1.5"))).fault("quantity"))
                .contains("whole pieces");
        assertThat(view(COVER, filled(COVER, Map.of("day", "yesterday"))).fault("day"))
                .contains("“yesterday” is no day");
    }

    @Test
    void goodsThatAreNotCoveredArePricedByAnotherCard() {
        CardTrialView view = view(COVER, filled(COVER, Map.of("sku", "SHK-6")));
        assertThat(view.refusal()).as("nothing is asked about the shelf price").contains("No price");
        String everything = COVER.replace("\"products\": [\"CVR\"]", "\"groups\": [\"Boatyard\"]")
                .replaceAll("\"asks\": \\[(?s:.*?)\\]\\}\\],", "\"asks\": [],")
                .replace("length * width", "1 m2");
        CardTrialView other = view(everything, filled(everything, Map.of("sku", "SHK-6", "quantity", "1")));
        assertThat(other.other()).isEqualTo("Shelf price");
        assertThat(other.passedOver()).isNotEmpty();
    }

    @Test
    void severalStandSideBySideWithThreeSizes() {
        CardTrialView view = view(COVER, filled(COVER, Map.of("many", "on")));
        assertThat(view.many())
                .extracting(CardTrialView.Many::what)
                .containsExactly(
                        "1 piece",
                        "5 pieces",
                        "10 pieces",
                        "50 pieces",
                        "150 × 80 cm",
                        "670 × 265 cm",
                        "1,200 × 450 cm");
        assertThat(view.many().get(1).total()).isEqualTo("900.00");
        assertThat(view(COVER, filled(COVER, Map.of())).many()).isEmpty();
    }

    @Test
    void aTrialIsKeptAsAnOrderAndReadBackAsItWas() {
        TrialText text = filled(COVER, Map.of("a.length", "5", "u.length", "m", "quantity", "3", "group", ""));
        Documents.DraftReading reading = reading(COVER);
        CardTrial trial = CardTrial.read(text, reading.card(), subject);
        ObjectNode weight = Weights.of(
                trial, text, reading.card(), trial.price(Objects.requireNonNull(reading.prepared()), subject));
        assertThat(weight.at("/answers/length/unit").asString()).isEqualTo("m");
        assertThat(weight.at("/expect/line").asString()).isEqualTo("540.00");
        CardTrial again = CardTrial.read(Weights.trial(weight), reading.card(), subject);
        assertThat(again).isEqualTo(trial);

        DraftDocument document = document(COVER);
        document.weights().add(weight);
        assertThat(Weights.views(document, reading.card(), reading.prepared(), subject))
                .singleElement()
                .satisfies(view -> {
                    assertThat(view.holds()).isTrue();
                    assertThat(view.asked()).isEqualTo("Cover, 3 pieces: 5 m, 200, plain");
                });
        document.put("/cases/0/piece/rate/price", "21");
        Documents.DraftReading dearer = Documents.readDraft(document.root(), ShopRules.of(Currency.getInstance("EUR")));
        assertThat(Weights.views(document, dearer.card(), dearer.prepared(), subject))
                .singleElement()
                .satisfies(view -> {
                    assertThat(view.holds()).isFalse();
                    assertThat(view.wanted()).isEqualTo("540.00");
                    assertThat(view.found()).isEqualTo("567.00");
                });
        assertThat(Weights.kept(document, dearer.card(), subject)).hasSize(1);
    }

    /** 1 April 2027, the day it is, is a Thursday. */
    @Test
    void aCardOfDaysAndHoursIsTriedAndWeighedWhenItCounts() {
        String night = COVER.replace(
                "{\"products\": [\"CVR\"]}",
                "{\"products\": [\"CVR\"], \"days\": [\"fri\"], \"opens\": \"22:00\", \"closes\": \"02:00\"}");
        Documents.DraftReading reading = reading(night);
        TrialText text = filled(night, Map.of());
        CardTrial trial = CardTrial.read(text, reading.card(), subject);
        assertThat(view(night, text).total()).isEqualTo("200.00");
        ObjectNode weight = Weights.of(
                trial, text, reading.card(), trial.price(Objects.requireNonNull(reading.prepared()), subject));
        DraftDocument document = document(night);
        document.weights().add(weight);
        assertThat(Weights.views(document, reading.card(), reading.prepared(), subject))
                .singleElement()
                .matches(Weights.View::holds);
    }

    @Test
    void aRefusalIsKeptToo() {
        TrialText text = filled(COVER, Map.of("a.length", "1"));
        Documents.DraftReading reading = reading(COVER);
        CardTrial trial = CardTrial.read(text, reading.card(), subject);
        ObjectNode weight = Weights.of(
                trial, text, reading.card(), trial.price(Objects.requireNonNull(reading.prepared()), subject));
        assertThat(weight.at("/expect/refused").asString()).isEqualTo("length");
        DraftDocument document = document(COVER);
        document.weights().add(weight);
        assertThat(Weights.views(document, reading.card(), reading.prepared(), subject)
                        .get(0)
                        .holds())
                .isTrue();
    }

    @Test
    void theShopPagesNumbersAreTheRealOnes() {
        String lots =
                """
                {"name": "Flags", "shopPage": {"table": "cards", "saving": true},
                 "ladder": {"mode": "lot", "value": "lot-total", "upTo": "3", "rows": [
                   {"from": "1", "value": "34.00", "words": {"title": "One set"}},
                   {"from": "2", "value": "62.00", "words": {"before": "You save", "figure": "saved-in-all", "after": "on two", "mark": "most taken"}},
                   {"from": "3", "value": "85.00", "words": {"figure": "saved-percent"}}]}}""";
        Documents.DraftReading reading = reading(lots);
        CardTrial trial = CardTrial.read(filled(lots, Map.of("quantity", "1")), reading.card(), subject);
        ShopPreview preview = Objects.requireNonNull(
                ShopPreview.of(Objects.requireNonNull(reading.prepared()), subject, trial.asked()));
        assertThat(preview.suffix()).isNull();
        BreakTable table = Objects.requireNonNull(preview.table());
        assertThat(table.mark()).isEqualTo("save up to 16.7 %");
        assertThat(table.tiers()).extracting(Tier::title).containsExactly("One set", "2 pieces", "3 pieces");
        assertThat(table.tiers()).extracting(Tier::line).containsExactly("", "You save 6.00 on two", "16.7 %");
        assertThat(table.tiers()).extracting(Tier::saves).containsExactly("", "8.8 %", "16.7 %");
    }

    @Test
    void thePricePerUnitStandsBehindAMeasuredPrice() {
        Documents.DraftReading reading = reading(COVER);
        CardTrial trial = CardTrial.read(filled(COVER, Map.of("quantity", "3")), reading.card(), subject);
        assertThat(Objects.requireNonNull(
                                ShopPreview.of(Objects.requireNonNull(reading.prepared()), subject, trial.asked()))
                        .suffix())
                .isEqualTo("18.00 per m²");
    }

    private TrialText filled(String json, Map<String, String> typed) {
        return new TrialText(typed).filledFor(reading(json).card(), subject);
    }

    private CardTrialView view(String json, TrialText text) {
        Documents.DraftReading reading = reading(json);
        CardTrial trial = CardTrial.read(text, reading.card(), subject);
        return new CardTrials(subject, reading.card(), reading.prepared(), text, trial)
                .view(reading.issues().size());
    }

    private static Documents.DraftReading reading(String json) {
        return Documents.readDraft(document(json).root(), ShopRules.of(Currency.getInstance("EUR")));
    }

    private static DraftDocument document(String json) {
        return DraftDocument.of((ObjectNode) Json.read(json));
    }
}
