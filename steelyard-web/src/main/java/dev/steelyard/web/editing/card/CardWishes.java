package dev.steelyard.web.editing.card;

import dev.steelyard.format.Documents;
import dev.steelyard.web.editing.page.CommonWishes;
import dev.steelyard.web.editing.page.RowWishes;
import dev.steelyard.web.editing.page.WeightWishes;
import dev.steelyard.web.editing.page.Wished;
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
            RowWishes.ALL,
            GridWishes.ALL,
            MendWishes.ALL,
            WeightWishes.by(CardWishes::scale)));

    private CardWishes() {}

    private static WeightWishes.Scale scale(Wished wished) {
        Documents.DraftReading reading = Documents.readDraft(
                wished.document().root(), wished.subject().shop().rules());
        return new WeightWishes.Scale(reading.card(), reading.prepared(), wished.subject());
    }
}
