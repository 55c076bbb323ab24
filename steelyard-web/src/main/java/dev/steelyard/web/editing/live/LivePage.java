package dev.steelyard.web.editing.live;

import dev.steelyard.web.editing.draft.DraftKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The page on which a draft becomes what shoppers see.
 *
 * @param state draft, live, scheduled, paused, ended
 * @param sentence what shoppers see now, and whether the draft differs
 * @param draft the version that is the draft
 * @param live the version shoppers see; 0 for none
 * @param seen the release made last; 0 for none
 * @param before what is compared; none where nothing was ever live
 * @param after what it is compared with, and what would be put live
 * @param comparison none where there is nothing to compare with
 * @param same whether what is compared is the same version
 * @param gate what stands between the right side and the shoppers
 * @param again whether the right side is an older version than what is live, so that one would go back
 * @param planned what begins later
 * @param history all releases that still stand, the latest first
 */
public record LivePage(
        DraftKind kind,
        long id,
        String name,
        String state,
        String sentence,
        long draft,
        long live,
        long seen,
        boolean paused,
        boolean removed,
        @Nullable String before,
        String after,
        long afterNumber,
        @Nullable Comparison comparison,
        boolean same,
        Gate gate,
        boolean again,
        List<Line> planned,
        List<Line> history,
        Form form,
        @Nullable String notice) {

    /** The address of all of the kind: “/cards”. */
    public String base() {
        return "/" + kind.where();
    }

    /**
     * A release.
     *
     * @param state “live”, “planned”, “was live”
     */
    public record Line(long release, long number, String state, String starts, String madeBy, String why) {}

    /**
     * What is typed for putting it live.
     *
     * @param when “now” or “later”
     * @param at the day and time for later
     * @param instead moments that can be meant by what is typed, where clocks skip or repeat it
     */
    public record Form(String when, String at, String why, String whenFault, String whyFault, List<String> instead) {

        public static final Form EMPTY = new Form("now", "", "", "", "", List.of());
    }
}
