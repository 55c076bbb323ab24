package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.words.Words;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the findings say of the worked examples: nothing that is not so, and each thing that is. */
class ExampleFindingsTest {

    private static final Map<String, Set<String>> EXPECTED = Map.ofEntries(
            Map.entry("shackle-all-units", Set.of("cliff")),
            Map.entry("screw-four-decimals", Set.of("cliff")),
            Map.entry("cover-area", Set.of("below-cost")),
            Map.entry("window-grid", Set.of("no-price")),
            Map.entry("brass-weight-formula", Set.of("cliff")),
            Map.entry("dated-rows", Set.of("rises")),
            Map.entry("yards-reach-a-yard", Set.of("cliff")),
            Map.entry("group-and-dates-at-one-threshold", Set.of("cliff", "group-dearer")),
            Map.entry("negative-refused", Set.of("negative")));

    static Stream<Document> documents() {
        return Examples.documents("lines.json").stream();
    }

    @ParameterizedTest
    @MethodSource("documents")
    void eachExampleHasTheFindingsItShouldHave(Document document) {
        List<Finding> found = new CardFindings(document.shop(), Margins.NONE, 1000)
                .of(document.card(), document.product().items().get(0), Examples.ANY_DAY.toLocalDate(), List.of());
        assertThat(found.stream().map(finding -> finding.code().text()).collect(Collectors.toSet()))
                .isEqualTo(EXPECTED.getOrDefault(document.id(), Set.of()));
        assertThat(FindingWriter.write(found, Words.owners())).hasSize(found.size());
    }
}
