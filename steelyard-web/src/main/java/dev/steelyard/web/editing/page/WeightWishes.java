package dev.steelyard.web.editing.page;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

/** Check weights: the trial kept with its price, a price renewed, one dropped. */
public final class WeightWishes {

    private WeightWishes() {}

    /**
     * What a draft's trials are priced by.
     *
     * @param prepared none while something in the draft cannot be read
     */
    public record Scale(RateCard card, @Nullable PreparedCard prepared, Subject subject) {

        private PreparedCard ready() {
            if (prepared == null) {
                throw new NotFitting("Nothing is priced while something typed cannot be read");
            }
            return prepared;
        }
    }

    /** @param scale of a draft with what is typed in it */
    public static List<Wish> by(Function<Wished, Scale> scale) {
        return List.of(
                Wish.of("try-weight", wished -> {}), // the form has it as its trial already
                Wish.of("keep-weight", wished -> keep(wished, scale.apply(wished))),
                Wish.of("renew-weight", wished -> renew(wished, scale.apply(wished))),
                Wish.of("drop-weight", wished -> wished.document().weights().remove(row(wished))));
    }

    private static int row(Wished wished) {
        return wished.oneOf("row", wished.document().weights().size());
    }

    private static void keep(Wished wished, Scale scale) {
        PreparedCard prepared = scale.ready();
        TrialText text = new TrialText(wished.form().trial()).filledFor(scale.card(), scale.subject());
        CardTrial trial = CardTrial.read(text, scale.card(), scale.subject());
        if (trial.asked() == null) {
            throw new NotFitting("The trial has no price yet; mend what is marked in it first");
        }
        wished.document().weights().add(Weights.of(trial, text, scale.card(), trial.price(prepared, scale.subject())));
    }

    private static void renew(Wished wished, Scale scale) {
        PreparedCard prepared = scale.ready();
        ObjectNode weight = (ObjectNode) wished.document().weights().get(row(wished));
        CardTrial trial = CardTrial.read(Weights.trial(weight), scale.card(), scale.subject());
        Weights.expect(weight, trial.price(prepared, scale.subject()));
    }
}
