package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.Direction;
import dev.steelyard.web.goods.PricesChanged;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchJob;
import dev.steelyard.web.goods.batch.Pulse;
import dev.steelyard.web.sold.replay.Tried;
import java.io.IOException;
import java.nio.file.Path;
import org.springframework.stereotype.Component;

/** Batches of prices: sheets of them, and actions on them. */
@Component
class PriceJob implements BatchJob {

    private final BatchRows rows;
    private final Reading reading;
    private final BatchApplying applying;
    private final SheetTried tried;

    PriceJob(BatchRows rows, Reading reading, BatchApplying applying, SheetTried tried) {
        this.rows = rows;
        this.reading = reading;
        this.applying = applying;
        this.tried = tried;
    }

    @Override
    public boolean does(Batch.Origin origin) {
        return origin != Batch.Origin.GOODS;
    }

    @Override
    public void read(long batch, Path file, ColumnPlan plan, Pulse pulse) throws UnreadableTable, IOException {
        reading.file(batch, file, plan, pulse);
    }

    @Override
    public void again(Batch batch, Pulse pulse) {
        reading.again(batch.id(), pulse);
    }

    @Override
    public void apply(Batch batch, String by, Pulse pulse) {
        try {
            applying.apply(batch, by, pulse);
        } catch (PricesChanged taken) {
            applying.stop(batch, Direction.APPLY);
        }
    }

    @Override
    public void undo(Batch batch, String by, Pulse pulse) {
        try {
            applying.undo(batch, by, pulse);
        } catch (PricesChanged taken) {
            applying.stop(batch, Direction.UNDO);
        }
    }

    @Override
    public Tried tried(long batch, BookInForce book) {
        return tried.of(batch, "", book);
    }

    @Override
    public void forget(long batch) {
        rows.deleteAll(batch);
    }
}
