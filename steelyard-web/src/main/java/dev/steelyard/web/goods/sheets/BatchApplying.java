package dev.steelyard.web.goods.sheets;

import dev.steelyard.web.goods.BatchPrices;
import dev.steelyard.web.goods.Direction;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.Pulse;
import dev.steelyard.web.goods.batch.Stopped;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Applies a whole batch, or takes it back, in one transaction: any of it fails, and nothing was done. */
@Component
class BatchApplying {

    private static final int NAMED = 10;

    private final BatchPrices prices;
    private final Batches batches;
    private final Changes changes;

    BatchApplying(BatchPrices prices, Batches batches, Changes changes) {
        this.prices = prices;
        this.batches = batches;
        this.changes = changes;
    }

    /** @throws Stopped where a row is no longer as it was, or somebody asked to cancel */
    @Transactional
    public void apply(Batch batch, String by, Pulse pulse) {
        int written = write(batch, Direction.APPLY, pulse, by);
        if (!batches.applied(batch.id(), by, written)) {
            throw new Stopped("It was stopped meanwhile. Nothing was applied.");
        }
        keep(batch, What.APPLIED, by);
    }

    /** @throws Stopped where a row was changed since, or somebody asked to cancel */
    @Transactional
    public void undo(Batch batch, String by, Pulse pulse) {
        write(batch, Direction.UNDO, pulse, by);
        if (!batches.undone(batch.id(), by)) {
            throw new Stopped("It was stopped meanwhile. Nothing was undone.");
        }
        keep(batch, What.UNDONE, by);
    }

    private void keep(Batch batch, What what, String by) {
        Batch.Totals totals = batch.totals();
        Map<String, String> counts = Map.of(
                "prices added", "" + totals.added(),
                "prices changed", "" + totals.changed(),
                "prices removed", "" + totals.removed());
        changes.keep(new Change(ChangeSubject.BATCH, batch.id(), batch.title(), what, "", Map.of(), counts), by);
    }

    private int write(Batch batch, Direction way, Pulse pulse, String by) {
        int total = batch.totals().writing();
        pulse.written(0, total);
        prices.change(batch.id(), by);
        BatchPrices.Kinds kinds = prices.kinds(batch.id(), way);
        stopWhere(prices.changedSinceButStaying(kinds, NAMED + 1), way);
        int last = Math.max(1, prices.last(batch.id()));
        prices.write(kinds, row -> pulse.written((int) Math.min(total, (long) total * row / last), total));
        pulse.written(total, total);
        return total;
    }

    /**
     * Why a batch could not be written, once what was written of it is taken back.
     *
     * @throws Stopped always
     */
    @Transactional(readOnly = true)
    public void stop(Batch batch, Direction way) {
        stopWhere(prices.changedSince(prices.kinds(batch.id(), way), NAMED + 1), way);
        throw new Stopped("Prices were being changed since the batch was " + ended(way)); // and back again meanwhile
    }

    private static void stopWhere(List<String> changed, Direction way) {
        if (!changed.isEmpty()) {
            throw new Stopped("These prices were changed since the batch was " + ended(way) + " "
                    + String.join("; ", changed.subList(0, Math.min(NAMED, changed.size())))
                    + (changed.size() > NAMED ? "; and more." : "."));
        }
    }

    private static String ended(Direction way) {
        return way == Direction.APPLY
                ? "checked. Nothing was applied; check it again."
                : "applied. Nothing was undone.";
    }
}
