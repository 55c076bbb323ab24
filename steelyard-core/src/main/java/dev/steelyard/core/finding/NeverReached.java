package dev.steelyard.core.finding;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/** Cases, options and breaks that none of the inputs tried reached. */
final class NeverReached {

    private NeverReached() {}

    static List<Finding> of(PreparedCard card, List<Probe> probes, Wanted wanted) {
        List<Finding> found = new ArrayList<>();
        cases(card, probes, found);
        choices(card, probes, found, wanted);
        rateBreaks(card, probes, found);
        return found;
    }

    private static void cases(PreparedCard card, List<Probe> probes, List<Finding> found) {
        Set<Integer> used = new HashSet<>();
        boolean failing = false;
        for (Probe probe : probes) {
            Piece piece = probe.piece();
            if (piece != null) {
                used.add(piece.caseIndex());
            } else {
                failing = true; // which case it would have been is not known
            }
        }
        int count = card.card().cases().all().size();
        for (int i = 0; i < count && !failing; i++) {
            if (!used.contains(i)) {
                found.add(Finding.searched(
                        Code.NEVER_REACHED,
                        "/cases/" + i,
                        Fact.of(
                                FindingSays.CASE_NOT_USED,
                                Part.count(i + 1),
                                Part.count(probes.size()),
                                i == count - 1 ? Part.count(1) : Part.NONE),
                        i == count - 1 ? null : new Mend.Remove("/cases/" + i)));
            }
        }
    }

    private static void choices(PreparedCard card, List<Probe> probes, List<Finding> found, Wanted wanted) {
        for (int i = 0; i < card.card().asks().size(); i++) {
            wanted.check();
            Ask ask = card.card().asks().get(i);
            if (ask.shownWhen() != null
                    && probes.stream()
                            .noneMatch(probe ->
                                    probe.started() != null && probe.started().shows(ask.name()))) {
                found.add(Finding.searched(
                        Code.NEVER_REACHED,
                        "/asks/" + i + "/shownWhen",
                        Fact.of(FindingSays.NOT_SHOWN, Part.name(ask.label()), Part.count(probes.size())),
                        null));
            }
        }
    }

    private static void rateBreaks(PreparedCard card, List<Probe> probes, List<Finding> found) {
        for (int i = 0; i < card.card().cases().all().size(); i++) {
            if (card.card().cases().all().get(i).piece() instanceof PiecePrice.Rate rate && rate.breaks() != null) {
                BigDecimal largest = largest(probes, i);
                for (int row = 0; row < rate.breaks().rows().size(); row++) {
                    BigDecimal from = rate.breaks().rows().get(row).from();
                    if (largest.signum() > 0 && rate.unit().toBase(from).compareTo(largest) > 0) {
                        String at = "/cases/" + i + "/piece/rate/breaks/rows/" + row;
                        found.add(Finding.searched(
                                Code.NEVER_REACHED,
                                at,
                                Fact.of(
                                        FindingSays.ABOVE_LARGEST_AMOUNT,
                                        Part.amount(from, rate.unit()),
                                        Part.amount(rate.unit().fromBase(largest), rate.unit())),
                                new Mend.Remove(at)));
                    }
                }
            }
        }
    }

    private static BigDecimal largest(List<Probe> probes, int caseIndex) {
        return probes.stream()
                .flatMap(probe -> Stream.ofNullable(probe.piece()))
                .filter(piece -> piece.caseIndex() == caseIndex)
                .map(Piece::billable)
                .filter(Objects::nonNull)
                .max(Comparator.naturalOrder())
                .orElse(BigDecimal.ZERO);
    }
}
