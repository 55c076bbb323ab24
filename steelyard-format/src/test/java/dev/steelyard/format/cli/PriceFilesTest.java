package dev.steelyard.format.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PriceFilesTest {

    private static final ZonedDateTime NOW = ZonedDateTime.of(2027, 1, 1, 12, 0, 0, 0, ZoneOffset.UTC);

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    @Test
    void theWorkedExamplesHold() throws URISyntaxException {
        String file = Path.of(Objects.requireNonNull(PriceFilesTest.class.getResource("/examples/lines.json"))
                        .toURI())
                .toString();
        assertThat(run(file)).isZero();
        assertThat(said())
                .contains(
                        "cover-area\n  ok  1 ×, fixing loose, hem plain, length 400, width 180  206.20 EUR (206.20 each)")
                .contains("  ok  1 ×, length 0.25  refused (length): Length is too small: 0.25 m was given")
                .endsWith("105 orders, all as expected\n");
    }

    @Test
    void whatDoesNotHoldFailsTheRun() throws IOException {
        Path file = write(
                """
                {"product": {"sku": "BRU-1", "shelfPrice": "15.00"}, "card": {"name": "Brushes"},
                 "orders": [{"quantity": 2, "expect": {"line": "31.00"}}, {"quantity": 1}]}
                """);
        assertThat(run(file.toString())).isEqualTo(PriceFiles.SOME_DIFFER);
        assertThat(said())
                .isEqualTo(
                        """
                        Brushes
                          NO  2 ×  expected 31.00, but it comes to 30.00 (15.00 each)
                              1 ×  15.00 EUR (15.00 each)
                        2 orders, 1 not as expected
                        """);
    }

    @Test
    void stepsAreShownWhenAskedFor() throws IOException {
        Path file = write(
                """
                {"product": {"sku": "BRU-1", "shelfPrice": "15.00"}, "card": {"name": "Brushes"},
                 "orders": [{"quantity": 2}]}
                """);
        assertThat(run("--explain", file.toString())).isZero();
        assertThat(said()).contains("Shelf price: BRU-1 = 15.00\n").contains("Line: 2 × 15.00 = 30.00\n");
    }

    @Test
    void whatCannotBeReadSaysWhere() throws IOException {
        Path file = write(
                """
                {"product": {"sku": "COV"}, "card": {"name": "Covers", "colour": "red",
                 "cases": [{"piece": {"formula": "2 * wdth"}}]}, "orders": []}
                """);
        assertThat(run(file.toString(), folder.resolve("none.json").toString())).isEqualTo(PriceFiles.NOT_READ);
        assertThat(err.toString(StandardCharsets.UTF_8))
                .contains(file + "#/card/colour: there is no field “colour” here; there are asks, cases,")
                .contains("none.json: cannot be read: ");
        assertThat(run()).isEqualTo(PriceFiles.NOT_READ);
    }

    @Test
    void aFaultInAFormulaSaysAtWhichCharacters() throws IOException {
        Path file = write(
                """
                {"product": {"sku": "COV"}, "card": {"name": "Covers",
                 "cases": [{"piece": {"formula": "2 EUR * wdth"}}]}, "orders": []}
                """);
        assertThat(run(file.toString())).isEqualTo(PriceFiles.NOT_READ);
        assertThat(err.toString(StandardCharsets.UTF_8))
                .contains("#/card/cases/0/piece/formula, characters 8 to 12: Nothing here is called “wdth”");
    }

    @Test
    void whatCannotBeReadIsCountedAndNamedAndTheRestPriced() throws IOException {
        Path file = write(
                """
                [{"id": "wrong", "product": {"sku": "A"}, "card": {"name": "A", "colour": "red"}},
                 {"id": "brushes", "product": {"sku": "BRU-1", "shelfPrice": "15.00"}, "card": {"name": "Brushes"},
                  "orders": [{"quantity": 2, "expect": {"unit": "15.00"}}]},
                 {"product": {"sku": ""}, "card": {"name": "A"}}]
                """);
        assertThat(run(file.toString())).isEqualTo(PriceFiles.NOT_READ);
        assertThat(said())
                .isEqualTo(
                        """
                        brushes
                          ok  2 ×  30.00 EUR (15.00 each)
                        1 order, all as expected; 2 documents could not be read: wrong, document 3
                        """);
    }

    @Test
    void aUnitAloneMayBeExpected() throws IOException {
        Path file = write(
                """
                {"product": {"sku": "BRU-1", "shelfPrice": "15.00"}, "card": {"name": "Brushes"},
                 "orders": [{"quantity": 2, "expect": {"unit": "14.00"}}]}
                """);
        assertThat(run(file.toString())).isEqualTo(PriceFiles.SOME_DIFFER);
        assertThat(said()).contains("expected 14.00 each, but it comes to 30.00 (15.00 each)");
    }

    @Test
    void aCardAsItIsWrittenOutIsReadAloneAndWithOrdersBesideIt() throws IOException {
        Path card = write(
                """
                {"name": "Bar", "asks": [{"measurement": "length", "kind": "length", "unit": "cm", "min": 10}],
                 "cases": [{"piece": {"rate": {"amount": "length", "unit": "m", "price": "9.00"}}}]}
                """);
        assertThat(run(card.toString())).isZero();
        assertThat(said()).isEqualTo("Bar: read; no orders are given\n0 orders, nothing to compare\n");
        Path orders = Files.writeString(
                folder.resolve("orders.json"),
                """
                [{"quantity": 2, "answers": {"length": "50"}, "expect": {"line": "9.00"}}]
                """);
        out.reset();
        assertThat(run("--orders", orders.toString(), card.toString())).isZero();
        assertThat(said()).endsWith("1 order, all as expected\n");
    }

    private int run(String... arguments) {
        return PriceFiles.run(
                List.of(arguments),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8),
                NOW);
    }

    private String said() {
        return out.toString(StandardCharsets.UTF_8).replace(System.lineSeparator(), "\n");
    }

    private Path write(String json) throws IOException {
        return Files.writeString(folder.resolve("trial.json"), json);
    }
}
