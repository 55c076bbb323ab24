package dev.steelyard.web.editing.card;

import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.format.Documents;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** Check weights: the trial kept with its price, a price renewed, one dropped. */
final class WeightWishes {

    static final List<Wish> ALL = List.of(
            Wish.of("try-weight", wished -> {}), // the form has it as its trial already
            Wish.of("keep-weight", WeightWishes::keep),
            Wish.of("renew-weight", WeightWishes::renew),
            Wish.of("drop-weight", wished -> wished.document().weights().remove(row(wished))));

    private WeightWishes() {}

    private static int row(Wished wished) {
        return wished.oneOf("row", wished.document().weights().size());
    }

    private static void keep(Wished wished) {
        Documents.DraftReading reading = read(wished);
        PreparedCard prepared = ready(reading);
        TrialText text = new TrialText(wished.form().trial());
        CardTrial trial = CardTrial.read(text, reading.card(), wished.subject());
        if (trial.asked() == null) {
            throw new NotFitting("The trial has no price yet; mend what is marked in it first");
        }
        wished.document()
                .weights()
                .add(Weights.of(trial, text, reading.card(), trial.price(prepared, wished.subject())));
    }

    private static void renew(Wished wished) {
        Documents.DraftReading reading = read(wished);
        PreparedCard prepared = ready(reading);
        ObjectNode weight = (ObjectNode) wished.document().weights().get(row(wished));
        CardTrial trial = CardTrial.read(Weights.trial(weight), reading.card(), wished.subject());
        Weights.expect(weight, trial.price(prepared, wished.subject()));
    }

    private static PreparedCard ready(Documents.DraftReading reading) {
        PreparedCard prepared = reading.prepared();
        if (prepared == null) {
            throw new NotFitting("Nothing is priced while something in the card cannot be read");
        }
        return prepared;
    }

    private static Documents.DraftReading read(Wished wished) {
        return Documents.readDraft(
                wished.document().root(), wished.subject().shop().rules());
    }
}
