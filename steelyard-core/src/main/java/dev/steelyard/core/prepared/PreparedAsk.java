package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.reckoning.Fault;
import org.jspecify.annotations.Nullable;

/** An ask that reads its answer into a run. */
sealed interface PreparedAsk permits PreparedMeasurement, PreparedChoice {

    Ask ask();

    /**
     * Reads the answer.
     *
     * @return what is wrong with it; none where nothing is
     */
    @Nullable
    Fault read(Run run, boolean allRightSoFar);
}
