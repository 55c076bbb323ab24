package dev.steelyard.core.sheet;

import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is odd about one price by itself: how far it goes from the old one, and whether it looks like a percentage. */
final class LargeChange {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final BigDecimal TEN = BigDecimal.TEN;
    private static final BigDecimal MOST_PERCENTAGE = BigDecimal.valueOf(90);

    private LargeChange() {}

    /**
     * @param before the price it replaces; none for a new one
     * @param percent a change by more is told
     * @param shelf the shelf price of the item; none where it has none
     */
    static List<Note> of(
            @Nullable BigDecimal before, BigDecimal after, BigDecimal percent, @Nullable BigDecimal shelf) {
        List<Note> notes = new ArrayList<>();
        if (before != null && before.signum() > 0) {
            BigDecimal change = percent(before, after);
            boolean tenfold = tenfold(before, after);
            if (tenfold || change.abs().compareTo(percent) > 0) {
                notes.add(new Note(
                        tenfold ? Note.Code.TENFOLD : Note.Code.LARGE_CHANGE,
                        shown(before) + " → " + shown(after) + " is "
                                + Decimals.plain(change.abs().setScale(1, RoundingMode.HALF_UP), 0) + " % "
                                + (change.signum() > 0 ? "dearer" : "cheaper")));
            }
        }
        BigDecimal beside = before != null && before.signum() > 0 ? before : shelf;
        if (beside != null && looksLikePercentage(after, beside)) {
            notes.add(new Note(
                    Note.Code.PERCENTAGE,
                    shown(after) + " beside " + shown(beside)
                            + " looks like a percentage off; this column holds prices"));
        }
        return notes;
    }

    private static boolean tenfold(BigDecimal before, BigDecimal after) {
        return after.compareTo(before.multiply(TEN)) >= 0
                || after.signum() > 0 && after.multiply(TEN).compareTo(before) <= 0;
    }

    /** A whole number up to 90 without decimals that is far from a price that is no whole number or far larger. */
    private static boolean looksLikePercentage(BigDecimal price, BigDecimal beside) {
        boolean whole = price.stripTrailingZeros().scale() <= 0;
        return whole
                && price.signum() > 0
                && price.compareTo(MOST_PERCENTAGE) <= 0
                && percent(beside, price).abs().compareTo(BigDecimal.valueOf(50)) > 0;
    }

    private static BigDecimal percent(BigDecimal before, BigDecimal after) {
        return after.subtract(before, Decimals.EXACT)
                .multiply(HUNDRED, Decimals.EXACT)
                .divide(before, Decimals.EXACT);
    }

    private static String shown(BigDecimal price) {
        return Decimals.plain(price, 2);
    }
}
