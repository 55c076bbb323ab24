package dev.steelyard.core.prepared;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakClash;
import dev.steelyard.core.ladder.Breaks;
import java.util.List;

/** Checks that for every threshold, group and day it is clear which row counts. */
final class RowChecks {

    private RowChecks() {}

    /** Whether it is; an issue at the later row of each pair of which nobody could say. */
    static boolean clear(List<Break> rows, String at, Issues issues) {
        List<BreakClash> clashes = Breaks.clashes(rows);
        for (BreakClash clash : clashes) {
            issues.add(at + "/" + clash.second() + "/from", clash.message());
        }
        for (int i = 0; i < rows.size(); i++) {
            issues.unless(rows.get(i).from().signum() >= 0, at + "/" + i + "/from", "a threshold is 0 or more");
        }
        return clashes.isEmpty();
    }
}
