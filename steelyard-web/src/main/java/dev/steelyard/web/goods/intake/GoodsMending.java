package dev.steelyard.web.goods.intake;

import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.goods.batch.BatchState;
import dev.steelyard.web.goods.batch.BatchWork;
import dev.steelyard.web.goods.batch.Batches;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Changes cells of rows that are being looked at; then the whole sheet is checked again, since rows hang together. */
@Component
class GoodsMending {

    private final IntakeRows rows;
    private final Batches batches;
    private final BatchWork work;
    private final TransactionTemplate transactions;

    GoodsMending(IntakeRows rows, Batches batches, BatchWork work, TransactionTemplate transactions) {
        this.rows = rows;
        this.batches = batches;
        this.work = work;
        this.transactions = transactions;
    }

    /** One row. @return whether the sheet is one to be looked at and has it */
    boolean mend(long batch, int number, Map<GoodsColumn, String> typed) {
        return change(batch, rows.one(batch, number), typed);
    }

    /** All rows that are refused for what stands in one column. @return whether there are any */
    boolean alike(long batch, GoodsColumn column, String value, String typed) {
        return change(batch, rows.refusedFor(batch, column, value), Map.of(column, typed));
    }

    /** Leaves all such rows out. @return whether there are any */
    boolean leaveOut(long batch, GoodsColumn column, String value) {
        return change(batch, rows.refusedFor(batch, column, value), Map.of(GoodsColumn.ACTION, GoodsColumn.KEEP));
    }

    private boolean change(long batch, List<IntakeRow> some, Map<GoodsColumn, String> typed) {
        boolean ready = !some.isEmpty()
                && batches.find(batch)
                        .filter(one -> one.state() == BatchState.READY)
                        .isPresent();
        if (ready) {
            transactions.executeWithoutResult(status -> some.forEach(row -> {
                Map<GoodsColumn, String> said = new EnumMap<>(GoodsColumn.class);
                said.putAll(row.said());
                said.putAll(typed);
                rows.say(batch, row.number(), said);
            }));
            work.checkAgain(batch);
        }
        return ready;
    }
}
