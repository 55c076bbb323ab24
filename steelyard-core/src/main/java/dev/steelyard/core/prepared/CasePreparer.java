package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Checks and prepares the ways to price a piece. */
final class CasePreparer {

    private static final BigDecimal MOST_WASTE = BigDecimal.valueOf(1000);

    private final Namespace names;
    private final Map<String, PreparedMeasurement> measurements;
    private final Issues issues;

    CasePreparer(Namespace names, Map<String, PreparedMeasurement> measurements, Issues issues) {
        this.names = names;
        this.measurements = measurements;
        this.issues = issues;
    }

    /** A way to price a piece, the condition under which it is used, and how its step begins. */
    record PreparedCase(@Nullable Calc when, Way way, BigDecimal base) {}

    List<PreparedCase> prepare(Cases cases) {
        List<PreparedCase> prepared = new ArrayList<>();
        int count = cases.all().size();
        for (int i = 0; i < count; i++) {
            String at = "/cases/" + i;
            Case one = cases.all().get(i);
            Calc when = i == count - 1
                    ? null
                    : names.condition(at + "/when", cases.first().get(i).when());
            Way way = way(one.piece(), at + "/piece", i == count - 1);
            if (way != null) {
                prepared.add(new PreparedCase(when, way, one.base() == null ? BigDecimal.ZERO : one.base()));
            }
        }
        return List.copyOf(prepared);
    }

    private @Nullable Way way(PiecePrice piece, String at, boolean last) {
        if (piece instanceof PiecePrice.ShelfPrice) {
            return Way.SHELF_PRICE;
        } else if (piece instanceof PiecePrice.None) {
            return Way.NONE;
        } else if (piece instanceof PiecePrice.Rate rate) {
            return rate(rate, at + "/rate");
        } else if (piece instanceof PiecePrice.Grid grid) {
            return grid(grid, at + "/grid", last);
        } else if (piece instanceof PiecePrice.Packs packs) {
            return packs(packs, at + "/packs");
        }
        Calc calc = names.money(at + "/formula", ((PiecePrice.ByFormula) piece).formula());
        return calc == null ? null : Way.formula(calc);
    }

    private @Nullable Way rate(PiecePrice.Rate rate, String at) {
        Calc amount = names.measure(at + "/amount", rate.amount(), rate.unit());
        issues.unless(rate.price().signum() >= 0, at + "/price", "a rate is 0 or more");
        BigDecimal waste = rate.wastePercent();
        issues.unless(
                waste == null || waste.signum() >= 0 && waste.compareTo(MOST_WASTE) <= 0,
                at + "/wastePercent",
                "waste is 0 to 1000 percent");
        issues.unless(
                rate.roundUpTo() == null || rate.roundUpTo().signum() > 0,
                at + "/roundUpTo",
                "a rounding step is more than 0");
        issues.unless(
                rate.atLeast() == null || rate.atLeast().signum() >= 0,
                at + "/atLeast",
                "the smallest billable amount is 0 or more");
        boolean clear = true;
        if (rate.breaks() != null) {
            clear = RowChecks.clear(rate.breaks().rows(), at + "/breaks/rows", issues);
        }
        return amount == null || !clear ? null : new RateWay(rate, amount);
    }

    private @Nullable Way grid(PiecePrice.Grid grid, String at, boolean last) {
        PreparedMeasurement columnsBy = measurement(grid.columnsBy(), grid.columnUnit(), at + "/columnsBy");
        PreparedMeasurement rowsBy = measurement(grid.rowsBy(), grid.rowUnit(), at + "/rowsBy");
        boolean right = GridChecks.check(grid, at, last, issues);
        return columnsBy == null || rowsBy == null || !right ? null : new GridWay(grid, columnsBy, rowsBy);
    }

    private @Nullable Way packs(PiecePrice.Packs packs, String at) {
        issues.unless(!packs.packs().isEmpty(), at + "/packs", "there is at least one pack");
        Set<String> known = new HashSet<>();
        for (int i = 0; i < packs.packs().size(); i++) {
            PiecePrice.Pack pack = packs.packs().get(i);
            String where = at + "/packs/" + i;
            issues.unless(
                    !pack.name().isBlank() && pack.name().equals(pack.name().strip()),
                    where + "/name",
                    "a pack has a name without outer spaces");
            issues.unless(known.add(pack.name()), where + "/name", "two packs are called “" + pack.name() + "”");
            issues.unless(pack.amount().signum() > 0, where + "/amount", "a pack holds more than 0");
            issues.unless(pack.price().signum() >= 0, where + "/price", "a price is 0 or more");
            issues.unless(
                    pack.unit().dimension().equals(packs.packs().get(0).unit().dimension()),
                    where + "/unit",
                    "all packs are of one kind of unit");
        }
        PiecePrice.OwnAmount own = packs.own();
        if (own == null) {
            return new PackWay(packs, null);
        }
        issues.unless(own.price().signum() >= 0, at + "/own/price", "a rate is 0 or more");
        issues.unless(
                packs.packs().isEmpty()
                        || own.unit()
                                .dimension()
                                .equals(packs.packs().get(0).unit().dimension()),
                at + "/own/unit",
                "the own amount is of the packs’ kind of unit");
        PreparedMeasurement by = measurement(own.by(), own.unit(), at + "/own/by");
        return by == null ? null : new PackWay(packs, by);
    }

    private @Nullable PreparedMeasurement measurement(String name, Unit unit, String at) {
        PreparedMeasurement found = measurements.get(name);
        if (found == null) {
            issues.add(at, "no measurement is called “" + name + "”; there are " + measurements.keySet());
            return null;
        }
        if (!found.ask().unit().dimension().equals(unit.dimension())) {
            issues.add(
                    at,
                    "“" + name + "” is " + found.ask().unit().dimension().words() + ", but “" + unit.code()
                            + "” measures " + unit.dimension().words());
            return null;
        }
        return found;
    }
}
