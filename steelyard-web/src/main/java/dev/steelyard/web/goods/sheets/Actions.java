package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchWork;
import dev.steelyard.web.goods.batch.Batches;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Begins actions on the prices of many goods: what they would do is shown like what a sheet would do. */
@Service
public class Actions {

    private final Batches batches;
    private final BatchWork work;
    private final Reading reading;

    Actions(Batches batches, BatchWork work, Reading reading) {
        this.batches = batches;
        this.work = work;
        this.reading = reading;
    }

    /**
     * Begins one.
     *
     * @param title what it does, in words
     * @param wishes asked for in the background
     * @return the number of its page
     */
    public long begin(String title, String by, Supplier<List<PriceWish>> wishes) {
        long batch = batches.begin(Batch.Origin.ACTION, title, ColumnPlan.TYPED, null, by);
        work.read(batch, pulse -> reading.wishes(batch, wishes.get(), pulse));
        return batch;
    }
}
