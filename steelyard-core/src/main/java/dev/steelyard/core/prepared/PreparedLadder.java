package dev.steelyard.core.prepared;

import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.PriceRows;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** A ladder with its rows sorted and its numbers in what it counts: pieces, or base units. */
public final class PreparedLadder {

    private final Ladder ladder;
    private final Breaks breaks;
    private final @Nullable BigDecimal soldFrom;

    private PreparedLadder(Ladder ladder, Breaks breaks) {
        this.ladder = ladder;
        this.breaks = breaks;
        BigDecimal from = ladder.soldFrom();
        this.soldFrom = from == null || ladder.counts() == Counts.PIECES || ladder.unit() == null
                ? from
                : ladder.unit().toBase(from);
    }

    /** A ladder that {@link LadderChecks} found nothing wrong with. */
    static PreparedLadder of(Ladder ladder) {
        boolean amounts = ladder.counts() == Counts.AMOUNT && ladder.unit() != null;
        return new PreparedLadder(
                ladder,
                amounts
                        ? Breaks.ofAmounts(ladder.rows(), ladder.unit().factor(), ladder.alone())
                        : Breaks.ofPieces(ladder.rows(), ladder.alone()));
    }

    /** The ladder that a product's own price rows are. */
    public static PreparedLadder of(PriceRows rows) {
        Ladder ladder = Ladder.ofPrices(rows.breaks());
        Ladder counted = new Ladder(
                ladder.counts(),
                rows.over(),
                ladder.mode(),
                ladder.value(),
                null,
                ladder.rows(),
                null,
                null,
                null,
                false,
                false);
        return new PreparedLadder(counted, rows.prepared());
    }

    public Ladder definition() {
        return ladder;
    }

    public Breaks breaks() {
        return breaks;
    }

    /** The least that is sold, in what the ladder counts; none for no limit. */
    public @Nullable BigDecimal soldFrom() {
        return soldFrom;
    }

    /** Whether it counts an amount in base units; else pieces. */
    public boolean countsAmount() {
        return ladder.counts() == Counts.AMOUNT;
    }
}
