package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.trial.Subject;
import org.jspecify.annotations.Nullable;

/** The beam of a card's ladder, from the core's exact curves. */
final class CardBeam {

    private final LadderPlan plan;

    CardBeam(PreparedCard card, Subject subject, Asked trial, LadderTable table) {
        this.plan = new LadderPlan(card, subject, trial, table);
    }

    /** @param heldEnd where the axis ends while a weight is held; none for where it fits */
    @Nullable
    Beam draw(@Nullable Double heldEnd) {
        try {
            return plan.amounts ? new AmountBeam(plan).draw(heldEnd) : new PiecesBeam(plan).draw(heldEnd);
        } catch (Refused noPrice) {
            return null; // the trial says why
        }
    }

    /** Whether a card has a ladder that a beam can be drawn of. */
    static boolean has(RateCard card) {
        return card.ladder() != null && !card.ladder().rows().isEmpty();
    }
}
