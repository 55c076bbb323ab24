package dev.steelyard.web.editing.live;

import dev.steelyard.web.editing.draft.DraftKind;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The page on which a draft becomes what shoppers see.
 *
 * @param state draft, live, scheduled, paused, ended
 * @param sentence what shoppers see now, and whether the draft differs
 * @param draft the version that is the draft
 * @param live the edit shoppers see; 0 for none
 * @param liveVersion what it is called; 0 for none
 * @param seen the release made last; 0 for none
 * @param before what is compared; none where nothing was ever live
 * @param after what it is compared with, and what would be put live
 * @param comparison none where there is nothing to compare with
 * @param same whether what is compared is the same version
 * @param sold what orders say to it; none where it is live, or there are very many
 * @param reach for whom it changes what they pay; none where that is not told, or the two are the same
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
        int liveVersion,
        long seen,
        boolean paused,
        boolean removed,
        @Nullable String before,
        String after,
        long afterNumber,
        @Nullable Comparison comparison,
        boolean same,
        Gate gate,
        @Nullable SoldCheck sold,
        @Nullable Reach reach,
        boolean again,
        List<Line> planned,
        List<Line> history,
        Form form,
        @Nullable String notice) {

    private static final int LARGE_PERCENT = 30;

    /** Whether it has just gone live, so that shoppers see it. */
    public boolean wentLive() {
        return Objects.equals(notice, LiveForms.done("live"));
    }

    /** “12 goods change their price; 3 lose the card that prices them now.” */
    public String reachWords() {
        if (reach == null) {
            return "";
        }
        long priced = reach.changed().stream()
                .filter(row -> !row.difference().isEmpty()
                        || row.now().isEmpty() != row.then().isEmpty())
                .count();
        StringBuilder words = new StringBuilder(goods(priced)
                + (priced == 1 ? " changes its price" : " change their price")
                + (priced == 0 ? ", at one piece or at any break" : ""));
        List<Reach.Row> large = reach.changed().stream()
                .filter(row -> row.share() != null && Math.abs(row.share()) * 100 > LARGE_PERCENT)
                .toList();
        if (!large.isEmpty()) {
            words.append(", ")
                    .append(large.size())
                    .append(" of them by over " + LARGE_PERCENT + " % (")
                    .append(large.get(0).name())
                    .append(": ")
                    .append(large.get(0).difference())
                    .append(")");
        }
        if (reach.losing() > 0) {
            words.append("; ")
                    .append(goods(reach.losing()))
                    .append(reach.losing() == 1 ? " loses" : " lose")
                    .append(" the card that prices ")
                    .append(reach.losing() == 1 ? "it" : "them")
                    .append(" now");
        }
        if (reach.left() > 0) {
            words.append("; ")
                    .append(goods(reach.left()))
                    .append(reach.left() == 1 ? " is" : " are")
                    .append(" no longer covered");
        }
        return words.append(reach.more() ? ". Of very many goods the first 5,000 were looked at." : ".")
                .toString();
    }

    private static String goods(long count) {
        return count == 1 ? "1 of the goods" : (count == 0 ? "None" : count) + " of the goods";
    }

    /** The address of all of the kind: “/cards”. */
    public String base() {
        return "/" + kind.where();
    }

    /**
     * A release.
     *
     * @param state “live”, “planned”, “was live”
     */
    public record Line(
            long release, long number, int version, String state, String starts, String madeBy, String why) {}

    /**
     * What is typed for putting it live.
     *
     * @param when “now” or “later”
     * @param at the day and time for later
     * @param until the day and time at which what is live now counts again; empty for never
     * @param instead moments that can be meant by what is typed, where clocks skip or repeat it
     */
    public record Form(
            String when,
            String at,
            String until,
            String why,
            String whenFault,
            String untilFault,
            String whyFault,
            List<String> instead) {

        public static final Form EMPTY = new Form("now", "", "", "", "", "", "", List.of());
    }
}
