package dev.steelyard.format;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.PiecePrice;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the ways to price a piece. */
final class CaseWriter {

    private CaseWriter() {}

    static void write(ArrayNode array, Cases cases) {
        for (Cases.Conditional conditional : cases.first()) {
            ObjectNode node = array.addObject().put("when", conditional.when());
            one(node.putObject("piece"), conditional.then());
        }
        one(array.addObject().putObject("piece"), cases.otherwise());
    }

    private static void one(ObjectNode node, Case one) {
        PiecePrice piece = one.piece();
        if (piece instanceof PiecePrice.ShelfPrice) {
            node.put("shelfPrice", true);
        } else if (piece instanceof PiecePrice.None) {
            node.put("none", true);
        } else if (piece instanceof PiecePrice.Rate rate) {
            rate(node.putObject("rate"), rate);
        } else if (piece instanceof PiecePrice.Grid grid) {
            grid(node.putObject("grid"), grid);
        } else if (piece instanceof PiecePrice.Packs packs) {
            packs(node.putObject("packs"), packs);
        } else {
            node.put("formula", ((PiecePrice.ByFormula) piece).formula());
        }
        CardWriter.decimal(node, "base", one.base());
    }

    private static void rate(ObjectNode node, PiecePrice.Rate rate) {
        node.put("amount", rate.amount());
        Units.put(node, "unit", rate.unit());
        CardWriter.decimal(node, "price", rate.price());
        CardWriter.decimal(node, "wastePercent", rate.wastePercent());
        CardWriter.decimal(node, "roundUpTo", rate.roundUpTo());
        CardWriter.decimal(node, "atLeast", rate.atLeast());
        if (rate.breaks() != null) {
            ObjectNode breaks = node.putObject("breaks");
            breaks.put("mode", FormatWords.of(FormatWords.SLICES, rate.breaks().slices()));
            CardWriter.alone(breaks, rate.breaks().alone());
            CardWriter.rows(breaks.putArray("rows"), rate.breaks().rows());
        }
    }

    private static void grid(ObjectNode node, PiecePrice.Grid grid) {
        node.put("columnsBy", grid.columnsBy()).put("rowsBy", grid.rowsBy());
        Units.put(node, "unit", grid.columnUnit());
        if (grid.rowUnit() != grid.columnUnit()) {
            Units.put(node, "rowsUnit", grid.rowUnit());
        }
        ArrayNode columns = node.putArray("columns");
        grid.columns().forEach(edge -> columns.add(edge.toPlainString()));
        ArrayNode rows = node.putArray("rows");
        grid.rows().forEach(edge -> rows.add(edge.toPlainString()));
        ArrayNode prices = node.putArray("prices");
        for (List<@Nullable BigDecimal> row : grid.prices()) {
            ArrayNode cells = prices.addArray();
            row.forEach(cell -> cells.add(cell == null ? null : cell.toPlainString()));
        }
        if (grid.elseNextCase()) {
            node.put("else", "next-case");
        }
    }

    private static void packs(ObjectNode node, PiecePrice.Packs packs) {
        CardWriter.list(node, "packs", packs.packs(), (one, pack) -> {
            one.put("name", pack.name());
            CardWriter.decimal(one, "amount", pack.amount());
            Units.put(one, "unit", pack.unit());
            CardWriter.decimal(one, "price", pack.price());
        });
        if (packs.own() != null) {
            ObjectNode own = node.putObject("own");
            own.put("by", packs.own().by());
            Units.put(own, "unit", packs.own().unit());
            CardWriter.decimal(own, "price", packs.own().price());
        }
    }
}
