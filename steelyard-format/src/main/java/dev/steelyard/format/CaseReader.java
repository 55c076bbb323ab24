package dev.steelyard.format;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Reads the ways to price a piece. */
final class CaseReader {

    private CaseReader() {}

    /** The cases of a card; none where it has none. The last one has no condition, the others have one. */
    static @Nullable Cases read(Obj card) {
        record Read(@Nullable String when, Case one) {}
        List<Read> all = card.objects("cases", in -> {
            String when = in.optionalText("when");
            Case one = one(in.object("piece"));
            in.done();
            return new Read(when, one);
        });
        if (all.isEmpty()) {
            if (card.has("cases")) {
                card.fault("cases", "there is at least one case");
            }
            return null;
        }
        List<Cases.Conditional> first = new ArrayList<>();
        for (int i = 0; i < all.size() - 1; i++) {
            String when = all.get(i).when();
            if (when == null) {
                card.fault(
                        "cases",
                        "case " + (i + 1) + " has no condition, so those below it are never used;"
                                + " give it “when”, or make it the last");
            }
            first.add(new Cases.Conditional(when == null ? "" : when, all.get(i).one()));
        }
        Read last = all.get(all.size() - 1);
        if (last.when() != null) {
            card.fault("cases", "the last case has a condition; it must have none, so that one case always fires");
        }
        return new Cases(first, last.one());
    }

    private static Case one(Obj in) {
        List<String> ways = Stream.of("shelfPrice", "rate", "grid", "packs", "formula", "none")
                .filter(in::has)
                .toList();
        if (ways.size() != 1) {
            in.fault("", "a piece is priced by one of shelfPrice, rate, grid, packs, formula and none");
        }
        PiecePrice piece = ways.isEmpty() ? PiecePrice.SHELF_PRICE : piece(in, ways.get(0));
        BigDecimal base = in.optionalDecimal("base");
        in.done();
        return new Case(piece, base);
    }

    private static PiecePrice piece(Obj in, String way) {
        return switch (way) {
            case "rate" -> rate(in.object("rate"));
            case "grid" -> grid(in.object("grid"));
            case "packs" -> packs(in.object("packs"));
            case "formula" -> new PiecePrice.ByFormula(in.text("formula"));
            default -> {
                if (!in.flag(way, false)) {
                    in.fault(way, "“" + way + "” is true or left out");
                }
                yield way.equals("none") ? PiecePrice.NONE : PiecePrice.SHELF_PRICE;
            }
        };
    }

    private static PiecePrice rate(Obj in) {
        Obj breaks = in.optionalObject("breaks");
        PiecePrice.RateBreaks read = null;
        if (breaks != null) {
            read = new PiecePrice.RateBreaks(
                    breaks.word("mode", FormatWords.SLICES, null),
                    LadderReader.rows(breaks, "rows"),
                    breaks.textSet("alone"));
            breaks.done();
        }
        PiecePrice.Rate rate = new PiecePrice.Rate(
                in.text("amount"),
                in.unit("unit"),
                in.decimal("price"),
                in.optionalDecimal("wastePercent"),
                in.optionalDecimal("roundUpTo"),
                in.optionalDecimal("atLeast"),
                read);
        in.done();
        return rate;
    }

    private static PiecePrice grid(Obj in) {
        Unit unit = in.unit("unit");
        Unit rowUnit = in.optionalUnit("rowsUnit");
        PiecePrice.Grid grid = new PiecePrice.Grid(
                in.text("columnsBy"),
                in.text("rowsBy"),
                unit,
                rowUnit == null ? unit : rowUnit,
                in.decimals("columns"),
                in.decimals("rows"),
                in.table("prices"),
                in.word("else", FormatWords.ELSE, false));
        in.done();
        return grid;
    }

    private static PiecePrice packs(Obj in) {
        List<PiecePrice.Pack> packs = in.objects("packs", pack -> {
            PiecePrice.Pack read = new PiecePrice.Pack(
                    pack.text("name"), pack.decimal("amount"), pack.unit("unit"), pack.decimal("price"));
            pack.done();
            return read;
        });
        Obj own = in.optionalObject("own");
        PiecePrice.OwnAmount amount = null;
        if (own != null) {
            amount = new PiecePrice.OwnAmount(own.text("by"), own.unit("unit"), own.decimal("price"));
            own.done();
        }
        in.done();
        return new PiecePrice.Packs(packs, amount);
    }
}
