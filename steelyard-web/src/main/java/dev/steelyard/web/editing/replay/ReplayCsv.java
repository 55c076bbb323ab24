package dev.steelyard.web.editing.replay;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.replay.Totals;
import dev.steelyard.format.table.Guarded;
import dev.steelyard.web.sold.replay.ReplayResult;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** Writes what came of one that was tried. */
final class ReplayCsv {

    private final CSVPrinter to;
    private final ReplayResult result;
    private final boolean margins;

    ReplayCsv(CSVPrinter to, ReplayResult result, boolean margins) {
        this.to = to;
        this.result = result;
        this.margins = margins;
    }

    void write() throws IOException {
        row("all", "", result.now(), result.other());
        for (ReplayResult.Part part : result.groups()) {
            row("group", part.key(), part.now(), part.other());
        }
        for (ReplayResult.Part part : result.products()) {
            row("product", part.key(), part.now(), part.other());
        }
        for (ReplayResult.BreakPart part : result.breaks()) {
            row(
                    "break of " + part.card(),
                    part.from() == null ? "" : Decimals.plain(part.from(), 0),
                    part.now(),
                    part.other());
        }
        for (ReplayResult.Changed order : result.most()) {
            to.printRecord(
                    Guarded.out(result.label()),
                    "order",
                    Guarded.out(order.number()),
                    "",
                    order.now().toPlainString(),
                    "",
                    "",
                    order.other().toPlainString(),
                    "");
        }
    }

    private void row(String of, String what, Totals now, Totals other) throws IOException {
        List<Object> cells = new ArrayList<>(List.of(
                Guarded.out(result.label()),
                Guarded.out(of),
                Guarded.out(what),
                now.lines(),
                now.turnover().toPlainString(),
                now.reduced().toPlainString(),
                other.lines(),
                other.turnover().toPlainString(),
                other.reduced().toPlainString()));
        if (margins) {
            cells.add(plain(now.margin()));
            cells.add(plain(other.margin()));
        }
        to.printRecord(cells);
    }

    private static String plain(@Nullable BigDecimal number) {
        return number == null ? "" : number.toPlainString();
    }
}
