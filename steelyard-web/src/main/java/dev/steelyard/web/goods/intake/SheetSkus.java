package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.goods.GoodsTexts;
import dev.steelyard.web.goods.intake.GoodsChecks.Numbered;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which SKUs a whole sheet speaks of, and in which line first. */
final class SheetSkus {

    private final GoodsCells cells;
    private final Map<String, Integer> lines = new HashMap<>();
    private final Map<String, String> spelled = new HashMap<>();
    private final Map<String, String> parents = new HashMap<>();
    private final Set<String> withVariants = new HashSet<>();

    SheetSkus(List<Numbered> rows, GoodsCells cells) {
        this.cells = cells;
        for (Numbered one : rows) {
            Map<GoodsColumn, String> said = one.row().texts();
            String sku = text(said, GoodsColumn.SKU);
            if (text(said, GoodsColumn.ACTION).equalsIgnoreCase(GoodsColumn.KEEP) || sku.isEmpty()) {
                continue;
            }
            lines.putIfAbsent(sku, one.row().line());
            spelled.putIfAbsent(GoodsTexts.small(sku), sku);
            String parent = text(said, GoodsColumn.VARIANT_OF);
            if (!parent.isEmpty()) {
                parents.putIfAbsent(sku, parent);
                withVariants.add(parent);
            }
        }
    }

    private static String text(Map<GoodsColumn, String> texts, GoodsColumn column) {
        return texts.getOrDefault(column, "").strip();
    }

    /** A row as far as its own cells tell: what it says stands where what shall be will stand. */
    IntakeRow read(Numbered one) {
        GoodsCells.Said said = cells.read(one.row().texts());
        return new IntakeRow(
                one.number(),
                one.row().line(),
                said.refusal() == null ? Outcome.Kind.SAME : Outcome.Kind.REFUSED,
                text(one.row().texts(), GoodsColumn.SKU),
                false,
                null,
                null,
                one.row().texts(),
                Map.of(),
                said.refusal() == null ? said.values() : Map.of(),
                said.refusal(),
                List.of());
    }

    /** The line in which a SKU stands first. */
    int line(String sku) {
        return lines.getOrDefault(sku, 0);
    }

    boolean has(String sku) {
        return lines.containsKey(sku);
    }

    /** How a SKU that differs in case alone is spelled first. */
    String spelled(String sku) {
        return spelled.getOrDefault(GoodsTexts.small(sku), sku);
    }

    /** The product that a SKU is a variant of by the sheet; none where it says of none. */
    @Nullable
    String parent(String sku) {
        return parents.get(sku);
    }

    boolean hasVariants(String sku) {
        return withVariants.contains(sku);
    }
}
