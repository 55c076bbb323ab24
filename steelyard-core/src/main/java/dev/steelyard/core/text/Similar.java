package dev.steelyard.core.text;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds what was probably meant, by the least number of letters to change, add, leave out or swap (F. J. Damerau, 1964). */
public final class Similar {

    private Similar() {}

    /** The closest of some words, where a third of the letters or fewer differ. */
    public static Optional<String> to(String word, Collection<String> known) {
        return nearest(word, known, 1).stream().findFirst();
    }

    /** The closest few of some words, closest first, where a third of the letters or fewer differ. */
    public static List<String> nearest(String word, Collection<String> known, int few) {
        int most = Math.max(1, word.length() / 3);
        return known.stream()
                .filter(candidate -> Math.abs(candidate.length() - word.length()) <= most)
                .filter(candidate -> distance(word, candidate) <= most)
                .sorted(Comparator.comparingInt(candidate -> distance(word, candidate)))
                .limit(few)
                .toList();
    }

    private static int distance(String one, String other) {
        String a = one.toLowerCase(Locale.ROOT);
        String b = other.toLowerCase(Locale.ROOT);
        int[][] cost = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                cost[i][j] = i == 0 ? j : j == 0 ? i : least(cost, a, b, i, j);
            }
        }
        return cost[a.length()][b.length()];
    }

    private static int least(int[][] cost, String a, String b, int i, int j) {
        int changed = cost[i - 1][j - 1] + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
        int best = Math.min(changed, 1 + Math.min(cost[i - 1][j], cost[i][j - 1]));
        boolean swapped = i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
        return swapped ? Math.min(best, cost[i - 2][j - 2] + 1) : best;
    }
}
