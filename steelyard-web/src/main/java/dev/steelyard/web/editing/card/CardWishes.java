package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.page.CommonWishes;
import dev.steelyard.web.editing.page.Wishes;
import java.util.List;

/** All that can be wished of a card. */
final class CardWishes {

    static final Wishes ALL = Wishes.of(List.of(
            CommonWishes.ALL,
            PartWishes.ALL,
            WayWishes.ALL,
            UnitWishes.ALL,
            LadderWishes.ALL,
            GridWishes.ALL,
            MendWishes.ALL,
            WeightWishes.ALL));

    private CardWishes() {}
}
