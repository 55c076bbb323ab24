package dev.steelyard.core.pricing;

import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Wanted;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The lines of one basket, counted together where their ladders say so. Refused lines count nothing. */
final class BasketLines {

    private final @Nullable LineStart[] starts;
    private final @Nullable RefusedLine[] refused;
    private final Wanted wanted;

    BasketLines(int size, Wanted wanted) {
        this.wanted = wanted;
        this.starts = new LineStart[size];
        this.refused = new RefusedLine[size];
    }

    void start(int index, LineStart start) {
        starts[index] = start;
    }

    void refuse(int index, Refused why) {
        refused[index] = new RefusedLine(why.faults());
    }

    /** Prices all lines; as long as another one is refused, once more without it. */
    List<LineResult> price() {
        while (true) {
            List<LineResult> results = new ArrayList<>(starts.length);
            boolean all = true;
            Tally[] tallies = tallies();
            for (int i = 0; i < starts.length; i++) {
                wanted.check();
                LineStart start = starts[i];
                if (start != null && refused[i] == null) {
                    try {
                        results.add(new LinePricer(start).price(tallies[i]));
                        continue;
                    } catch (Refused why) {
                        refuse(i, why);
                        all = false;
                    }
                }
                results.add(Objects.requireNonNull(refused[i]));
            }
            if (all || starts.length == 1) {
                return List.copyOf(results);
            }
        }
    }

    private Tally[] tallies() {
        Tally[] tallies = new Tally[starts.length];
        if (starts.length == 1) {
            LineStart only = starts[0];
            tallies[0] = only == null ? Tally.NONE : only.tally();
            return tallies;
        }
        Map<Object, Tally> sums = new HashMap<>();
        for (int i = 0; i < starts.length; i++) {
            LineStart start = starts[i];
            if (start != null && refused[i] == null) {
                Tally before = Tally.NONE;
                for (Object key : List.of(i, start.product(), start.choice().card())) {
                    Tally sum = sums.getOrDefault(key, Tally.NONE)
                            .plus(start.asked().quantity(), start.amount());
                    sums.put(key, sum);
                    before = key.equals(start.countedWith(i)) ? sum : before;
                }
                tallies[i] = before;
            }
        }
        for (int i = 0; i < starts.length; i++) {
            LineStart start = starts[i];
            if (start != null && refused[i] == null) {
                tallies[i] = tallies[i].within(Objects.requireNonNull(sums.get(start.countedWith(i))));
            }
        }
        return tallies;
    }
}
