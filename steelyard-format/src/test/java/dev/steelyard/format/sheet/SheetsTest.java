package dev.steelyard.format.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.sheet.CheckRules;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.ItemCheck;
import dev.steelyard.core.sheet.KeptPrice;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.PricesNow;
import dev.steelyard.core.sheet.RowKey;
import dev.steelyard.format.columns.ColumnGuess;
import dev.steelyard.format.columns.FileLook;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import dev.steelyard.format.table.UnreadableTable;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class SheetsTest {

    private static final SheetShop SHOP = new SheetShop("EUR", Set.of("Boatyard"));
    private static final Currency EURO = Currency.getInstance("EUR");
    private static final CheckRules RULES =
            new CheckRules(ShopRules.of(EURO), Margins.NONE, new BigDecimal(30), LocalDate.of(2026, 11, 26));
    private static final Sku SKU = new Sku("007-SHK");
    private static final Validity APRIL = new Validity(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 5, 1));
    private static final List<KeptPrice> KEPT = List.of(
            new KeptPrice(RowKey.Kind.PRODUCT, 7, PriceLine.shelf(new BigDecimal("7.400000"))),
            row(1, 10, "6.900000", null, Validity.ALWAYS),
            row(2, 25, "6.2", null, Validity.ALWAYS),
            row(3, 10, "6.35", "Boatyard", Validity.ALWAYS),
            row(4, 10, "0.0823", null, APRIL));

    @TempDir
    Path folder;

    private static KeptPrice row(long id, int from, String price, String group, Validity days) {
        return new KeptPrice(RowKey.Kind.ROW, id, new PriceLine(group, from, new BigDecimal(price), days));
    }

    private Path write(TableKind kind, CsvForm form) throws IOException {
        Path file = folder.resolve("sheet." + kind.ending());
        try (OutputStream out = Files.newOutputStream(file);
                SheetWriter sheet = new SheetWriter(kind, form, out, "EUR")) {
            sheet.add(SKU, "=Bow shackle", KEPT, line -> true);
        }
        return file;
    }

    private static List<ReadRow> read(Path file, String... leftOut) throws UnreadableTable, IOException {
        List<ReadRow> rows = new ArrayList<>();
        FileLook look = new FileLook(Column.values());
        Tables.read(file, TableLimits.USUAL, look);
        ColumnGuess guess = ColumnGuess.of(look.seen(), Column.values(), Set.of(leftOut), values -> null);
        assertThat(guess.isCertain()).isTrue();
        Tables.read(file, TableLimits.USUAL, new SheetReader(SHOP, guess.plan(), rows::add));
        return rows;
    }

    /** What the rows would do to the goods they were taken from. */
    private static List<Outcome.Kind> outcomes(List<ReadRow> rows) {
        List<Break> breaks = KEPT.stream()
                .filter(kept -> !kept.line().isShelf())
                .map(kept -> new Break(
                        kept.line().from(),
                        kept.line().price(),
                        kept.line().group(),
                        kept.line().validity()))
                .toList();
        Product product = new Product(
                SKU, "Bow shackle", new BigDecimal("7.4"), null, null, PriceRows.of(Over.LINE, breaks), List.of());
        return ItemCheck.of(
                        new PricesNow(new Item(product, null), RowKey.Kind.PRODUCT, 7, KEPT),
                        rows.stream().map(ReadRow::row).toList(),
                        RULES)
                .stream()
                .map(Outcome::kind)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(TableKind.class)
    void aRoundTripChangesNothing(TableKind kind) throws Exception {
        for (CsvForm form : CsvForm.values()) {
            List<ReadRow> rows = read(write(kind, form));

            assertThat(rows).allMatch(row -> row.refusal() == null && row.sku().equals("007-SHK"));
            assertThat(outcomes(rows)).hasSize(5).containsOnly(Outcome.Kind.SAME);
            assertThat(rows.get(1).row().to()).isEqualTo(24);
            assertThat(rows.get(2).row().to()).isNull();
        }
    }

    @ParameterizedTest
    @EnumSource(TableKind.class)
    void libreOfficeOpensWhatWeWriteAndSavesWhatWeRead(TableKind kind) throws Exception {
        Path office = Path.of("/usr/bin/soffice");
        assumeTrue(Files.isExecutable(office), "LibreOffice (Debian's libreoffice-calc) is not installed: skipped");
        Path written = write(kind, CsvForm.POINT);
        for (TableKind saved : List.of(TableKind.XLSX, TableKind.ODS)) {
            Path out = Files.createDirectories(folder.resolve("saved-" + saved.ending()));
            Process process = new ProcessBuilder(
                            office.toString(),
                            "-env:UserInstallation=file://" + folder.resolve("profile"),
                            "--headless",
                            "--infilter=CSV:44,34,76,1,1/2/2/2/3/2/12/2", // UTF-8; SKUs, groups … as texts
                            "--convert-to",
                            saved.ending(),
                            "--outdir",
                            out.toString(),
                            written.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("office.log").toFile())
                    .start();
            assertThat(process.waitFor(2, TimeUnit.MINUTES)).isTrue();
            Path file = out.resolve("sheet." + saved.ending());
            assertThat(file).as(Files.readString(folder.resolve("office.log"))).exists();

            List<ReadRow> rows = read(file);

            assertThat(rows).as("%s saved as %s", kind, saved).allMatch(row -> row.refusal() == null);
            assertThat(rows).extracting(ReadRow::sku).containsOnly("007-SHK");
            assertThat(outcomes(rows)).hasSize(5).containsOnly(Outcome.Kind.SAME);
        }
    }

    private List<ReadRow> text(String text, String... leftOut) throws Exception {
        return read(Files.writeString(folder.resolve("typed.csv"), text), leftOut);
    }

    @Test
    void columnsMayStandInAnyOrderBesideOthersUnderOtherLines() throws Exception {
        List<ReadRow> rows = text(
                "our list of April,,,\n,,,\nPrice,remark,SKU,From\n6.90,good,SHK,10\n,,,\n6.20,,SHK,25\n", "remark");

        assertThat(rows).extracting(row -> row.row().from()).containsExactly(10, 25);
        assertThat(rows).extracting(ReadRow::line).containsExactly(4, 6);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"group", "cust group", "Customer group", "customer_group", "CUSTOMER-GROUP", "Customer Group:"})
    void theGroupGoesByManyNames(String head) throws Exception {
        assertThat(text("SKU," + head + ",from,price\nSHK,Boatyard,1,5.80\n")
                        .get(0)
                        .row()
                        .group())
                .isEqualTo("Boatyard");
    }

    @ParameterizedTest
    @ValueSource(strings = {"from", "From qty", "from quantity", "qty from", "Min qty", "minimum quantity"})
    void theThresholdGoesByManyNames(String head) throws Exception {
        assertThat(text("SKU," + head + ",price\nSHK,10,5.80\n").get(0).row().from())
                .isEqualTo(10);
    }

    @Test
    void withoutThresholdsEveryRowIsAShelfPrice() throws Exception {
        assertThat(text("sku;price\nSHK;7.40\n").get(0).row().isShelf()).isTrue();
    }
}
