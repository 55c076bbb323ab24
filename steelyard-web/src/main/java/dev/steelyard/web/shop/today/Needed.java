package dev.steelyard.web.shop.today;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.list.Line;
import java.time.ZoneId;
import java.util.List;

/**
 * A card or deal that somebody should look at.
 *
 * @param page where it is edited
 * @param live where it is put live
 * @param isNew whether nothing of it was ever live
 * @param waits whether a draft waits
 * @param wrong how many things keep it from being read
 */
record Needed(
        String name,
        String page,
        String live,
        boolean isNew,
        boolean waits,
        String changed,
        int wrong,
        List<String> warnings) {

    static Needed of(Line line) {
        String page = "/" + line.kind().where() + "/" + line.id();
        return new Needed(
                line.name(),
                page,
                page + "/live",
                line.isNew(),
                line.standing().waits(),
                line.changed(),
                line.wrong(),
                line.warnings());
    }

    /** A product whose own prices wait. */
    static Needed of(Drafts.Waiting prices, ZoneId zone) {
        String page = "/" + DraftKind.ROWS.where() + "/" + prices.id();
        return new Needed(
                prices.name() + ", own prices",
                page,
                page + "/live",
                false,
                true,
                Show.moment(prices.changedAt(), zone),
                0,
                List.of());
    }

    boolean isDraft() {
        return isNew || waits;
    }

    boolean isOdd() {
        return wrong > 0 || !warnings.isEmpty();
    }
}
