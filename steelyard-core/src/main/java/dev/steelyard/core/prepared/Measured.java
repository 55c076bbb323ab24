package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.unit.Dimension;
import java.util.HashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What the ways to price a piece measure. */
final class Measured {

    private Measured() {}

    /** What a way's billable amount measures; none where it has none. */
    static @Nullable Dimension dimension(PiecePrice piece) {
        if (piece instanceof PiecePrice.Rate rate) {
            return rate.unit().dimension();
        }
        return piece instanceof PiecePrice.Packs packs && !packs.packs().isEmpty()
                ? packs.packs().get(0).unit().dimension()
                : null;
    }

    /** What all ways of a card measure alike; none where they do not. */
    static @Nullable Dimension common(Cases cases) {
        Set<@Nullable Dimension> all = new HashSet<>();
        cases.all().forEach(one -> all.add(dimension(one.piece())));
        return all.size() == 1 ? all.iterator().next() : null;
    }
}
