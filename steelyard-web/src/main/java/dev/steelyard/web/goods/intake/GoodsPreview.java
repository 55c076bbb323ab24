package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.base.page.Show;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A row of a goods sheet as it is looked at.
 *
 * @param name what the goods are called
 * @param parts what is new or changes
 * @param refused the head of the column that is wrong; empty where none is
 * @param column its name in forms
 * @param cell what stands in it
 */
record GoodsPreview(
        int number,
        int line,
        String outcome,
        String sku,
        String name,
        @Nullable Long productId,
        List<Part> parts,
        String refused,
        String column,
        String cell,
        String reason,
        List<Note> notes) {

    /** One of the things that are said. @param before empty where nothing was */
    record Part(String head, String before, String after) {}

    static GoodsPreview of(IntakeRow row, boolean applied) {
        boolean isRefused = row.refusal() != null;
        GoodsColumn wrong = isRefused ? row.refusal().column() : null;
        return new GoodsPreview(
                row.number(),
                row.line(),
                row.outcome().name().toLowerCase(Locale.ROOT),
                row.sku(),
                name(row),
                row.outcome() == Outcome.Kind.ADD && !applied ? null : row.productId(),
                parts(row),
                wrong == null ? "" : wrong.head(),
                wrong == null ? "" : wrong.name(),
                wrong == null ? "" : row.said().getOrDefault(wrong, ""),
                isRefused ? row.refusal().reason() : "",
                row.notes());
    }

    private static String name(IntakeRow row) {
        GoodsColumn column = row.variant() ? GoodsColumn.VARIANT_NAME : GoodsColumn.NAME;
        String will = row.will().getOrDefault(column, "");
        String was = will.isEmpty() ? row.was().getOrDefault(column, "") : will;
        return was.isEmpty() ? row.said().getOrDefault(GoodsColumn.NAME, "") : was;
    }

    private static List<Part> parts(IntakeRow row) {
        List<Part> parts = new ArrayList<>();
        for (GoodsColumn column : GoodsColumn.values()) {
            String before = row.was().getOrDefault(column, "");
            String after = row.will().getOrDefault(column, "");
            boolean shown = row.outcome() == Outcome.Kind.CHANGE
                    ? !before.equals(after)
                    : row.outcome() == Outcome.Kind.ADD && !after.isEmpty() && !isSaidAnyway(row, column);
            if (shown) {
                parts.add(new Part(column.head(), figure(column, before), figure(column, after)));
            }
        }
        return parts;
    }

    private static boolean isSaidAnyway(IntakeRow row, GoodsColumn column) {
        return column == GoodsColumn.SKU
                || column == GoodsColumn.NAME
                || column == GoodsColumn.VARIANT_NAME
                || column == GoodsColumn.COUNT_OVER && row.will().get(column).equals("line");
    }

    private static String figure(GoodsColumn column, String text) {
        boolean money = column.holds() == SheetColumn.Holding.MONEY;
        return money && !text.isEmpty() ? Show.money(new BigDecimal(text), 2) : text;
    }
}
