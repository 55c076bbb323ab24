package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.reckoning.Fault;
import org.jspecify.annotations.Nullable;

/** An ask that reads its answer into a run. */
sealed interface PreparedAsk permits PreparedMeasurement, PreparedChoice {

    Ask ask();

    /**
     * Whether it is put to the shopper after the answers read so far.
     *
     * @param allRightSoFar whether nothing was wrong with them
     */
    default boolean open(Run run, boolean allRightSoFar) {
        Calc condition = shownWhen();
        return condition == null || allRightSoFar && condition.holds(run);
    }

    /** The condition on which it is asked; none for always. */
    @Nullable
    Calc shownWhen();

    /**
     * Reads the answer.
     *
     * @return what is wrong with it; none where nothing is
     */
    @Nullable
    Fault read(Run run, boolean allRightSoFar);
}
