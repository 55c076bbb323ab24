package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.words.SentencePart;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Sentence and beam of the prices on a step, from the same curves. */
final class RowsPictures {

    private final Item item;
    private final RowFields fields;
    private final CardTrial trial;
    private final Rounding rounding;
    private final @Nullable PieceCurve everyone;

    RowsPictures(Item item, RowFields fields, CardTrial trial, Rounding rounding) {
        this.item = item;
        this.fields = fields;
        this.trial = trial;
        this.rounding = rounding;
        everyone = PieceCurve.of(item, null, trial.day(), rounding).orElse(null);
    }

    List<SentencePart> sentence() {
        return everyone == null
                ? List.of(new SentencePart(
                        fields.hasShelfPriceTyped()
                                ? "The shelf price cannot be read."
                                : "No shelf price: without one, only a rate card can price this.",
                        null))
                : Sentence.of(everyone, fields, rounding.unitPriceDecimals());
    }

    @Nullable
    Beam beam(@Nullable Double axisEnd) {
        if (everyone == null) {
            return null;
        }
        String second = item.ownRows() == null
                ? null
                : secondGroup(item.ownRows(), trial.customer().group());
        PieceCurve ofSecond = second == null
                ? null
                : PieceCurve.of(item, second, trial.day(), rounding).orElseThrow();
        Integer quantity = trial.quantity() == null ? null : (int) (long) trial.quantity();
        return new PriceBeam(
                        everyone,
                        ofSecond,
                        second,
                        fields,
                        rounding,
                        axisEnd == null ? null : axisEnd.intValue(),
                        quantity)
                .draw(quantity, trial.customer().group());
    }

    /** The trial's group where it has breaks of its own, else the first that has. */
    private static @Nullable String secondGroup(PriceRows ladder, @Nullable String preferred) {
        List<String> groups = ladder.breaks().stream()
                .map(Break::group)
                .filter(Objects::nonNull)
                .distinct()
                .sorted()
                .toList();
        return groups.isEmpty() ? null : groups.contains(preferred) ? preferred : groups.get(0);
    }
}
