package dev.steelyard.format.sheet;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Outcome.Refusal;
import dev.steelyard.core.sheet.SheetRow;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A row of a sheet: read, or refused with its cells as they are.
 *
 * @param sku empty where none is given
 * @param name what the sheet calls the goods; empty where it does not
 * @param row none where the row is refused
 * @param refusal the first thing that is wrong; none where nothing is
 * @param cells as texts, only of a row that is refused
 */
public record ReadRow(
        int line,
        String sku,
        String name,
        @Nullable SheetRow row,
        @Nullable Refusal refusal,
        Map<Column, String> cells) {}
