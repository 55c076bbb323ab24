package dev.steelyard.core.ladder;

import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The breaks of a card as its owner wrote them; whether they make sense together is checked when the card is prepared.
 *
 * @param unit the unit of thresholds that are amounts, and of prices and amounts off per unit of a measured piece; none
 *     where nothing is measured
 * @param rows in any order
 * @param soldFrom the least that is sold, of the sum where several lines count, in what the ladder counts; none for no
 *     such limit
 * @param upTo lots only: the most pieces the last lot holds; none for no limit
 * @param furtherPiece lots only: the price of each piece above {@code upTo}; none where no more are sold
 * @param noCliffs whether nobody pays more for fewer
 * @param reduceChoices whether percent off and amount off act on charges for choices too
 * @param alone groups whose breaks stand alone: where such a group has a break in force, everyone's do not count for it
 */
public record Ladder(
        Counts counts,
        Over over,
        Mode mode,
        Value value,
        @Nullable Unit unit,
        List<Break> rows,
        @Nullable BigDecimal soldFrom,
        @Nullable BigDecimal upTo,
        @Nullable BigDecimal furtherPiece,
        boolean noCliffs,
        boolean reduceChoices,
        Set<String> alone) {

    public Ladder {
        rows = List.copyOf(rows);
        alone = Set.copyOf(alone);
    }

    /** A ladder in which no group stands alone. */
    public Ladder(
            Counts counts,
            Over over,
            Mode mode,
            Value value,
            @Nullable Unit unit,
            List<Break> rows,
            @Nullable BigDecimal soldFrom,
            @Nullable BigDecimal upTo,
            @Nullable BigDecimal furtherPiece,
            boolean noCliffs,
            boolean reduceChoices) {
        this(counts, over, mode, value, unit, rows, soldFrom, upTo, furtherPiece, noCliffs, reduceChoices, Set.of());
    }

    /** A ladder of prices by pieces of one line, every unit at the price reached. */
    public static Ladder ofPrices(List<Break> rows) {
        return new Ladder(
                Counts.PIECES, Over.LINE, Mode.ALL_UNITS, Value.PRICE, null, rows, null, null, null, false, false);
    }

    /** What is counted. */
    public enum Counts {
        PIECES,
        /** Billable amount times pieces; a pack counts its amount. */
        AMOUNT
    }

    /** How it counts. */
    public enum Mode {
        /** Every unit at the price of the break reached. */
        ALL_UNITS,
        /** Each slice at its own price. */
        SLICE,
        /** One total for the lot. */
        LOT
    }

    /** What the value of a break is. */
    public enum Value {
        /** The price of a piece, or of a unit of a measured one. */
        PRICE,
        PERCENT_OFF,
        /** Off each piece; slice by slice over an amount, off each unit. */
        AMOUNT_OFF,
        /** The total of the lot. */
        LOT_TOTAL
    }
}
