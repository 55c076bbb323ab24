package dev.steelyard.web.editing.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Release;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.shop.Shop;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** Two versions of a card beside each other, what stands in the way of one, and where a card stands. */
class ComparisonTest {

    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 26, 12, 0, 0, 0, ZoneId.of("Europe/Berlin"));
    private static final String ROPE =
            """
            {"card": {"name": "Rope", "covers": {"products": ["ROPE"]},
              "asks": [{"measurement": "length", "label": "Length", "kind": "length", "unit": "m", "min": 1, "max": 100}],
              "cases": [{"piece": {"rate": {"amount": "length", "unit": "m", "price": "3.00"}}}]},
             "checkWeights": [{"name": "Ten metres", "sku": "ROPE", "quantity": 1, "answers": {"length": "10"},
                               "expect": {"line": "30.00"}},
                              {"name": "Too long", "sku": "ROPE", "quantity": 1, "answers": {"length": "101"},
                               "expect": {"refused": "length"}}]}""";

    private final Subject subject = new Subject(
            new Shop(
                    "Saltmarsh Chandlery",
                    ShopRules.of(Currency.getInstance("EUR")).in(ZoneId.of("Europe/Berlin")),
                    null,
                    "DE",
                    false,
                    1),
            List.of(),
            GoodsDirectory.of(List.of(
                    Product.of(new Sku("BRU-1"), "Deck brush", new BigDecimal("15.00")),
                    Product.of(new Sku("ROPE"), "Rope", null))),
            NOW.toLocalDate());

    @Test
    void theSameOrdersArePricedUnderBoth() {
        Comparison both = compare(ROPE, ROPE.replace("\"3.00\"", "\"3.30\"").replace("\"max\": 100", "\"max\": 200"));
        assertThat(both.words()).containsExactly("Ask 1, largest: 100 → 200", "Case 1, rate, price: 3.00 → 3.30");
        assertThat(both.rows())
                .extracting(Comparison.Row::order)
                .contains("Ten metres", "Too long", "10 pieces", "100 pieces");
        assertThat(row(both, "Ten metres")).satisfies(row -> {
            assertThat(row.before()).isEqualTo("30.00");
            assertThat(row.after()).isEqualTo("33.00");
            assertThat(row.difference()).isEqualTo("+ 3.00 (+10 %)");
            assertThat(row.changed()).isTrue();
        });
        assertThat(row(both, "Too long").before()).startsWith("refused: Length is too large");
        assertThat(row(both, "Too long").after()).isEqualTo("333.30");
        assertThat(row(both, "Too long").difference()).isEmpty();
        assertThat(Objects.requireNonNull(both.curve()).beside()).isNotEmpty();
        assertThat(both.curve().name()).isEqualTo("Length");
    }

    @Test
    void nothingIsChangedWhereTheyAreTheSame() {
        Comparison same = compare(ROPE, ROPE);
        assertThat(same.words()).isEmpty();
        assertThat(same.rows()).noneMatch(Comparison.Row::changed);
    }

    @Test
    void aVersionThatCannotBeReadIsComparedInWordsAlone() {
        Comparison torn = compare(ROPE, ROPE.replace("\"3.00\"", "\"x\""));
        assertThat(torn.words()).containsExactly("Case 1, rate, price: 3.00 → x");
        assertThat(torn.rows()).extracting(Comparison.Row::after).containsOnly("cannot be priced");
        assertThat(torn.curve()).isNull();
    }

    @Test
    void withoutAMeasurementTheCurveGoesOverPieces() {
        String brush =
                """
                {"card": {"name": "Brushes", "covers": {"products": ["BRU-1"]}, "ladder": {"mode": "all-units",
                  "value": "price", "rows": [{"from": 10, "value": "13.00"}, {"from": 1000, "value": "1.00"}]}},
                 "checkWeights": []}""";
        Comparison both = compare(brush, brush.replace("13.00", "12.00"));
        assertThat(Objects.requireNonNull(both.curve()).name()).isEqualTo("Pieces");
        assertThat(both.curve().marks())
                .extracting(mark -> Double.parseDouble(mark.label()))
                .allMatch(mark -> mark <= 60);
    }

    /** A break that moved from 7 to 8 changes the price of seven pieces alone. */
    @Test
    void theBreakThatChangedIsAmongThePricesCompared() {
        String brush =
                """
                {"card": {"name": "Brushes", "covers": {"products": ["BRU-1"]}, "ladder": {"mode": "all-units",
                  "value": "price", "rows": [{"from": 7, "value": "13.00"}]}}, "checkWeights": []}""";
        Comparison both = compare(brush, brush.replace("\"from\": 7", "\"from\": 8"));
        assertThat(both.rows())
                .filteredOn(Comparison.Row::changed)
                .extracting(Comparison.Row::order, Comparison.Row::before, Comparison.Row::after)
                .containsExactly(tuple("7 pieces", "91.00", "105.00"));
        assertThat(both.rows()).extracting(Comparison.Row::order).contains("8 pieces");
    }

    @Test
    void theGateTellsWhatStopsFromWhatOnlyWantsAWord() {
        Gate open = gate(ROPE);
        assertThat(open.open()).isTrue();
        assertThat(open.needsWhy()).isFalse();
        assertThat(open.weights()).isEqualTo(2);
        assertThat(open.covers()).isEqualTo("1 product");
        Gate dearer = gate(ROPE.replace("\"3.00\"", "\"3.30\""));
        assertThat(dearer.open()).isTrue();
        assertThat(dearer.needsWhy()).isTrue();
        assertThat(dearer.failing()).singleElement().satisfies(weight -> {
            assertThat(weight.wanted()).isEqualTo("30.00");
            assertThat(weight.found()).isEqualTo("33.00");
        });
        assertThat(gate(ROPE.replace("\"3.00\"", "\"x\"")).stops())
                .anyMatch(stop -> stop.startsWith("Case 1, rate, price: "));
        assertThat(gate(ROPE.replace("[\"ROPE\"]", "[\"GONE\"]")).stops())
                .anyMatch(stop -> stop.startsWith("It covers no product"));
        assertThat(gate(ROPE.replace("\"covers\": {", "\"covers\": {\"until\": \"2026-11-26\", "))
                        .stops())
                .containsExactly("Its covers held up to and including 25 November 2026; it would price nothing");
        assertThat(gate(ROPE.replace("\"covers\": {", "\"covers\": {\"until\": \"2026-11-27\", "))
                        .stops())
                .isEmpty();
    }

    @Test
    void aCardStandsWhereItsReleasesAndItsDatesPutIt() {
        Release release = new Release(7, 12, 3, Instant.EPOCH, "", Instant.EPOCH, "Maren");
        RateCard card = side(ROPE).card();
        assertThat(state(null, List.of(), null, null)).isEqualTo(CardState.DRAFT);
        assertThat(state(null, List.of(release), null, null)).isEqualTo(CardState.SCHEDULED);
        assertThat(state(release, List.of(), card, null)).isEqualTo(CardState.LIVE);
        assertThat(state(release, List.of(), null, null)).isEqualTo(CardState.LIVE);
        assertThat(state(release, List.of(), card, Instant.EPOCH)).isEqualTo(CardState.PAUSED);
        assertThat(state(release, List.of(), dated("\"from\": \"2026-12-01\""), null))
                .isEqualTo(CardState.SCHEDULED);
        assertThat(state(release, List.of(), dated("\"until\": \"2026-11-26\""), null))
                .isEqualTo(CardState.ENDED);
    }

    private static CardState state(Release live, List<Release> coming, RateCard card, Instant pausedAt) {
        return CardStates.of(
                new Standing(live, coming, 7, pausedAt, "Maren"),
                card == null ? null : card.covers().times(),
                NOW);
    }

    private RateCard dated(String date) {
        return side(ROPE.replace("\"covers\": {", "\"covers\": {" + date + ", "))
                .card();
    }

    private Gate gate(String json) {
        return Gate.of(side(json), List.of(), NOW);
    }

    private Comparison compare(String before, String after) {
        TrialText trial = new TrialText(Map.of("sku", before.contains("BRU-1") ? "BRU-1" : "ROPE", "quantity", "1"))
                .filledFor(side(before).card(), subject);
        return Comparison.of(side(before), side(after), trial, Map.of());
    }

    private static Comparison.Row row(Comparison comparison, String order) {
        return comparison.rows().stream()
                .filter(row -> row.order().equals(order))
                .findFirst()
                .orElseThrow();
    }

    private Side side(String json) {
        return Side.of(DraftDocument.read(Json.write(Json.read(json))), subject);
    }
}
