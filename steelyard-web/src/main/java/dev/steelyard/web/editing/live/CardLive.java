package dev.steelyard.web.editing.live;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.sold.replay.Tried;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Versions of cards beside each other, and what stands between one and the shoppers. */
@Component
class CardLive implements LiveShown {

    private final Neighbours neighbours;
    private final Reaches reaches;
    private final Shops shops;

    CardLive(Neighbours neighbours, Reaches reaches, Shops shops) {
        this.neighbours = neighbours;
        this.reaches = reaches;
        this.shops = shops;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.CARD;
    }

    @Override
    public Gate gate(Draft entry, DraftDocument version, Subject subject) {
        Side side = Side.of(version, subject);
        return Gate.of(side, neighbours.overlaps(entry.id(), side.card()), shops.now());
    }

    @Override
    public @Nullable Reach reach(Draft entry, DraftDocument version, Subject subject) {
        return reaches.of(entry.id(), Side.of(version, subject));
    }

    @Override
    public Optional<Tried> tried(Draft entry, DraftDocument version, String label, Subject subject) {
        return reaches.tried(entry.id(), Side.of(version, subject), label);
    }

    @Override
    public Comparison compared(Draft entry, DraftDocument before, DraftDocument after, Subject subject) {
        Side later = Side.of(after, subject);
        TrialText trial = TrialText.read(entry.trial()).filledFor(later.card(), subject);
        return Comparison.of(Side.of(before, subject), later, trial, Map.of());
    }
}
