package dev.steelyard.core.finding;

import dev.steelyard.core.curve.Cliff;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Findings on the curve of one customer group on one day. For a group, what everyone's breaks alone would show is left
 * to everyone's curve.
 */
final class CurveFindings {

    private final PieceCurve curve;
    private final @Nullable String group;
    private final CostLimit limit;
    private final Rounding rounding;
    private final List<Finding> found = new ArrayList<>();

    private CurveFindings(PieceCurve curve, @Nullable String group, CostLimit limit, Rounding rounding) {
        this.curve = curve;
        this.group = group;
        this.limit = limit;
        this.rounding = rounding;
    }

    static List<Finding> of(PieceCurve curve, @Nullable String group, CostLimit limit, Rounding rounding) {
        CurveFindings findings = new CurveFindings(curve, group, limit, rounding);
        findings.cliffs();
        findings.neighbours();
        findings.belowCost();
        return List.copyOf(findings.found);
    }

    private void cliffs() {
        for (Cliff cliff : Cliff.of(curve)) {
            if (concernsGroup(cliff.by(), stretchEndingBefore(cliff.threshold()).by())) {
                add(Code.CLIFF, told(cliff), cliff.by().key(), mend(cliff));
            }
        }
    }

    private static Fact told(Cliff cliff) {
        Part cheaper = new Part.Money(
                Objects.requireNonNull(
                        cliff.lastTotal().value().subtract(cliff.total().value())),
                cliff.total().value().scale());
        Part more = Part.count(cliff.threshold());
        Part moreTotal = Part.money(cliff.total());
        Part last = Part.count(cliff.last());
        Part lastTotal = Part.money(cliff.lastTotal());
        return cliff.first() == cliff.last()
                ? Fact.of(FindingSays.LARGER_CHEAPER, last, lastTotal, more, moreTotal, cheaper)
                : Fact.of(
                        FindingSays.LARGER_CHEAPER_THAN_MANY,
                        Part.count(cliff.first()),
                        Part.money(cliff.firstTotal()),
                        last,
                        lastTotal,
                        more,
                        moreTotal,
                        cheaper);
    }

    /**
     * The smallest price of one piece at the threshold that brings its total up to that of one piece less; none where
     * that is the price before, since the break would then change nothing.
     */
    private @Nullable Mend mend(Cliff cliff) {
        BigDecimal price = cliff.lastTotal()
                .value()
                .divide(BigDecimal.valueOf(cliff.threshold()), rounding.unitPriceDecimals(), RoundingMode.UP);
        BigDecimal before = stretchEndingBefore(cliff.threshold()).perPiece().value();
        return price.compareTo(before) < 0 ? new Mend.SetPrice(cliff.by().key(), price) : null;
    }

    private void neighbours() {
        List<Stretch> stretches = curve.stretches();
        for (int i = 1; i < stretches.size(); i++) {
            Stretch before = stretches.get(i - 1);
            Stretch here = stretches.get(i);
            Break by = Objects.requireNonNull(here.by());
            if (!concernsGroup(by, before.by())) {
                continue;
            }
            int direction = here.perPiece().compareTo(before.perPiece());
            if (direction > 0) {
                add(
                        Code.RISES,
                        Fact.of(
                                FindingSays.RISES,
                                Part.NONE,
                                Part.count(here.from()),
                                Part.money(here.perPiece()),
                                Part.money(before.perPiece())),
                        by.key(),
                        new Mend.TakeOff(by.key()));
            } else if (direction == 0) {
                add(
                        Code.NO_OP,
                        Fact.of(
                                FindingSays.SAME_AS_BEFORE,
                                Part.count(here.from()),
                                Part.money(here.perPiece()),
                                before.by() == null ? Part.NONE : Part.count(before.from())),
                        by.key(),
                        new Mend.TakeOff(by.key()));
            }
        }
    }

    private void belowCost() {
        for (Stretch stretch : curve.stretches()) {
            BreakKey place = stretch.by() == null ? null : stretch.by().key();
            Part where = place == null
                    ? Part.of(FindingSays.AT_SHELF_PRICE)
                    : Part.of(FindingSays.AT_FROM, Part.count(stretch.from()));
            Fact fault = limit.fault(where, stretch.perPiece());
            if (fault != null && concernsGroup(stretch.by(), null)) {
                add(Code.BELOW_COST, fault, place, null);
            }
        }
    }

    private Stretch stretchEndingBefore(int threshold) {
        return curve.stretches().stream()
                .filter(stretch -> stretch.until() == threshold)
                .findFirst()
                .orElseThrow();
    }

    private boolean concernsGroup(@Nullable Break one, @Nullable Break other) {
        return group == null || isOfGroup(one) || isOfGroup(other);
    }

    private boolean isOfGroup(@Nullable Break one) {
        return one != null && Objects.equals(one.group(), group);
    }

    private void add(Code code, Fact what, @Nullable BreakKey place, @Nullable Mend mend) {
        found.add(Finding.ofRows(code, what, group, place, mend));
    }
}
