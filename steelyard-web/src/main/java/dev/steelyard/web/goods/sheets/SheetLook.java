package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.sheet.SheetReader;
import dev.steelyard.format.sheet.SheetShop;
import dev.steelyard.format.sheet.UnknownHeads;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import dev.steelyard.format.table.UnreadableTable;
import java.io.IOException;
import java.io.Serial;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;

/** Looks at the head of a sheet, before it is read. */
final class SheetLook {

    private SheetLook() {}

    /** Stops reading: the head has been seen. */
    private static final class Enough extends UnreadableTable {

        @Serial
        private static final long serialVersionUID = 1L;

        Enough() {
            super("the head has been seen");
        }
    }

    /**
     * The heads that mean nothing here; empty where there are none, and where the file cannot be
     * read at all, which reading says.
     */
    static List<String> unknownHeads(Path file, CsvForm form) throws IOException {
        SheetReader reader = new SheetReader(new SheetShop("EUR", Set.of()), form, Set.of(), row -> {});
        try {
            Tables.read(file, TableLimits.USUAL, row -> {
                reader.row(row);
                if (reader.hasHead()) {
                    throw new Enough();
                }
            });
        } catch (UnknownHeads unknown) {
            return unknown.heads();
        } catch (UnreadableTable enoughOrSaidByReading) {
            return List.of();
        }
        return List.of();
    }
}
