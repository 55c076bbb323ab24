package dev.steelyard.web.sold.replay;

import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * A replay, under way or done.
 *
 * @param kind of what is tried, as whoever asks calls it
 * @param subject its number
 * @param number which version of it
 * @param asked what was typed, by field
 * @param done how many orders were priced
 * @param problem why it failed; empty where it did not
 * @param results one for each that was tried; empty until it is done
 */
public record ReplayRun(
        long id,
        String kind,
        long subject,
        long number,
        Map<String, String> asked,
        State state,
        int done,
        int total,
        Instant madeAt,
        String madeBy,
        String problem,
        List<ReplayResult> results) {

    /** How it stands with it. */
    public enum State {
        RUNNING,
        DONE,
        CANCELLED,
        FAILED
    }

    /** How much is done, in percent. */
    public int percent() {
        return total == 0 ? 100 : (int) (done * 100L / total);
    }
}
