package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.words.FindingLine;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** What templates ask of a card, and what its findings offer. */
class FieldsTest {

    private static final String WRONG =
            """
            {"name": "Card", "asks": [{"measurement": "length", "kind": "length", "unit": "cm", "min": "x", "whole": true},
              {"choice": "hem", "options": [{"name": "plain"}, {"name": "plain"}]}],
             "limits": [{"that": "length > ", "say": "No."}],
             "cases": [{"piece": {"formula": "length"}}], "finish": {"minimum": "-1"}}""";

    @Test
    void aFaultIsSaidAtItsFieldAndWhatNoFieldSaysAtTheEndOfItsStep() {
        CardFields fields = fields(WRONG);
        assertThat(fields.error("/asks/0/min")).isEqualTo("“x” is not a number; write it like 6.90");
        assertThat(fields.error("/asks/0/max")).isEmpty();
        assertThat(fields.count(CardStep.ASK)).isEqualTo(3);
        assertThat(fields.count(CardStep.PIECE)).isEqualTo(1);
        assertThat(fields.count(CardStep.FINISH)).isEqualTo(1);
        assertThat(fields.count(CardStep.BREAKS)).isZero();
        assertThat(fields.unsaid(CardStep.ASK))
                .extracting(issue -> issue.at())
                .contains("/limits/0/that")
                .doesNotContain("/asks/0/min");
        fields.issues("/limits/0/that");
        fields.error("/asks/1/options/1/name");
        assertThat(fields.unsaid(CardStep.ASK)).isEmpty();
    }

    @Test
    void namesKindsAndUnitsAreTold() {
        CardFields fields = fields(WRONG);
        assertThat(fields.names()).containsExactly("length", "hem");
        assertThat(fields.measurements()).containsExactly("length");
        assertThat(fields.isChoice("hem")).isTrue();
        assertThat(fields.isChoice("length")).isFalse();
        assertThat(fields.options("hem")).containsExactly("plain", "plain");
        assertThat(fields.unit("length")).isEqualTo("cm");
        assertThat(fields.unit("nothing")).isEmpty();
        assertThat(fields.symbol("m2")).isEqualTo("m²");
        assertThat(fields.unitsOf("weight")).contains(Unit.KG).doesNotContain(Unit.M);
        assertThat(fields.unitsLike("m2")).contains(Unit.CM2).doesNotContain(Unit.M);
        assertThat(fields.which("/cases/0/piece", List.of("rate", "formula"))).isEqualTo("formula");
        assertThat(fields.onUnlessOff("/shopPage/amount")).isTrue();
        assertThat(fields.on("/asks/0/whole")).isTrue();
    }

    @Test
    void aConditionWantedAsAFormulaIsNotPicked() {
        DraftDocument document = document("{\"name\": \"Card\", \"when\": \"length > 8 m\"}");
        assertThat(new CardFields(document, List.of(), Map.of(), Set.of(), "EUR").picks("/when"))
                .isNotNull();
        CardFields formula = new CardFields(document, List.of(), Map.of(), Set.of("/when"), "EUR");
        assertThat(formula.picks("/when")).isNull();
        assertThat(formula.asFormula("/when")).isTrue();
    }

    /** Each offered mend, applied as the page applies it, takes its finding away. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "CLIFF | {`mode`: `all-units`, `value`: `price`, `rows`: [{`from`: `10`, `value`: `6.00`}]}",
                "NO_OP | {`mode`: `all-units`, `value`: `price`, `rows`: [{`from`: `10`, `value`: `7.30`}, {`from`: `20`, `value`: `7.30`}]}",
                "RISES | {`mode`: `all-units`, `value`: `price`, `rows`: [{`from`: `10`, `value`: `7.90`}]}",
            })
    void aMendIsAChangeOfTheCard(Finding.Code code, String ladder) {
        DraftDocument document = document("{\"name\": \"Card\", \"ladder\": " + ladder.replace('`', '"') + "}");
        Finding found = findings(document).stream()
                .filter(finding -> finding.code() == code)
                .findFirst()
                .orElseThrow();
        FindingLine line = FindingLine.of(found);
        assertThat(line.label()).isNotBlank();
        switch (line.kind()) {
            case "remove" -> document.remove(line.at());
            case "on" -> document.put(line.at(), true);
            default -> document.put(line.at(), line.value());
        }
        assertThat(findings(document)).extracting(Finding::code).doesNotContain(code);
    }

    private static List<Finding> findings(DraftDocument document) {
        return new CardFindings(ShopRules.of(Currency.getInstance("EUR")), Margins.NONE, 300)
                .of(
                        Objects.requireNonNull(
                                Documents.readDraft(document.root(), ShopRules.of(Currency.getInstance("EUR")))
                                        .prepared()),
                        Product.of(new Sku("SHK"), "Shackle", new BigDecimal("7.40"))
                                .items()
                                .get(0),
                        LocalDate.of(2027, 4, 1),
                        List.of());
    }

    private static CardFields fields(String json) {
        DraftDocument document = document(json);
        return new CardFields(
                document,
                Documents.readDraft(document.root(), ShopRules.of(Currency.getInstance("EUR")))
                        .issues(),
                Map.of(),
                Set.of(),
                "EUR");
    }

    private static DraftDocument document(String json) {
        return DraftDocument.of((ObjectNode) Json.read(json));
    }
}
