package dev.steelyard.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.function.FormulaFunction;
import dev.steelyard.core.formula.function.Functions;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The documentation of the functions is made from the code, and its examples are run. */
class FunctionsTest {

    private static final Path TABLE = Path.of("..", "docs", "formula-functions.md");

    static Stream<FormulaFunction> all() {
        return Functions.all().stream();
    }

    @ParameterizedTest
    @MethodSource("all")
    void theExampleComesToWhatIsDocumented(FormulaFunction function) {
        String text = function.example().formula();
        assertThat(text).contains(function.name() + "(");
        assertThat(valueOf(text)).isEqualByComparingTo(function.example().result());
    }

    @Test
    void theTableInTheDocumentationIsThatOfTheCode() throws IOException {
        String made = table();
        if (System.getProperty("steelyard.write") != null) {
            Files.writeString(TABLE, made);
        }
        assertThat(Files.readString(TABLE))
                .as("write it anew by: mvn -pl steelyard-core test -Dtest=FunctionsTest -Dsteelyard.write")
                .isEqualTo(made);
    }

    private static String table() {
        return """
                # Functions of the formula language

                Names in any case; `;` or `,` between arguments, not both in one formula. Values are shown in m, m², m³ and kg.

                | function | arguments | gives | example | comes to |
                |---|---|---|---|---|
                """
                + Functions.all().stream()
                        .map(function ->
                                "| `" + function.name() + "` | " + function.arguments() + " | " + function.help()
                                        + " | `" + function.example().formula() + "` | "
                                        + function.example().result() + " |\n")
                        .collect(Collectors.joining());
    }

    /** Whatever kind it comes to, by trying those the examples have. */
    private static BigDecimal valueOf(String text) {
        Scope scope = Scope.inCurrency("EUR").build();
        for (Kind kind : List.of(Kind.PLAIN, Kind.MONEY, new Kind.Measure(dev.steelyard.core.unit.Dimension.LENGTH))) {
            Formula formula = Formula.prepare(text, scope, kind).formula();
            if (formula != null) {
                return formula.number(formula.frame());
            }
        }
        throw new AssertionError(
                text + ": " + Formula.prepare(text, scope, Kind.PLAIN).issues());
    }
}
