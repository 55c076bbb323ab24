package dev.steelyard.core.curve;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCardBuilder;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Wanted;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** Draws curves of a card and a trial. */
public final class CardCurves {

    private static final String AMOUNT = "curve_amount";

    private final PreparedCard card;
    private final Asked trial;
    private final ShopRules rules;
    private final Wanted wanted;

    /** @param trial an order that has a price, of which one number is to change */
    public CardCurves(PreparedCard card, Asked trial, ShopRules rules) {
        this(card, trial, rules, Wanted.ALWAYS);
    }

    /** @param wanted asked at every price looked at */
    public CardCurves(PreparedCard card, Asked trial, ShopRules rules, Wanted wanted) {
        this.wanted = wanted;
        this.card = card;
        this.trial = trial;
        this.rules = rules;
    }

    /**
     * The curve along a variable; none where the card does not have it.
     *
     * @throws dev.steelyard.core.reckoning.Refused where the trial itself has no price
     */
    public Optional<Curve> along(Variable variable) {
        if (variable instanceof Variable.Pieces) {
            return Optional.of(new PiecesCurve(card, trial, rules, wanted).curve());
        } else if (variable instanceof Variable.Measured measured) {
            return card.card().measurements().stream()
                    .filter(ask -> ask.name().equals(measured.name()))
                    .findFirst()
                    .map(ask -> new MeasurementCurve(withoutStep(ask), trial, rules, ask, wanted).curve());
        }
        return alongAmount();
    }

    /** A curve goes through all values within the limits, whatever the steps in which they are typed. */
    private PreparedCard withoutStep(Measurement measurement) {
        List<Ask> asks = new ArrayList<>(card.card().asks());
        asks.replaceAll(ask -> ask.equals(measurement) ? measurement.withoutStep() : ask);
        return prepared(card.card().toBuilder().asks(asks));
    }

    private PreparedCard prepared(RateCardBuilder changed) {
        return PreparedCard.prepare(changed.build(), rules.currency().getCurrencyCode())
                .orThrow();
    }

    /** The amount takes the place of the formula that it comes from, as a measurement of its own. */
    private Optional<Curve> alongAmount() {
        int index = TrialLine.of(card, trial, rules).piece().caseIndex();
        Case used = card.card().cases().all().get(index);
        if (!(used.piece() instanceof PiecePrice.Rate rate)
                || card.card().asks().stream().anyMatch(ask -> ask.name().equals(AMOUNT))) {
            return Optional.empty();
        }
        Piece piece = TrialLine.of(card, trial, rules).piece();
        BigDecimal most = rate.unit()
                .fromBase(Objects.requireNonNull(piece.billable()))
                .multiply(BigDecimal.TEN)
                .max(BigDecimal.TEN);
        Measurement amount = Measurement.of(
                AMOUNT, rate.unit(), "0", most.setScale(0, RoundingMode.CEILING).toPlainString(), "1");
        PiecePrice.Rate bare = new PiecePrice.Rate(
                AMOUNT,
                rate.unit(),
                rate.price(),
                rate.wastePercent(),
                rate.roundUpTo(),
                rate.atLeast(),
                rate.breaks());
        List<Ask> asks = new ArrayList<>(card.card().asks());
        asks.add(amount.withoutStep());
        PreparedCard along =
                prepared(card.card().toBuilder().asks(asks).cases(Cases.always(new Case(bare, used.base()))));
        Map<String, Answer> answers = new HashMap<>(trial.answers().byName());
        answers.put(AMOUNT, new Answer.Number(rate.unit().fromBase(piece.billable()), null));
        Asked asked = new Asked(
                trial.item(),
                trial.quantity(),
                new Answers(answers, trial.answers().pack()),
                trial.group(),
                trial.day());
        return Optional.of(new MeasurementCurve(along, asked, rules, amount.withoutStep(), wanted).curve());
    }
}
