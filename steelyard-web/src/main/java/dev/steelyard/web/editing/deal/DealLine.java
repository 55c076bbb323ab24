package dev.steelyard.web.editing.deal;

import dev.steelyard.web.editing.live.Standings;
import java.util.List;

/**
 * A deal in the list.
 *
 * @param sentence what it does
 * @param who for whom and when
 * @param alone whether it stands alone
 * @param wrong how many things keep it from being read
 * @param warnings what warns
 * @param changed “3 November 2026, 09:12 by Maren”
 * @param planned “version 3 begins on 1 March 2027”; empty for nothing
 */
public record DealLine(
        long id,
        String name,
        String kind,
        String sentence,
        String who,
        boolean alone,
        Standings.View standing,
        int wrong,
        List<String> warnings,
        String planned,
        String changed) {

    /** Whether nothing of it was ever live or planned. */
    public boolean isNew() {
        return standing.state().equals("draft");
    }
}
