package dev.steelyard.core.finding;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One allowed input of a search, and what it comes to. */
record Probe(Asked asked, @Nullable TrialLine started, @Nullable PricedLine line, @Nullable Fault fault) {

    /** @param wanted asked before it is priced */
    static Probe of(PreparedCard card, Asked asked, ShopRules rules, Wanted wanted) {
        wanted.check();
        TrialLine started = null;
        try {
            started = TrialLine.of(card, asked, rules);
            return new Probe(asked, started, started.price(), null);
        } catch (Refused refused) {
            return new Probe(asked, started, null, refused.faults().get(0));
        }
    }

    /** The piece before any break; none where it has no price. */
    @Nullable
    Piece piece() {
        return started != null && started.hasPiece() ? started.piece() : null;
    }

    /** Whether the shopper may ask for this at all. */
    boolean allowed() {
        return fault == null || fault.kind() != Kind.ANSWER;
    }

    /** “2 pieces, length 1.5 m, hem roped”. */
    Part told(PreparedCard card) {
        List<Part> answers = new ArrayList<>();
        for (Ask ask : card.card().asks()) {
            Answer answer = asked.answers().byName().get(ask.name());
            if (answer != null) {
                answers.add(Part.of(FindingSays.ANSWERED, Part.name(ask.label()), value(ask, answer)));
            }
        }
        return Part.of(
                FindingSays.AN_INPUT,
                Part.count(asked.quantity()),
                Part.name(asked.answers().pack()),
                Part.all(Join.LIST, answers),
                Part.name(asked.group()));
    }

    private static Part value(Ask ask, Answer answer) {
        return ask instanceof Measurement measurement && answer instanceof Answer.Number number
                ? Part.amount(number.value(), measurement.unit())
                : Part.typed(answer.text());
    }
}
