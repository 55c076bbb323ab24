package dev.steelyard.core.prepared;

import dev.steelyard.core.formula.Formula;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.run.FormulaFailure;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A formula of a card, run for the answers of a line. What it cannot say refuses the line. */
final class Calc {

    private final Formula formula;
    private final @Nullable Unit bareIn;

    /**
     * @param bareIn the unit of its value where it comes to a bare number (plain mode); none where it has its kind
     */
    Calc(Formula formula, @Nullable Unit bareIn) {
        this.formula = formula;
        this.bareIn = bareIn;
    }

    /** Its value in base units. */
    BigDecimal number(Run run) {
        try {
            BigDecimal value = formula.number(run.frame());
            return bareIn == null ? value : bareIn.toBase(value);
        } catch (FormulaFailure failure) {
            throw refused(failure);
        }
    }

    boolean holds(Run run) {
        try {
            return formula.holds(run.frame());
        } catch (FormulaFailure failure) {
            throw refused(failure);
        }
    }

    /** Whether it reads none of some names. */
    boolean readsNone(Set<String> names) {
        return names.isEmpty() || formula.reading().stream().noneMatch(names::contains);
    }

    Formula formula() {
        return formula;
    }

    private Refused refused(FormulaFailure failure) {
        Part part = Part.typed(failure.span().of(formula.toString()));
        Part whole = Part.typed(formula.toString());
        return switch (failure.failure()) {
            case MISSING -> part.toString().contains(Scope.SHELF_PRICE)
                    ? Refused.at(Place.PIECE, Kind.NO_PRICE, Refusal.NO_SHELF_PRICE, whole)
                    : Refused.at(Place.FORMULA, Kind.FAILED, Refusal.PART_NOT_ASKED, part, whole);
            case DIVIDES_BY_ZERO -> failed(Refusal.DIVIDES_BY_ZERO, part);
            case ROOT_OF_NEGATIVE -> failed(Refusal.ROOT_OF_NEGATIVE, part);
            case TOO_LARGE -> failed(Refusal.BECOMES_TOO_LARGE, part);
            case EXPONENT -> failed(Refusal.EXPONENT, part);
            case DIGITS -> failed(Refusal.DIGITS, part);
        };
    }

    private static Refused failed(Refusal code, Part part) {
        return Refused.at(Place.FORMULA, Kind.FAILED, code, part);
    }
}
