package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.UnitPrice;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * How the shop page shows a card, made by the counter's own parts.
 *
 * @param suffix “27.19 per m²”; none where it is not wanted or nothing is measured
 * @param table its breaks with the owner's words and the real numbers; none where the trial cannot be read
 */
record ShopPreview(boolean beside, @Nullable String suffix, @Nullable BreakTable table) {

    static ShopPreview of(PreparedCard prepared, Subject subject, @Nullable Asked trial) {
        RateCard card = prepared.card();
        ShopPage page = card.shopPage();
        ShopRules rules = subject.shop().rules();
        return new ShopPreview(
                page.measurements() == ShopPage.Fields.BESIDE,
                page.suffix() && trial != null ? suffix(prepared, subject, trial) : null,
                trial == null
                        ? null
                        : BreakTable.of(
                                prepared,
                                trial,
                                trial.quantity(),
                                rules,
                                AsSeen.asItIs(subject.shop().minorDigits())));
    }

    /** What a unit of the amount comes to in the trial. */
    private static @Nullable String suffix(PreparedCard card, Subject subject, Asked trial) {
        try {
            TrialLine line = TrialLine.of(card, trial, subject.shop().rules());
            BigDecimal billable = line.piece().billable();
            return UnitPrice.of(
                    line.total().value(),
                    billable == null ? null : billable.multiply(BigDecimal.valueOf(trial.quantity())),
                    line.piece().unit(),
                    AsSeen.asItIs(subject.shop().minorDigits()));
        } catch (Refused noPrice) {
            return null; // the trial says why
        }
    }
}
