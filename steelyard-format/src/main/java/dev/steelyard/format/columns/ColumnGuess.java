package dev.steelyard.format.columns;

import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.core.sheet.SheetColumn.Holding;
import dev.steelyard.format.columns.FileLook.Seen;
import dev.steelyard.format.table.CsvForm;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the columns of a file are, as far as that can be told. Nothing is left out by guessing: a column that is not known has
 * to be picked, or left out, by somebody.
 */
public final class ColumnGuess {

    /** The word by which a column is left out by hand. */
    public static final String OUT = "-";

    private final Map<Integer, String> picks;
    private final Seen seen;
    private final SheetColumn[] columns;
    private final boolean certain;

    private ColumnGuess(Seen seen, SheetColumn[] columns, Map<Integer, String> picks, boolean certain) {
        this.seen = seen;
        this.columns = columns.clone();
        this.picks = picks;
        this.certain = certain;
    }

    /** What a shop knows of values: which words its columns hold. */
    public interface Words {

        /** The column that some values belong to, such as the names of its groups; none where that is not told. */
        @Nullable
        SheetColumn of(Set<String> values);
    }

    /**
     * Guesses from heads, then from values.
     *
     * @param beside heads that are always left out
     */
    public static ColumnGuess of(Seen seen, SheetColumn[] columns, Set<String> beside, Words words) {
        Map<Integer, String> picks = new LinkedHashMap<>();
        Set<String> taken = new HashSet<>();
        boolean certain = true;
        for (ColumnSeen one : seen.columns()) {
            SheetColumn known = one.head().isEmpty()
                    ? null
                    : SheetColumn.of(one.head(), columns).orElse(null);
            if (beside.contains(one.head())) {
                picks.put(one.place(), OUT);
            } else if (known != null && taken.add(known.name())) {
                picks.put(one.place(), known.name());
            } else {
                certain = false;
            }
        }
        for (ColumnSeen one : seen.columns()) {
            if (!picks.containsKey(one.place())) {
                SheetColumn meant = HeadWords.of(one.head(), columns);
                SheetColumn guessed = meant == null || taken.contains(meant.name()) ? words.of(one.values()) : meant;
                if (guessed != null && taken.add(guessed.name())) {
                    picks.put(one.place(), guessed.name());
                }
            }
        }
        for (SheetColumn column : columns) {
            certain &= !column.needed() || taken.contains(column.name());
        }
        return new ColumnGuess(seen, columns, picks, certain && readable(seen, columns, picks));
    }

    /** The sign that all columns of numbers that tell any have: it decides for those that do not tell. */
    private static @Nullable CsvForm agreed(Seen seen, SheetColumn[] columns, Map<Integer, String> picks) {
        Set<CsvForm> signs = new HashSet<>();
        for (ColumnSeen one : seen.columns()) {
            CsvForm sign = one.sign();
            if (sign != null && holds(columns, picks.get(one.place())).isNumber()) {
                signs.add(sign);
            }
        }
        return signs.size() == 1 ? signs.iterator().next() : null;
    }

    private static boolean readable(Seen seen, SheetColumn[] columns, Map<Integer, String> picks) {
        boolean told = agreed(seen, columns, picks) != null;
        return seen.columns().stream().allMatch(one -> {
            Holding values = holds(columns, picks.get(one.place()));
            return values.isNumber()
                    ? told || one.twoWays().isEmpty()
                    : values != Holding.DAY || one.twoDays().isEmpty();
        });
    }

    /** What the cells of a column of some hold, by its name; text where it has none. */
    public static Holding holds(SheetColumn[] columns, @Nullable String name) {
        for (SheetColumn column : columns) {
            if (column.name().equals(name)) {
                return column.holds();
            }
        }
        return Holding.TEXT;
    }

    /** Whether nobody needs to be asked. */
    public boolean isCertain() {
        return certain;
    }

    /** By number of the column: the name of what it is, or {@link #OUT}; none where that is not told. */
    public Map<Integer, String> picks() {
        return Map.copyOf(picks);
    }

    /** What it says, as a plan. */
    public ColumnPlan plan() {
        return plan(seen, columns, picks, Map.of(), Map.of());
    }

    /**
     * A plan of what somebody picked.
     *
     * @param signs picked by number of the column; as told from its cells where none is
     * @param orders the same
     */
    public static ColumnPlan plan(
            Seen seen,
            SheetColumn[] columns,
            Map<Integer, String> picks,
            Map<Integer, CsvForm> signs,
            Map<Integer, DayOrder> orders) {
        CsvForm agreed = agreed(seen, columns, picks);
        Map<String, Integer> places = new HashMap<>();
        Map<String, CsvForm> bySign = new HashMap<>();
        Map<String, DayOrder> byOrder = new HashMap<>();
        for (ColumnSeen one : seen.columns()) {
            String pick = picks.getOrDefault(one.place(), OUT);
            if (pick.equals(OUT)) {
                continue;
            }
            places.put(pick, one.place());
            CsvForm sign = signs.getOrDefault(one.place(), one.sign() == null ? agreed : one.sign());
            if (sign != null && holds(columns, pick).isNumber()) {
                bySign.put(pick, sign);
            }
            DayOrder order = orders.getOrDefault(one.place(), one.order());
            if (order != null && holds(columns, pick) == Holding.DAY) {
                byOrder.put(pick, order);
            }
        }
        return new ColumnPlan(seen.headLine(), places, bySign, byOrder);
    }

    /**
     * What is wrong with picks, by number of the column; -1 for what is missing altogether.
     *
     * @param signs numbers of columns whose sign was picked
     * @param orders numbers of columns whose order of days was picked
     */
    public static Map<Integer, String> faults(
            Seen seen, SheetColumn[] columns, Map<Integer, String> picks, Set<Integer> signs, Set<Integer> orders) {
        Map<Integer, String> faults = new LinkedHashMap<>();
        CsvForm agreed = agreed(seen, columns, picks);
        Map<String, String> taken = new HashMap<>();
        for (ColumnSeen one : seen.columns()) {
            String pick = picks.getOrDefault(one.place(), "");
            if (pick.isEmpty()) {
                faults.put(one.place(), "Say what it is, or that it is left out");
                continue;
            }
            String before = pick.equals(OUT) ? null : taken.putIfAbsent(pick, one.shown());
            if (before != null) {
                faults.put(one.place(), "“" + before + "” is that already; one column alone can be it");
            } else if (holds(columns, pick).isNumber()
                    && !one.twoWays().isEmpty()
                    && agreed == null
                    && !signs.contains(one.place())) {
                faults.put(
                        one.place(), one.twoWays() + " can be read in two ways; say which sign stands before decimals");
            } else if (holds(columns, pick) == Holding.DAY
                    && !one.twoDays().isEmpty()
                    && !orders.contains(one.place())) {
                faults.put(one.place(), one.twoDays() + " can be two days; say what stands first");
            }
        }
        List<String> missing = new ArrayList<>();
        for (SheetColumn column : columns) {
            if (column.needed() && !taken.containsKey(column.name())) {
                missing.add("“" + column.head() + "”");
            }
        }
        if (!missing.isEmpty()) {
            faults.put(-1, "No column is " + String.join(" or ", missing) + ", which every row needs");
        }
        return faults;
    }
}
