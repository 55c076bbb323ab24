package dev.steelyard.core.finding;

import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/** What the inputs tried show. One finding of a kind and place, with the first input that shows it and how many do. */
final class SearchFindings {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private final PreparedCard card;
    private final ShopRules rules;
    private final CostLimit limit;
    private final Wanted wanted;
    private final Map<Object, Shown> shown = new LinkedHashMap<>();

    SearchFindings(PreparedCard card, ShopRules rules, CostLimit limit, Wanted wanted) {
        this.card = card;
        this.rules = rules;
        this.limit = limit;
        this.wanted = wanted;
    }

    /** Makes what is said of how many more inputs show it, and how many were tried. */
    @FunctionalInterface
    private interface Said {
        Fact with(Part more, Part tried);
    }

    private static final class Shown {
        private final Code code;
        private final String at;
        private final Said said;
        private int count;

        Shown(Code code, String at, Said said) {
            this.code = code;
            this.at = at;
            this.said = said;
        }
    }

    List<Finding> of(List<Probe> probes) {
        for (Probe probe : probes) {
            if (probe.fault() != null) {
                refused(probe, probe.fault());
            } else if (probe.line() != null) {
                priced(probe, probe.line());
            }
        }
        tooDear(probes);
        groups(probes);
        List<Finding> found = new ArrayList<>();
        for (Shown one : shown.values()) {
            Part more = one.count == 1 ? Part.NONE : Part.count(one.count - 1);
            found.add(Finding.searched(one.code, one.at, one.said.with(more, Part.count(probes.size())), null));
        }
        found.addAll(NeverReached.of(card, probes, wanted));
        return found;
    }

    private void refused(Probe probe, Fault fault) {
        Code code =
                switch (fault.kind()) {
                    case NEGATIVE -> Code.NEGATIVE;
                    case FAILED -> Code.DIVISION;
                    case TOO_LARGE -> Code.TOO_DEAR;
                    default -> Code.NO_PRICE;
                };
        if (fault.kind() != Kind.BEYOND) { // limits has said so
            Part input = probe.told(card);
            show(
                    code,
                    "/cases",
                    (more, tried) -> Fact.of(FindingSays.INPUT_REFUSED, input, Part.of(fault.what()), more, tried));
        }
    }

    private void priced(Probe probe, PricedLine line) {
        String at = "/cases/" + piece(probe).caseIndex();
        if (line.total().value().signum() == 0) {
            Part input = probe.told(card);
            show(Code.ZERO, at, (more, tried) -> Fact.of(FindingSays.INPUT_COSTS_NOTHING, input, more, tried));
        }
        Part where = Part.of(FindingSays.AT_INPUT, probe.told(card));
        Fact fault = limit.fault(where, line.shownPerPiece(), measured(probe));
        if (fault != null) {
            show(Code.BELOW_COST, at, (more, tried) -> Fact.of(FindingSays.INPUT_BESIDE, Part.of(fault), more, tried));
        }
    }

    /** The cost is of a piece, or of a billable unit of measured goods. */
    private static BigDecimal measured(Probe probe) {
        Piece piece = piece(probe);
        return piece.billable() == null || piece.unit() == null
                ? BigDecimal.ONE
                : piece.unit().fromBase(piece.billable());
    }

    private static Piece piece(Probe probe) {
        return Objects.requireNonNull(probe.piece());
    }

    private void tooDear(List<Probe> probes) {
        List<BigDecimal> prices = probes.stream()
                .filter(probe -> probe.line() != null)
                .map(probe ->
                        Objects.requireNonNull(probe.line()).shownPerPiece().value())
                .sorted()
                .toList();
        if (prices.isEmpty()) {
            return;
        }
        BigDecimal median = prices.get(prices.size() / 2);
        for (Probe probe : probes) {
            PricedLine line = probe.line();
            if (line == null) {
                continue;
            }
            BigDecimal usual = line.shelfPrice() == null ? median : line.shelfPrice();
            if (usual.signum() > 0 && line.shownPerPiece().value().compareTo(usual.multiply(HUNDRED)) > 0) {
                Part input = probe.told(card);
                Part shelfPrice = line.shelfPrice() == null ? Part.NONE : Part.money(usual);
                Part searched = line.shelfPrice() == null ? Part.money(usual) : Part.NONE;
                show(
                        Code.TOO_DEAR,
                        "/cases/" + piece(probe).caseIndex(),
                        (more, tried) -> Fact.of(
                                FindingSays.INPUT_TOO_DEAR,
                                input,
                                Part.money(line.shownPerPiece()),
                                shelfPrice,
                                searched,
                                more,
                                tried));
            }
        }
    }

    private void groups(List<Probe> probes) {
        Set<String> groups = new TreeSet<>();
        if (card.card().ladder() != null) {
            card.card().ladder().rows().stream()
                    .map(Break::group)
                    .filter(Objects::nonNull)
                    .forEach(groups::add);
        }
        for (String group : groups) {
            for (Probe probe : probes) {
                Asked asked = probe.asked();
                Probe other = Probe.of(
                        card,
                        new Asked(asked.item(), asked.quantity(), asked.answers(), group, asked.day()),
                        rules,
                        wanted);
                if (probe.line() != null
                        && other.line() != null
                        && other.line().total().compareTo(probe.line().total()) > 0) {
                    Part paid = Part.money(other.line().total());
                    Part everyone = Part.money(probe.line().total());
                    Part input = probe.told(card);
                    show(
                            Code.GROUP_DEARER,
                            "/ladder",
                            (more, tried) -> Fact.of(
                                    FindingSays.INPUT_BESIDE,
                                    Part.of(FindingSays.GROUP_PAYS_MORE_FOR, Part.name(group), paid, input, everyone),
                                    more,
                                    tried));
                }
            }
        }
    }

    private void show(Code code, String at, Said said) {
        shown.computeIfAbsent(List.of(code, at), any -> new Shown(code, at, said)).count++;
    }
}
