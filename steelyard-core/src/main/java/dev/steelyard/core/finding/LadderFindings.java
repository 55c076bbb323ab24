package dev.steelyard.core.finding;

import dev.steelyard.core.curve.CardCurves;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Curve.Run;
import dev.steelyard.core.curve.Polynomial;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the curve over the pieces shows: cliffs, prices that rise, breaks that change nothing. */
final class LadderFindings {

    private final PreparedCard card;
    private final ShopRules rules;
    private final Wanted wanted;
    private final Map<Object, Finding> found = new LinkedHashMap<>();

    LadderFindings(PreparedCard card, ShopRules rules, Wanted wanted) {
        this.card = card;
        this.rules = rules;
        this.wanted = wanted;
    }

    /** Of some trials, for everyone and each group that has breaks; each thing once, where it shows first. */
    List<Finding> of(List<Asked> trials) {
        for (Asked trial : trials) {
            for (String group : groups(trial)) {
                Asked asked = new Asked(trial.item(), trial.quantity(), trial.answers(), group, trial.day());
                Optional<Curve> curve = new CardCurves(card, asked, rules, wanted).along(new Variable.Pieces());
                curve.ifPresent(one -> look(one, asked));
            }
        }
        return List.copyOf(found.values());
    }

    private List<@Nullable String> groups(Asked trial) {
        List<@Nullable String> groups = new ArrayList<>();
        groups.add(null);
        PreparedLadder ladder = card.ladderFor(trial.item());
        if (ladder != null) {
            ladder.breaks().all().stream()
                    .map(Break::group)
                    .filter(Objects::nonNull)
                    .distinct()
                    .sorted()
                    .forEach(groups::add);
        }
        return groups;
    }

    private void look(Curve curve, Asked asked) {
        for (int i = 1; i < curve.runs().size(); i++) {
            Run before = curve.runs().get(i - 1);
            Run here = curve.runs().get(i);
            if (before.form() == null || here.form() == null) {
                sampled(before, asked);
                continue;
            }
            cliff(curve, before, here, asked);
            step(before, here, asked);
        }
    }

    private void cliff(Curve curve, Run before, Run here, Asked asked) {
        Optional<Money> last = curve.total(before.until());
        Optional<Money> next = curve.total(here.from());
        if (last.isPresent() && next.isPresent() && last.get().compareTo(next.get()) > 0) {
            BigDecimal cheaper = last.get().value().subtract(next.get().value());
            add(
                    Code.CLIFF,
                    here,
                    asked,
                    Fact.of(
                            FindingSays.LARGER_CHEAPER,
                            Part.count(before.until().longValueExact()),
                            Part.money(last.get()),
                            Part.count(here.from().longValueExact()),
                            Part.money(next.get()),
                            new Part.Money(cheaper, next.get().value().scale())),
                    canLevel() ? new Mend.Switch("/ladder/noCliffs", true) : null,
                    Finding.Found.BY_ANALYSIS);
        }
    }

    private void sampled(Run run, Asked asked) {
        for (int i = 1; i < run.samples().size(); i++) {
            Curve.Sample less = run.samples().get(i - 1);
            Curve.Sample more = run.samples().get(i);
            if (less.total().compareTo(more.total()) > 0) {
                add(
                        Code.CLIFF,
                        run,
                        asked,
                        Fact.of(
                                FindingSays.LARGER_CHEAPER,
                                Part.count(less.x().longValueExact()),
                                Part.money(less.total()),
                                Part.count(more.x().longValueExact()),
                                Part.money(more.total()),
                                Part.NONE),
                        null,
                        Finding.Found.BY_SEARCH);
                return;
            }
        }
    }

    private boolean canLevel() {
        Ladder ladder = card.card().ladder();
        return ladder != null
                && ladder.counts() == Counts.PIECES
                && ladder.over() == Over.LINE
                && ladder.mode() != Mode.SLICE;
    }

    private void step(Run before, Run here, Asked asked) {
        PreparedLadder ladder = card.ladderFor(asked.item());
        if (ladder == null || here.by() == null || Objects.equals(here.by(), before.by())) {
            return;
        }
        boolean lots = ladder.definition().mode() == Mode.LOT;
        Optional<BigDecimal> was = lots ? lot(before) : each(before, asked);
        Optional<BigDecimal> is = lots ? lot(here) : each(here, asked);
        if (was.isEmpty() || is.isEmpty()) {
            return;
        }
        Part name = Part.name(asked.item().name());
        Part from = Part.count(here.from().longValueExact());
        int direction = is.get().compareTo(was.get());
        if (direction == 0) {
            add(
                    Code.NO_OP,
                    here,
                    asked,
                    Fact.of(FindingSays.CHANGES_NOTHING, name, from, lots ? Part.count(1) : Part.NONE, shown(is.get())),
                    at(here).isEmpty() ? null : new Mend.Remove(at(here)),
                    Finding.Found.BY_ANALYSIS);
        } else if (direction > 0 && !lots) {
            add(
                    Code.RISES,
                    here,
                    asked,
                    Fact.of(FindingSays.RISES, name, from, shown(is.get()), shown(was.get())),
                    at(here).isEmpty() ? null : new Mend.Remove(at(here)),
                    Finding.Found.BY_ANALYSIS);
        }
    }

    /** What one more piece costs on a run; the price of one where the run is a single quantity. */
    private Optional<BigDecimal> each(Run run, Asked asked) {
        if (run.form() != null && run.from().compareTo(run.until()) < 0) {
            Polynomial line = run.form().rest();
            return Optional.of(line.at(run.from().add(BigDecimal.ONE)).subtract(line.at(run.from())));
        }
        Ladder ladder = Objects.requireNonNull(card.ladderFor(asked.item())).definition();
        Asked one = new Asked(asked.item(), run.from().longValueExact(), asked.answers(), asked.group(), asked.day());
        return ladder.mode() == Mode.SLICE
                ? Optional.empty()
                : Optional.ofNullable(Probe.of(card, one, rules, wanted).line())
                        .map(line -> line.pricePerPiece().value());
    }

    private static Optional<BigDecimal> lot(Run run) {
        return Optional.ofNullable(run.by()).map(Break::value);
    }

    private String at(Run run) {
        Ladder ladder = card.card().ladder();
        int index = ladder == null || run.by() == null ? -1 : ladder.rows().indexOf(run.by());
        return index < 0 ? "" : "/ladder/rows/" + index;
    }

    private static Part shown(BigDecimal value) {
        return Part.money(value.setScale(Math.min(4, Math.max(2, value.scale())), RoundingMode.HALF_UP));
    }

    private void add(Code code, Run run, Asked asked, Fact what, @Nullable Mend mend, Finding.Found how) {
        String at = at(run);
        String place = at.isEmpty() ? "/ladder" : at;
        found.putIfAbsent(
                List.of(code, place, run.from()), new Finding(code, what, asked.group(), null, null, place, mend, how));
    }
}
