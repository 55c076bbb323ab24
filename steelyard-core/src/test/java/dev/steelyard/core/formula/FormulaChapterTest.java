package dev.steelyard.core.formula;

import static dev.steelyard.core.formula.FormulaTest.SCOPE;
import static dev.steelyard.core.formula.FormulaTest.values;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.run.FormulaFailure;
import dev.steelyard.core.unit.Unit;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every row of the tables of docs/formula-language.md that have a formula and what it comes to. */
class FormulaChapterTest {

    private static final Path CHAPTER = Path.of("..", "docs", "formula-language.md");
    private static final Pattern ROW = Pattern.compile("\\| `([^`]+)` \\| (.+) \\|");

    /** @param price whether its table is of formulas for a price */
    record Example(String formula, String comesTo, boolean price) {}

    static List<Example> examples() throws IOException {
        List<Example> examples = new ArrayList<>();
        String head = "";
        for (String line : Files.readAllLines(CHAPTER)) {
            if (line.startsWith("| formula")) {
                head = line;
            } else if (!line.startsWith("|")) {
                head = "";
            }
            Matcher row = ROW.matcher(line);
            if (!head.isEmpty() && row.matches()) {
                examples.add(new Example(row.group(1), row.group(2), head.contains("for a price")));
            }
        }
        return examples;
    }

    @Test
    void theChapterHasExamplesOfEverything() throws IOException {
        assertThat(examples()).hasSizeGreaterThan(35);
        String chapter = Files.readString(CHAPTER);
        assertThat(Stream.of(Unit.values()).map(Unit::code).filter(code -> !code.equals("1")))
                .as("units that the chapter names")
                .allSatisfy(code -> assertThat(chapter).containsPattern("[ `]" + code + "[ `]"));
    }

    @ParameterizedTest
    @MethodSource("examples")
    void theRowHolds(Example example) {
        if (example.comesTo().startsWith("refused: ")) {
            assertThat(issues(example)).contains(example.comesTo().substring("refused: ".length()));
        } else if (example.comesTo().startsWith("fails: ")) {
            Formula formula =
                    Formula.prepare(example.formula(), SCOPE, Kind.PLAIN).orThrow();
            assertThatThrownBy(() -> formula.number(values(formula))).isInstanceOf(FormulaFailure.class);
        } else if (example.comesTo().matches("yes|no")) {
            Formula formula =
                    Formula.prepare(example.formula(), SCOPE, new Kind.YesNo()).orThrow();
            assertThat(formula.holds(values(formula)))
                    .isEqualTo(example.comesTo().equals("yes"));
        } else {
            String[] parts = example.comesTo().split(" ");
            BigDecimal wanted = new BigDecimal(parts[0]);
            Formula formula = Formula.prepare(example.formula(), SCOPE, kind(parts.length > 1 ? parts[1] : ""))
                    .orThrow();
            assertThat(formula.number(values(formula)).setScale(wanted.scale(), RoundingMode.HALF_UP))
                    .isEqualTo(wanted);
        }
    }

    private static Kind kind(String unit) {
        return switch (unit) {
            case "" -> Kind.PLAIN;
            case "EUR" -> Kind.MONEY;
            default -> new Kind.Measure(Unit.of(unit).orElseThrow().dimension());
        };
    }

    /** All that is said of it, by the kind that its table wants or by any. */
    private static String issues(Example example) {
        List<Kind> kinds = example.price() ? List.of(Kind.MONEY) : List.of(Kind.PLAIN, Kind.MONEY, new Kind.YesNo());
        return kinds.stream()
                .flatMap(kind -> Formula.prepare(example.formula(), SCOPE, kind).issues().stream())
                .map(issue -> issue.message() + " " + issue.replacement())
                .distinct()
                .collect(Collectors.joining(String.format(Locale.ROOT, "%n")));
    }
}
