package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.table.CsvForm;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Begins actions on the prices of many goods: what they would do is shown like what a sheet would do. */
@Service
public class Actions {

    private final Batches batches;
    private final BatchWork work;

    Actions(Batches batches, BatchWork work) {
        this.batches = batches;
        this.work = work;
    }

    /**
     * Begins one.
     *
     * @param title what it does, in words
     * @param wishes asked for in the background
     * @return the number of its page
     */
    public long begin(String title, String by, Supplier<List<PriceWish>> wishes) {
        long batch = batches.begin(false, title, CsvForm.POINT, null, by);
        work.check(batch, wishes);
        return batch;
    }
}
