package dev.steelyard.web.sold.replay;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.replay.Totals;
import dev.steelyard.format.table.Guarded;
import dev.steelyard.web.base.page.FileNames;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** What came of a replay as a file: all it was told apart by. */
public final class ReplayCsv {

    private final CSVPrinter to;
    private final ReplayResult result;
    private final boolean margins;

    private ReplayCsv(CSVPrinter to, ReplayResult result, boolean margins) {
        this.to = to;
        this.result = result;
        this.margins = margins;
    }

    /**
     * Answers with the file.
     *
     * @param name of what was tried
     * @param margins whether whoever asks may see them
     */
    public static void answer(ReplayRun run, String name, boolean margins, HttpServletResponse response)
            throws IOException {
        FileNames.csv(response, name, "replay");
        try (CSVPrinter csv = new CSVPrinter(response.getWriter(), CSVFormat.RFC4180)) {
            List<String> heading = new ArrayList<>(List.of(
                    "tried",
                    "of",
                    "what",
                    "lines now",
                    "turnover now",
                    "reductions now",
                    "lines then",
                    "turnover then",
                    "reductions then"));
            if (margins) {
                heading.addAll(List.of("margin % now", "margin % then"));
            }
            csv.printRecord(heading);
            for (ReplayResult result : run.results()) {
                new ReplayCsv(csv, result, margins).write();
            }
        }
    }

    private void write() throws IOException {
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
