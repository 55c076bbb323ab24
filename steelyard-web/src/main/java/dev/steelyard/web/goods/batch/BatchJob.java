package dev.steelyard.web.goods.batch;

import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.sold.replay.Tried;
import java.io.IOException;
import java.nio.file.Path;

/** What is done with a batch of one kind, always in the background and by one node. */
public interface BatchJob {

    boolean does(Batch.Origin origin);

    /**
     * Reads a file into the rows of a batch and checks them.
     *
     * @throws UnreadableTable in words for whoever chose the file
     */
    void read(long batch, Path file, ColumnPlan plan, Pulse pulse) throws UnreadableTable, IOException;

    /** Checks all rows anew against what is there now. */
    void again(Batch batch, Pulse pulse);

    /** Applies all of it. @throws Stopped where something is no longer as it was, or somebody asked to cancel */
    void apply(Batch batch, String by, Pulse pulse);

    /** Takes all of it back. @throws Stopped where something was changed since, or somebody asked to cancel */
    void undo(Batch batch, String by, Pulse pulse);

    /** What goods would be priced by, were it applied. */
    Tried tried(long batch, BookInForce book);

    /** Forgets its rows. */
    void forget(long batch);
}
