package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Formulas;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.formula.Formula;
import dev.steelyard.core.formula.Names;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The names of a card, and the formulas that may use them. */
final class Namespace {

    private final boolean plain;
    private final Scope everything;
    private final List<String> asks = new ArrayList<>();
    private final Issues issues;
    private final List<Formula> formulas = new ArrayList<>();

    private Namespace(RateCard card, String currency, @Nullable Dimension billable, Issues issues) {
        this.plain = card.formulas() == Formulas.PLAIN;
        this.issues = issues;
        Scope.Builder builder = plain ? Scope.plain(currency) : Scope.inCurrency(currency);
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < card.asks().size(); i++) {
            Ask ask = card.asks().get(i);
            String field = ask instanceof Measurement ? "/measurement" : "/choice";
            if (!named("/asks/" + i + field, ask.name(), taken)) {
                continue;
            }
            asks.add(ask.name());
            if (ask instanceof Measurement measurement) {
                builder.measurement(measurement.name(), measurement.unit());
            } else {
                builder.choice(ask.name(), ((Choice) ask).optionNames());
            }
        }
        for (int i = 0; i < card.rates().size(); i++) {
            NamedRate rate = card.rates().get(i);
            String at = "/namedRates/" + i;
            if (named(at + "/name", rate.name(), taken)) {
                Node.Number value = RateText.read(rate, currency, at, issues);
                builder.rate(
                        rate.name(),
                        plain || value == null ? rate.value() : value.value(),
                        value == null ? Dimension.PLAIN : value.dimension());
            }
        }
        if (billable != null) {
            builder.given(Scope.BILLABLE, billable);
        }
        this.everything = builder.build();
    }

    /** @param billable what the billable amount measures; none where nothing is measured */
    static Namespace of(RateCard card, String currency, @Nullable Dimension billable, Issues issues) {
        return new Namespace(card, currency, billable, issues);
    }

    private boolean named(String at, String name, Set<String> taken) {
        String fault = Names.fault(name);
        if (fault == null && !taken.add(name)) {
            fault = "two things are called “" + name + "”";
        }
        if (fault != null) {
            issues.add(at, fault);
        }
        return fault == null;
    }

    /** The scope of a frame for all of the card's formulas. */
    Scope everything() {
        return everything;
    }

    boolean plain() {
        return plain;
    }

    /** The slot of a name; none for a name that could not be taken. */
    OptionalInt slot(String name) {
        return everything
                .find(name)
                .map(symbol -> OptionalInt.of(symbol.slot()))
                .orElse(OptionalInt.empty());
    }

    /** A formula over all answers; one with issues is not there. */
    @Nullable
    Calc measure(String at, String text, Unit unit) {
        return calc(at, text, Set.of(Scope.BILLABLE), new Kind.Measure(unit.dimension()), unit);
    }

    /** The same in a charge, which may use the billable amount. */
    @Nullable
    Calc charged(String at, String text, Unit unit) {
        return calc(at, text, Set.of(), new Kind.Measure(unit.dimension()), unit);
    }

    @Nullable
    Calc money(String at, String text) {
        return calc(at, text, Set.of(Scope.BILLABLE), plain ? Kind.PLAIN : Kind.MONEY, null);
    }

    @Nullable
    Calc condition(String at, String text) {
        return calc(at, text, Set.of(Scope.BILLABLE), new Kind.YesNo(), null);
    }

    /** A condition over the asks before one. */
    @Nullable
    Calc conditionBefore(String ask, String at, String text) {
        Set<String> hidden = new HashSet<>(asks.subList(Math.max(0, asks.indexOf(ask)), asks.size()));
        hidden.add(Scope.BILLABLE);
        return calc(at, text, hidden, new Kind.YesNo(), null);
    }

    private @Nullable Calc calc(String at, String text, Set<String> hidden, Kind kind, @Nullable Unit unit) {
        boolean measures = kind instanceof Kind.Measure && unit != null;
        Formula.Prepared prepared =
                Formula.prepare(text, everything.hiding(hidden), measures && plain ? Kind.PLAIN : kind);
        prepared.issues().forEach(issue -> issues.add(at, issue));
        if (prepared.formula() == null) {
            return null;
        }
        formulas.add(prepared.formula());
        return new Calc(prepared.formula(), plain ? unit : null);
    }

    /** Whether any formula so far reads a name. */
    boolean reads(String name) {
        return formulas.stream().anyMatch(formula -> formula.reads(name));
    }
}
