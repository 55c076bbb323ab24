package dev.steelyard.web.editing.live;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.Kind;
import org.jspecify.annotations.Nullable;

/** What the page on which a draft becomes what shoppers see shows, for drafts of one kind. */
public interface LiveShown {

    Kind kind();

    /**
     * The page.
     *
     * @param a the version on the left; 0 for what is live
     * @param b the version on the right; 0 for the draft
     */
    LivePage page(Draft entry, long a, long b, LivePage.Form form, @Nullable String notice);

    /** What stands between a version and the shoppers. */
    Gate gate(Draft entry, long number);
}
