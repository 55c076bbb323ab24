package dev.steelyard.web.goods.intake;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsReadRow;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchWork;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.Requested;
import dev.steelyard.web.goods.batch.RequestedRow;
import dev.steelyard.web.goods.batch.RowsShown;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Goods that a program sends: the same checks, history and undoing as for a goods sheet, while it waits. */
@Service
public class GoodsByRequest {

    private static final int MOST = 100_000;

    private final Batches batches;
    private final BatchWork work;
    private final GoodsJob job;
    private final IntakeRows rows;

    GoodsByRequest(Batches batches, BatchWork work, GoodsJob job, IntakeRows rows) {
        this.batches = batches;
        this.work = work;
        this.job = job;
        this.rows = rows;
    }

    /**
     * Adds and changes goods.
     *
     * @param title what it is called in the list of sheets
     * @param some rows: only the columns that are said
     * @param allOrNothing whether one refused row lets nothing be done
     * @param waits whether somebody else is to apply it
     */
    public Requested put(
            String title, List<Map<GoodsColumn, String>> some, boolean allOrNothing, boolean waits, String by) {
        long batch = batches.begin(Batch.Origin.GOODS, title, ColumnPlan.TYPED, null, by);
        List<GoodsReadRow> read = new ArrayList<>();
        some.forEach(row -> read.add(new GoodsReadRow(read.size() + 1, row)));
        return work.atOnce(
                batch,
                pulse -> job.rows(batch, read, ColumnPlan.TYPED, pulse),
                allOrNothing,
                waits,
                by,
                () -> rows.page(batch, RowsShown.ALL, 0, MOST).stream()
                        .map(GoodsByRequest::row)
                        .toList());
    }

    private static RequestedRow row(IntakeRow row) {
        return new RequestedRow(
                row.number(),
                row.sku(),
                row.outcome(),
                row.refusal() == null ? null : row.refusal().column().name(),
                row.refusal() == null ? null : row.refusal().reason(),
                row.notes());
    }
}
