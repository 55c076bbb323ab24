package dev.steelyard.core.finding;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.number.Quantity;
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
import java.util.StringJoiner;
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
    String words(PreparedCard card) {
        StringJoiner words = new StringJoiner(", ");
        words.add(Quantity.words(asked.quantity()));
        if (asked.answers().pack() != null) {
            words.add(asked.answers().pack());
        }
        for (Ask ask : card.card().asks()) {
            Answer answer = asked.answers().byName().get(ask.name());
            if (answer != null) {
                String unit = ask instanceof Measurement measurement
                                && !measurement.unit().symbol().isEmpty()
                        ? " " + measurement.unit().symbol()
                        : "";
                words.add(ask.label() + " " + answer.text() + unit);
            }
        }
        if (asked.group() != null) {
            words.add(asked.group());
        }
        return words.toString();
    }
}
