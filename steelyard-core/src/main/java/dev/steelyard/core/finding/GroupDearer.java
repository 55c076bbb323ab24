package dev.steelyard.core.finding;

import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** Finds where a group pays more for a piece than everyone. */
final class GroupDearer {

    private GroupDearer() {}

    /** One finding for each of the group's breaks that is dearer somewhere, at the first quantity where it is. */
    static List<Finding> of(PieceCurve ofGroup, PieceCurve everyone, String group) {
        TreeSet<Integer> jumps = new TreeSet<>();
        ofGroup.stretches().forEach(stretch -> jumps.add(stretch.from()));
        everyone.stretches().forEach(stretch -> jumps.add(stretch.from()));

        List<Finding> found = new ArrayList<>();
        for (Stretch stretch : ofGroup.stretches()) {
            Break by = stretch.by();
            if (by == null || by.group() == null) {
                continue;
            }
            for (int quantity : jumps.subSet(stretch.from(), stretch.until())) {
                Money common = everyone.perPiece(quantity);
                if (stretch.perPiece().compareTo(common) > 0) {
                    found.add(Finding.ofRows(
                            Code.GROUP_DEARER,
                            Fact.of(
                                    FindingSays.GROUP_PAYS_MORE,
                                    Part.name(group),
                                    Part.money(stretch.perPiece()),
                                    Part.count(quantity),
                                    Part.money(common)),
                            null,
                            by.key(),
                            quantity == by.pieces() ? new Mend.SetPrice(by.key(), common.value()) : null));
                    break;
                }
            }
        }
        return found;
    }
}
