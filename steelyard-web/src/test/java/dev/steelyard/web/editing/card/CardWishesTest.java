package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.EditForm;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.editing.page.Wished;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.shop.Shop;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Currency;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.node.ObjectNode;

class CardWishesTest {

    private final Subject subject = new Subject(
            new Shop("Shop", ShopRules.of(Currency.getInstance("EUR")).in(ZoneOffset.UTC), null, "DE", false, 1),
            List.of(),
            GoodsDirectory.of(List.of()),
            LocalDate.of(2027, 4, 1));
    private DraftDocument card = DraftDocument.of((ObjectNode) Json.read("{\"name\": \"Card\"}"));

    /** Whatever is pressed next, the card can be priced or says what is missing; what is there already stays. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void everyPartBeginsAsSomethingThatCanBePriced(long seed) {
        Random random = new Random(seed);
        List<String> asks = List.of("length", "area", "volume", "weight", "count", "number", "choice", "tick");
        List<String> ways = List.of("shelfPrice", "rate", "grid", "packs", "formula");
        apply("add-length", "", "", "");
        apply("add-length", "", "", "");
        for (int i = 0; i < 12; i++) {
            switch (random.nextInt(5)) {
                case 0 -> apply("add-" + asks.get(random.nextInt(asks.size())), "", "", "");
                case 1 -> apply("way", "/cases/0/piece", ways.get(random.nextInt(ways.size())), "");
                case 2 -> apply("add-case", "", "", "");
                case 3 -> apply("add-rate", "", "", "");
                default -> apply(
                        "ladder", "", List.of("percent-off", "amount-off").get(random.nextInt(2)), "");
            }
            assertThat(read().issues()).as(Json.write(card.root())).allMatch(issue -> issue.at()
                    .startsWith("/ladder"));
        }
    }

    @ParameterizedTest
    @CsvSource({"price, all-units", "percent-off, all-units", "amount-off, all-units", "lot-total, lot"})
    void aLadderOfEachKindBegins(String kind, String mode) {
        apply("ladder", "", kind, "");
        assertThat(card.text("/ladder/mode")).isEqualTo(mode);
        assertThat(read().issues()).isEmpty();
        apply("ladder", "", "none", "");
        assertThat(card.has("/ladder")).isFalse();
        assertThat(read().issues()).isEmpty();
    }

    @Test
    void theLastCaseNeverHasACondition() {
        apply("add-length", "", "", "");
        apply("way", "/cases/0/piece", "rate", "");
        apply("add-case", "", "", "");
        apply("add-case", "", "", "");
        assertThat(card.has("/cases/0/when")).isTrue();
        assertThat(card.has("/cases/2/when")).isFalse();
        apply("remove", "/cases/2", "", "");
        assertThat(card.has("/cases/1/when")).isFalse();
        assertThat(read().issues()).isEmpty();
    }

    @Test
    void aMendIsPutIntoTheFormulaAtItsPlace() {
        apply("way", "/cases/0/piece", "formula", "");
        card.put("/cases/0/piece/formula", "10 EUR + widht");
        apply("mend-text", "/cases/0/piece/formula", "", "width", "from", "9", "until", "14");
        assertThat(card.text("/cases/0/piece/formula")).isEqualTo("10 EUR + width");
        assertThatThrownBy(() -> apply("mend-text", "/cases/0/piece/formula", "", "x", "from", "90", "until", "14"))
                .isInstanceOf(NotFitting.class);
        assertThat(card.text("/cases/0/piece/formula")).isEqualTo("10 EUR + width");
    }

    @Test
    void aPastedGridGrowsAndHolesStayEmpty() {
        apply("add-length", "", "", "");
        apply("add-length", "", "", "");
        apply("way", "/cases/0/piece", "grid", "");
        apply(
                "paste-grid",
                "/cases/0/piece/grid",
                "",
                ";300;450\n250;38.00;\n400;52.00;66.50\n",
                "row",
                "-1",
                "column",
                "-1");
        assertThat(card.at("/cases/0/piece/grid/columns").size()).isEqualTo(2);
        assertThat(card.at("/cases/0/piece/grid/prices/0/1").isNull()).isTrue();
        assertThat(read().issues()).isEmpty();
        apply("paste-grid", "/cases/0/piece/grid", "", "1\t2\t3", "row", "1", "column", "1");
        assertThat(card.at("/cases/0/piece/grid/columns").size()).isEqualTo(4);
        apply("remove-column", "/cases/0/piece/grid", "", "", "column", "0");
        apply("remove-row", "/cases/0/piece/grid", "", "", "row", "0");
        assertThat(card.at("/cases/0/piece/grid/prices").size()).isEqualTo(1);
        assertThat(card.text("/cases/0/piece/grid/prices/0/2")).isEqualTo("3");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "up",
                "down",
                "remove",
                "take-off",
                "drop-weight",
                "renew-weight",
                "pick-remove",
                "add-option",
                "nonsense"
            })
    void aWishForWhatIsNotThereAnswersInWordsAndChangesNothing(String wish) {
        String before = card.write();
        assertThatThrownBy(() -> apply(wish, "/asks/7", "x", "y", "row", "7"))
                .isInstanceOf(NotFitting.class)
                .hasMessageMatching("[A-Z“].{20,}[^.]");
        assertThat(card.write()).isEqualTo(before);
    }

    private Documents.DraftReading read() {
        return Documents.readDraft(card.root(), ShopRules.of(Currency.getInstance("EUR")));
    }

    private void apply(String wish, String at, String to, String value, String... more) {
        MultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        sent.add("at", at);
        sent.add("to", to);
        sent.add("value", value);
        for (int i = 0; i < more.length; i += 2) {
            sent.add(more[i], more[i + 1]);
        }
        sent.add("do", wish);
        DraftDocument changed = card.copy();
        Draft draft = new Draft(1, "A card", 1, 1, card, "{}", false, false, Instant.EPOCH, "Maren", null);
        CardWishes.ALL.apply(new Wished(draft, changed, EditForm.read(sent), subject));
        card = changed;
    }
}
