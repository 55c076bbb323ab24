package dev.steelyard.core.prepared;

import dev.steelyard.core.card.JointLimit;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.ShownFigure;
import dev.steelyard.core.formula.Formula;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.CasePreparer.PreparedCase;
import dev.steelyard.core.prepared.PreparedCard.PreparedFigure;
import dev.steelyard.core.prepared.PreparedCard.PreparedLimit;
import dev.steelyard.core.prepared.PreparedCard.Result;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Checks all parts of a card and puts the prepared ones together. */
final class CardPreparer {

    private static final int MOST_ASKS = 100;
    private static final int MOST_CASES = 200;
    private static final int MOST_DECIMALS = 12;

    private final RateCard card;
    private final Issues issues = new Issues();
    private final Namespace names;

    private CardPreparer(RateCard card, String currency) {
        this.card = card;
        this.names = Namespace.of(card, currency, Measured.common(card.cases()), issues);
    }

    static Result prepare(RateCard card, String currency) {
        return new CardPreparer(card, currency).prepare();
    }

    private Result prepare() {
        issues.unless(!card.name().isBlank(), "/name", "a card has a name");
        issues.unless(card.asks().size() <= MOST_ASKS, "/asks", "a card asks at most " + MOST_ASKS + " things");
        issues.unless(card.cases().all().size() <= MOST_CASES, "/cases", "a card has at most " + MOST_CASES + " cases");
        List<PreparedAsk> asks = new AskPreparer(names, issues).prepare(card.asks());
        List<PreparedLimit> limits = limits();
        List<PreparedCase> cases = new CasePreparer(names, measurements(asks), issues).prepare(card.cases());
        List<PreparedFigure> figures = figures();
        finish();
        quantity();
        if (card.ladder() != null) {
            LadderChecks.check(card, card.ladder(), names.reads(Scope.PIECES), issues);
        }
        LadderChecks.ownRows(card, issues);
        if (!issues.all().isEmpty()) {
            return new Result(null, issues.all());
        }
        PreparedLadder ladder = card.ladder() == null ? null : PreparedLadder.of(card.ladder());
        return new Result(new PreparedCard(card, names.everything(), asks, limits, cases, figures, ladder), List.of());
    }

    private static Map<String, PreparedMeasurement> measurements(List<PreparedAsk> asks) {
        Map<String, PreparedMeasurement> byName = new LinkedHashMap<>();
        for (PreparedAsk ask : asks) {
            if (ask instanceof PreparedMeasurement measurement) {
                byName.put(measurement.ask().name(), measurement);
            }
        }
        return byName;
    }

    private List<PreparedLimit> limits() {
        List<PreparedLimit> limits = new ArrayList<>();
        for (int i = 0; i < card.limits().size(); i++) {
            JointLimit limit = card.limits().get(i);
            issues.unless(
                    !limit.say().isBlank(), "/limits/" + i + "/say", "a limit says what the shopper reads beyond it");
            Calc that = names.condition("/limits/" + i + "/that", limit.that());
            if (that != null) {
                limits.add(new PreparedLimit(that, limit.say()));
            }
        }
        return List.copyOf(limits);
    }

    private List<PreparedFigure> figures() {
        List<PreparedFigure> figures = new ArrayList<>();
        for (int i = 0; i < card.shown().size(); i++) {
            ShownFigure figure = card.shown().get(i);
            String at = "/shown/" + i;
            issues.unless(
                    figure.decimals() >= 0 && figure.decimals() <= MOST_DECIMALS,
                    at + "/decimals",
                    "a shown figure has 0 to " + MOST_DECIMALS + " decimals, not " + figure.decimals());
            Calc calc = names.measure(at + "/formula", figure.formula(), figure.unit());
            if (calc != null) {
                figures.add(new PreparedFigure(figure, calc));
            } else {
                Formula.kind(figure.formula(), names.everything())
                        .filter(Kind.Measure.class::isInstance)
                        .map(kind -> ((Kind.Measure) kind).dimension())
                        .flatMap(CardPreparer::usual)
                        .ifPresent(unit -> issues.add(
                                at + "/unit",
                                "the formula comes to what is shown in " + unit.symbol() + "; pick that unit"));
            }
        }
        return List.copyOf(figures);
    }

    private void quantity() {
        OrderQuantity quantity = card.quantity();
        whole(quantity.atLeast(), "/quantity/atLeast", "the least that can be ordered");
        whole(quantity.atMost(), "/quantity/atMost", "the most that can be ordered");
        whole(quantity.multipleOf(), "/quantity/multipleOf", "what is ordered in multiples");
        if (issues.none("/quantity") && quantity.smallest().isEmpty()) {
            boolean crossed =
                    quantity.atLeast() != null && quantity.atMost() != null && quantity.atLeast() > quantity.atMost();
            issues.unless(
                    false,
                    crossed ? "/quantity/atMost" : "/quantity/multipleOf",
                    crossed
                            ? "at most " + quantity.atMost() + " is less than at least " + quantity.atLeast()
                            : "no multiple of " + quantity.multipleOf() + " can be ordered within these limits");
        }
    }

    private void whole(@Nullable Long pieces, String at, String what) {
        issues.unless(
                pieces == null || Quantity.allowed(pieces),
                at,
                what + " is a whole number from " + Quantity.LEAST + " to " + Quantity.MOST + ", not " + pieces);
    }

    private void finish() {
        BigDecimal minimum = card.finish().minimum();
        issues.unless(minimum == null || minimum.signum() >= 0, "/finish/minimum", "a minimum charge is 0 or more");
        Integer decimals = card.unitPriceDecimals();
        issues.unless(
                decimals == null || decimals >= 0 && decimals <= Rounding.MOST_UNIT_PRICE_DECIMALS,
                "/unitPriceDecimals",
                "unit price decimals go from 0 to 6, not " + decimals);
    }

    /** The first unit that measures something. */
    private static Optional<Unit> usual(Dimension dimension) {
        return Stream.of(Unit.M, Unit.M2, Unit.M3, Unit.KG)
                .filter(unit -> unit.dimension().equals(dimension))
                .findFirst();
    }
}
