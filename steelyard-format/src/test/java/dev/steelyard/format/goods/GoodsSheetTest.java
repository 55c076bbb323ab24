package dev.steelyard.format.goods;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.columns.ColumnGuess;
import dev.steelyard.format.columns.FileLook;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class GoodsSheetTest {

    private static final Map<GoodsColumn, String> ROPE = Map.of(
            GoodsColumn.SKU, "007-ROPE",
            GoodsColumn.NAME, "Braided line",
            GoodsColumn.DESCRIPTION, "=soft; \"floats\"",
            GoodsColumn.CATEGORY, "Offers; Rope > Braided",
            GoodsColumn.TAGS, "blue, thin",
            GoodsColumn.TAX_CLASS, "Standard",
            GoodsColumn.SHELF_PRICE, "1039.5",
            GoodsColumn.UNIT_COST, "0.0823",
            GoodsColumn.DECIMALS, "3",
            GoodsColumn.COUNT_OVER, "line");

    @TempDir
    Path folder;

    @ParameterizedTest
    @EnumSource(TableKind.class)
    void aRoundTripChangesNothing(TableKind kind) throws Exception {
        for (CsvForm form : CsvForm.values()) {
            Path file = folder.resolve("goods." + kind.ending());
            try (OutputStream out = Files.newOutputStream(file);
                    GoodsSheetWriter sheet = new GoodsSheetWriter(kind, form, out, "EUR", Set.of())) {
                sheet.add(ROPE);
            }
            FileLook look = new FileLook(GoodsColumn.values());
            Tables.read(file, TableLimits.USUAL, look);
            ColumnGuess guess = ColumnGuess.of(look.seen(), GoodsColumn.values(), Set.of(), values -> null);
            assertThat(guess.isCertain()).isTrue();
            List<GoodsReadRow> rows = new ArrayList<>();
            Tables.read(file, TableLimits.USUAL, new GoodsSheetReader(guess.plan(), rows::add));

            GoodsCells.Said said = new GoodsCells(new GoodsShop("EUR", List.of("Standard")), guess.plan())
                    .read(rows.get(0).texts());

            assertThat(said.refusal()).as("%s %s", kind, form).isNull();
            assertThat(said.values()).containsAllEntriesOf(ROPE).hasSize(GoodsColumn.values().length - 1);
        }
    }
}
