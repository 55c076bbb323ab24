package dev.steelyard.web.shop.today;

import dev.steelyard.web.editing.card.CardOverview;
import dev.steelyard.web.editing.deal.DealLine;
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

    static Needed of(CardOverview.Line card) {
        String page = "/cards/" + card.id();
        return new Needed(
                card.name(),
                page,
                page + "/live",
                card.isNew(),
                card.standing().waits(),
                card.changed(),
                card.wrong(),
                card.warnings());
    }

    static Needed of(DealLine deal) {
        String page = "/deals/" + deal.id();
        return new Needed(
                deal.name(),
                page,
                page + "/live",
                deal.isNew(),
                deal.standing().waits(),
                deal.changed(),
                deal.wrong(),
                deal.warnings());
    }

    boolean isDraft() {
        return isNew || waits;
    }

    boolean isOdd() {
        return wrong > 0 || !warnings.isEmpty();
    }
}
