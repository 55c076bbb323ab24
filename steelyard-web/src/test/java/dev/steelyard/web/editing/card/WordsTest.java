package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.web.editing.words.PlaceWords;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** What a card does, in sentences and few words. */
class WordsTest {

    private static final CoveredGoods TWO = new CoveredGoods(List.of(), 2, "2 products");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "ask    | {} | The shopper is asked for a quantity, and nothing else.",
                "ask    | {`asks`: [{`measurement`: `l`, `label`: `Length`, `unit`: `cm`, `min`: `1`, `max`: `9`}]} | The shopper types length from [1] to [9] cm.",
                "ask    | {`asks`: [{`measurement`: `l`}, {`measurement`: `w`}, {`choice`: `hem`}, {`choice`: `fix`}]} | The shopper types l and w, and picks hem and fix.",
                "ask    | {`asks`: [{`choice`: `hem`}]} | The shopper picks hem.",
                "piece  | {} | A piece costs its shelf price.",
                "piece  | {`ladder`: {`mode`: `lot`}} | A piece costs what its lot says.",
                "piece  | {`cases`: [{`piece`: {`rate`: {`unit`: `m2`, `price`: `21.40`, `wastePercent`: `8`}, `base`: `35`}}]} | A piece costs [21.40] per m² with [8] % waste plus [35].",
                "piece  | {`cases`: [{`piece`: {`rate`: {`unit`: `m`, `price`: `3.10`, `breaks`: {`rows`: [{`from`: `20`, `value`: `2.75`}]}}}}]} | A piece costs [3.10] per m; from [20] m on it is [2.75].",
                "piece  | {`cases`: [{`when`: `a`, `piece`: {`formula`: `1`}}, {`piece`: {`formula`: `2`}}]} | In 1 case its own; otherwise a piece costs what the formula says.",
                "piece  | {`cases`: [{`piece`: {`grid`: {`columnsBy`: `w`, `rowsBy`: `h`}}}]} | A piece costs what the grid says for its w and h, next size up.",
                "piece  | {`cases`: [{`piece`: {`packs`: {`own`: {`price`: `4.35`, `unit`: `kg`}}}}]} | A piece costs the price of the pack picked, or [4.35] per kg of any amount.",
                "breaks | {} | No breaks: every piece costs the same, however many are ordered.",
                "breaks | {`ownRows`: true} | The product’s own price rows count.",
                "breaks | {`ladder`: {`mode`: `all-units`, `value`: `price`, `rows`: [{`from`: `10`, `value`: `6.90`}, {`from`: `10`, `value`: `6.35`, `group`: `B`}]}} | From [10] on, each costs [6.90].",
                "breaks | {`ladder`: {`mode`: `slice`, `value`: `percent-off`, `counts`: `amount`, `unit`: `m`, `rows`: [{`from`: `15`, `value`: `10`}]}} | From [15] m on, that slice is reduced by [10] %.",
                "breaks | {`ladder`: {`mode`: `lot`, `value`: `lot-total`, `upTo`: `12`, `rows`: [{`from`: `1`, `value`: `19`}, {`from`: `5`, `value`: `31`}]}} | From [1] on, the lot costs [19], from [5] it is [31]. Up to [12] are sold.",
                "finish | {} | The line costs what its pieces cost: no set-up charge, no minimum.",
                "finish | {`finish`: {`setUp`: `4`, `minimum`: `9`}} | Each line has a set-up charge of [4] and costs at least [9].",
                "covers | {} | Everything. That is 2 products now.",
                "covers | {`covers`: {`products`: [`CVR`], `groups`: [`Boatyard`], `days`: [`mon`, `tue`]}} | Boat cover, for Boatyard, on Monday, Tuesday. That is 2 products now.",
                "covers | {`covers`: {`skus`: [`CVR`, `SHK-8`]}} | Boat cover; SHK-8. That is 2 products now.",
                "covers | {`covers`: {`skus`: []}} | Nothing yet. That is 2 products now.",
                "covers | {`covers`: {`categories`: [`Hardware`], `except`: [`X`], `from`: `2027-04-01`}} | Everything in Hardware, but not X, from 2027-04-01. That is 2 products now.",
                "weights| {} | No trial is kept yet.",
                "shop   | {`shopPage`: {`table`: `cards`}} | The shop page shows the breaks as cards.",
            })
    void aStepSaysWhatItDoes(String step, String json, String sentence) {
        DraftDocument document = document(json.replace('`', '"'));
        String said =
                Sentences.of(CardStep.of(step.strip()), document, TWO, sku -> sku.equals("CVR") ? "Boat cover" : sku)
                        .stream()
                        .map(part -> part.field() == null ? part.text() : "[" + part.text() + "]")
                        .collect(Collectors.joining());
        assertThat(said).isEqualTo(sentence);
        Sentences.of(CardStep.of(step.strip()), document, TWO, sku -> sku).stream()
                .filter(part -> part.field() != null)
                .forEach(part ->
                        assertThat(document.text(part.field())).as(part.field()).isEqualTo(part.text()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/cases/0/piece/rate/price | Case 1, rate, price",
                "/asks/2/options/1/name | Ask 3, option 2, name",
                "/ladder/rows/0/from | Breaks, break 1, from",
                "/finish/minimum | Finish, minimum charge",
                "'' | The card",
            })
    void aPlaceIsSaidInWords(String place, String words) {
        assertThat(PlaceWords.of(place)).isEqualTo(words);
    }

    @Test
    void daysAndMomentsAreSaidAsPeopleSayThem() {
        DraftDocument before =
                document("{\"covers\": {\"from\": \"2026-11-27T09:00\", \"until\": \"2026-12-01T00:00\"}}");
        DraftDocument after = document(
                "{\"covers\": {\"from\": \"2026-11-28T10:30\", \"until\": \"2026-12-05T18:00\", \"groups\": [\"Boatyard\"]}}");
        assertThat(DocumentChanges.between(before, after))
                .containsExactly(
                        "Covers, from: 2026-11-27, 09:00 → 2026-11-28, 10:30",
                        "Covers, until: up to and including 2026-11-30 → 2026-12-05, 18:00",
                        "Covers, groups: nothing → Boatyard");
    }

    @Test
    void theDifferenceOfTwoDraftsIsSaidWithWasAndIs() {
        DraftDocument before = document(
                "{\"name\": \"A\", \"finish\": {\"minimum\": \"5\"}, \"asks\": [{\"measurement\": \"l\"}], \"ladder\": {\"noCliffs\": true}}");
        DraftDocument after = document(
                "{\"name\": \"B\", \"finish\": {}, \"asks\": [{\"measurement\": \"l\"}, {\"measurement\": \"w\"}], \"ladder\": {\"noCliffs\": false}}");
        assertThat(DocumentChanges.between(before, after))
                .containsExactly(
                        "Name: A → B",
                        "Finish, minimum charge: 5 → nothing",
                        "Ask: 1 → 2",
                        "Breaks, no cliffs: on → off");
        assertThat(DocumentChanges.between(before, before.copy())).isEmpty();
    }

    @Test
    void aTextInAnotherLanguageIsADifferenceOfThatLanguageAlone() {
        DraftDocument before = document("{\"asks\": [{\"measurement\": \"l\", \"label\": \"Length\"}]}");
        DraftDocument after = before.copy();
        after.put("/asks/0/label/de", "Länge");
        assertThat(DocumentChanges.between(before, after)).containsExactly("Ask 1, label, Deutsch: nothing → Länge");
        assertThat(DocumentChanges.between(after, before)).containsExactly("Ask 1, label, Deutsch: Länge → nothing");
        DraftDocument renamed = after.copy();
        renamed.put("/asks/0/label", "How long");
        assertThat(DocumentChanges.between(after, renamed)).containsExactly("Ask 1, label, English: Length → How long");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "ask | {} | a quantity, nothing else",
                "piece | {} | shelf price",
                "breaks | {`ladder`: {`counts`: `amount`, `unit`: `m`, `rows`: [{`from`: `20`}, {`from`: `20`}, {`from`: `100`}]}} | 20, 100 m",
                "breaks | {`ladder`: {`mode`: `lot`, `rows`: [{`from`: `1`}]}} | 1, lots",
                "finish | {`finish`: {`setUp`: `4`}} | set-up 4",
                "weights | {} | none kept yet",
            })
    void aStepHasAFewWordsInTheRail(String step, String json, String words) {
        assertThat(CardSummaries.of(CardStep.of(step.strip()), document(json.replace('`', '"')), sku -> sku))
                .isEqualTo(words);
    }

    @Test
    void aFormulasPartsAreTold() {
        DraftDocument document = document(
                "{\"asks\": [{\"measurement\": \"length\"}], \"namedRates\": [{\"name\": \"cloth\"}], \"x\": \"MAX(length; 2) * cloth + \\\"a\\\"\"}");
        FormulaView view = FormulaView.of("/x", new CardFields(document, List.of(), Map.of(), Set.of(), "EUR"), "= 5");
        assertThat(view.parts().stream()
                        .filter(part -> !part.text().isBlank() && !part.kind().equals("plain"))
                        .map(part -> part.kind() + " " + part.text()))
                .containsExactly("function MAX", "ask length", "number 2", "rate cloth", "text \"a\"");
        assertThat(view.parts().stream().map(FormulaView.Part::text).collect(Collectors.joining()))
                .isEqualTo(view.text());
    }

    private static DraftDocument document(String json) {
        return DraftDocument.of((ObjectNode) Json.read(json));
    }
}
