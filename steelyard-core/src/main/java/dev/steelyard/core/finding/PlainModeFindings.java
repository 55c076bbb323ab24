package dev.steelyard.core.finding;

import dev.steelyard.core.card.Formulas;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What can go wrong where formulas are bare numbers. */
final class PlainModeFindings {

    private static final Pattern PER = Pattern.compile("[A-Z]{3}/([a-z]+)([23]?)");

    private PlainModeFindings() {}

    static List<Finding> of(PreparedCard card) {
        if (card.card().formulas() != Formulas.PLAIN) {
            return List.of();
        }
        List<Finding> found = new ArrayList<>();
        found.add(Finding.analysed(
                Code.PLAIN_UNITS,
                "/formulas",
                Fact.of(FindingSays.BARE_NUMBERS),
                new Mend.Write("/formulas", "with-units")));
        List<Measurement> lengths = card.card().measurements().stream()
                .filter(ask -> ask.type() == Measurement.Type.LENGTH)
                .toList();
        units(lengths, found);
        for (int i = 0; i < card.card().rates().size(); i++) {
            rate(card.card().rates().get(i), "/namedRates/" + i + "/unit", lengths, found);
        }
        return found;
    }

    /** Lengths typed in different units, which bare numbers would multiply as if they were one. */
    private static void units(List<Measurement> lengths, List<Finding> found) {
        for (Measurement ask : lengths) {
            if (ask.unit() != lengths.get(0).unit()) {
                found.add(Finding.analysed(
                        Code.UNIT_JUMP,
                        "/asks",
                        Fact.of(
                                FindingSays.TYPED_IN_DIFFERENT_UNITS,
                                Part.name(lengths.get(0).label()),
                                new Part.UnitOf(lengths.get(0).unit()),
                                Part.name(ask.label()),
                                new Part.UnitOf(ask.unit())),
                        null));
            }
        }
    }

    /** A rate per a unit in which the measurements are not typed. */
    private static void rate(NamedRate rate, String at, List<Measurement> lengths, List<Finding> found) {
        Matcher per = PER.matcher(rate.unit());
        if (!per.matches() || lengths.isEmpty()) {
            return;
        }
        Unit typed = lengths.get(0).unit();
        Optional<Unit> wanted = Unit.of(per.group(1));
        if (wanted.isPresent() && wanted.get().dimension().equals(typed.dimension()) && wanted.get() != typed) {
            int power = per.group(2).isEmpty() ? 1 : Integer.parseInt(per.group(2));
            boolean small = wanted.get().factor().compareTo(typed.factor()) < 0;
            BigDecimal larger = small ? typed.factor() : wanted.get().factor();
            BigDecimal smaller = small ? wanted.get().factor() : typed.factor();
            BigDecimal factor = larger.divide(smaller, Decimals.EXACT).pow(power, Decimals.EXACT);
            found.add(Finding.analysed(
                    Code.UNIT_JUMP,
                    at,
                    Fact.of(
                            FindingSays.RATE_IN_OTHER_UNIT,
                            Part.typed(rate.name()),
                            Part.typed(per.group(1) + per.group(2)),
                            Part.name(lengths.get(0).label()),
                            new Part.UnitOf(typed),
                            Part.number(factor),
                            small ? Part.count(1) : Part.NONE),
                    null));
        }
    }
}
