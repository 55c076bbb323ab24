package dev.steelyard.core.pricing;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.AppliedCharge;
import dev.steelyard.core.prepared.AppliedCharge.How;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalLong;
import org.jspecify.annotations.Nullable;

/** Counts a line up its ladder: all units, slice by slice, or by the lot. */
final class LadderPricer {

    private final LineStart line;
    private final @Nullable Ladder ladder;
    private final BreaksInForce breaks;
    private final PiecePricer pieces;
    private final Tally tally;
    private final Notes notes;

    LadderPricer(LineStart line, Tally tally, Notes notes) {
        this.line = line;
        this.ladder = line.ladder() == null ? null : line.ladder().definition();
        this.breaks = line.breaks();
        this.pieces = line.pieces();
        this.tally = tally;
        this.notes = notes;
    }

    Laddered price() {
        if (ladder != null) {
            soldFrom(ladder);
            if (ladder.mode() == Mode.LOT) {
                lotSold(ladder);
            }
        }
        if (line.late() != null) {
            throw line.late();
        }
        pieces.notBelowZero();
        if (ladder == null) {
            return allUnits(null);
        }
        return switch (ladder.mode()) {
            case ALL_UNITS -> ladder.noCliffs() ? noCliffs(allUnits(reached())) : allUnits(reached());
            case SLICE -> ladder.counts() == Counts.PIECES ? slicesOfPieces() : slicesOfAmount(ladder);
            case LOT -> ladder.noCliffs() ? noCliffs(lot(ladder)) : lot(ladder);
        };
    }

    private void soldFrom(Ladder by) {
        BigDecimal soldFrom = Objects.requireNonNull(line.ladder()).soldFrom();
        if (soldFrom == null) {
            return;
        }
        BigDecimal counted = by.counts() == Counts.PIECES ? BigDecimal.valueOf(tally.pieces()) : tally.amount();
        if (counted.compareTo(soldFrom) < 0) {
            throw by.counts() == Counts.PIECES
                    ? Refused.at(Place.QUANTITY, Refusal.SOLD_FROM_PIECES, Part.count(soldFrom.longValueExact()))
                    : Refused.at(
                            Place.QUANTITY,
                            Refusal.SOLD_FROM_AMOUNT,
                            Part.amount(soldFrom, Objects.requireNonNull(by.unit())));
        }
    }

    private @Nullable Break reached() {
        int at = Objects.requireNonNull(ladder).counts() == Counts.PIECES
                ? breaks.indexReached(tally.pieces())
                : breaks.indexReached(tally.amount());
        return at < 0 ? null : breaks.get(at);
    }

    private Laddered allUnits(@Nullable Break reached) {
        Money one = pieces.rounded(reached);
        if (notes.wanted()) {
            new PieceSteps(line, pieces, notes).write(reached, tally, one);
        }
        return new Laddered(one.times(quantity()), one, reached, notes.wanted() ? times(quantity(), one) : null);
    }

    /** The smallest of the result and what each larger threshold would cost. */
    private Laddered noCliffs(Laddered counted) {
        Laddered best = counted;
        for (Break above : breaks.above(quantity())) {
            BigDecimal cost = costAt(above);
            if (cost != null && cost.compareTo(best.sum()) < 0) {
                Fact detail = notes.wanted()
                        ? Fact.of(
                                Told.AS_MUCH_AS,
                                Part.count(line.orders().from(above.pieces()).orElse(above.pieces())))
                        : null;
                best = new Laddered(cost, null, counted.reached(), detail);
            }
        }
        if (best != counted && notes.wanted()) {
            notes.line(Fact.of(Told.PIECES), counted.detail(), counted.sum(), null);
        }
        return best;
    }

    /**
     * What the fewest pieces from a larger threshold on that can be ordered cost; none where they have no price, or none can.
     */
    private @Nullable BigDecimal costAt(Break above) {
        OptionalLong ordered = line.orders().from(above.pieces());
        if (ordered.isEmpty()) {
            return null;
        }
        long count = ordered.getAsLong();
        Break reached = Objects.requireNonNull(breaks.reached(count));
        Ladder by = Objects.requireNonNull(ladder);
        if (by.mode() == Mode.LOT) {
            long further = Math.max(0, count - Objects.requireNonNull(by.upTo()).longValueExact());
            return further > 0 && by.furtherPiece() == null ? null : lotOf(by, reached, count, further);
        }
        Money one = pieces.roundedIfAny(reached);
        return one == null ? null : one.times(count);
    }

    /** Piece number “from” is the first at the break’s price. */
    private Laddered slicesOfPieces() {
        long first = tally.piecesBefore() + 1;
        long last = tally.piecesBefore() + quantity();
        BigDecimal sum = BigDecimal.ZERO;
        List<Part> parts = notes.wanted() ? new ArrayList<>() : null;
        Break reached = null;
        for (int i = -1; i < breaks.size() && first <= last; i++) {
            long until = i + 1 < breaks.size() ? Math.min(last, breaks.pieces(i + 1) - 1) : last;
            if (until >= first) {
                reached = i < 0 ? null : breaks.get(i);
                Money one = pieces.rounded(reached);
                long count = until - first + 1;
                sum = sum.add(one.times(count), Decimals.EXACT);
                if (parts != null) {
                    new PieceSteps(line, pieces, notes).write(reached, one, first, until);
                    parts.add(Part.of(times(count, one)));
                }
                first = until + 1;
            }
        }
        return new Laddered(
                sum, null, reached, parts == null ? null : Fact.of(Told.ADDED_UP, Part.all(Join.PLUS, parts)));
    }

    /** What exceeds “from” is at the break’s rate. Base charge and charges in full for each piece. */
    private Laddered slicesOfAmount(Ladder by) {
        BigDecimal rate = Objects.requireNonNull(line.piece().rate());
        Unit unit = Objects.requireNonNull(line.piece().unit());
        BigDecimal from = tally.amountBefore();
        BigDecimal end = from.add(line.amount(), Decimals.EXACT);
        BigDecimal sum = BigDecimal.ZERO;
        Break reached = null;
        for (int i = -1; i < breaks.size(); i++) {
            BigDecimal until = i + 1 < breaks.size() ? breaks.threshold(i + 1).min(end) : end;
            if (until.compareTo(from) > 0) {
                reached = i < 0 ? null : breaks.get(i);
                BigDecimal slice = slice(until.subtract(from, Decimals.EXACT), rate, unit, by, reached);
                sum = sum.add(slice, Decimals.EXACT);
                if (notes.wanted()) {
                    Fact between = Fact.of(
                            Told.BETWEEN_AMOUNTS,
                            Part.amount(unit.fromBase(from), unit),
                            Part.amount(unit.fromBase(until), unit),
                            Tellings.atBreak(by, reached));
                    notes.line(Fact.of(Told.SLICE), between, slice, null);
                }
                from = until;
            }
        }
        return new Laddered(
                withPiecesCharges(sum), null, reached, notes.wanted() ? Fact.of(Told.SLICES_WITH_CHARGES) : null);
    }

    private static BigDecimal slice(BigDecimal width, BigDecimal rate, Unit unit, Ladder by, @Nullable Break reached) {
        if (reached == null) {
            return unit.price(width, rate);
        }
        Unit own = Objects.requireNonNull(by.unit());
        return switch (by.value()) {
            case PRICE -> own.price(width, reached.value());
            case PERCENT_OFF -> unit.price(
                    width, PiecePricer.share(rate, BigDecimal.valueOf(100).subtract(reached.value())));
            default -> unit.price(width, rate)
                    .subtract(own.price(width, reached.value()), Decimals.EXACT)
                    .max(BigDecimal.ZERO);
        };
    }

    private BigDecimal withPiecesCharges(BigDecimal slices) {
        BigDecimal withBase = slices.add(times(line.piece().base()), Decimals.EXACT);
        if (notes.wanted() && line.piece().base().signum() != 0) {
            notes.line(
                    Fact.of(Told.BASE_CHARGE),
                    Fact.of(
                            Told.TIMES,
                            Part.count(quantity()),
                            Part.money(line.piece().base())),
                    withBase,
                    null);
        }
        BigDecimal fixed = times(pieces.fixed());
        BigDecimal percent = PiecePricer.share(withBase, pieces.percent());
        if (notes.wanted()) {
            for (AppliedCharge charge : line.piece().charges()) {
                if (charge.how() == How.PER_PIECE) {
                    notes.line(charge.what(), timesEach(charge), times(charge.value()), null);
                } else if (charge.how() == How.PERCENT) {
                    Fact detail = Fact.of(Told.PERCENT_OF, Part.number(charge.value()), Part.money(withBase));
                    notes.line(charge.what(), detail, PiecePricer.share(withBase, charge.value()), null);
                }
            }
        }
        return withBase.add(fixed, Decimals.EXACT).add(percent, Decimals.EXACT);
    }

    /** Whether there is a lot for so many pieces, or a price for each further one. */
    private void lotSold(Ladder by) {
        if (breaks.reached(quantity()) == null) {
            throw Refused.at(
                    Place.QUANTITY,
                    Refusal.BELOW_SMALLEST_LOT,
                    Part.count(quantity()),
                    breaks.size() == 0 ? Part.NONE : Part.count(breaks.get(0).pieces()));
        }
        if (further(by) > 0 && by.furtherPiece() == null) {
            throw Refused.at(
                    Place.QUANTITY,
                    Kind.BEYOND,
                    Refusal.BEYOND_LAST_LOT,
                    Part.number(Objects.requireNonNull(by.upTo())));
        }
    }

    /** Pieces beyond the last lot. */
    private long further(Ladder by) {
        return Math.max(0, quantity() - Objects.requireNonNull(by.upTo()).longValueExact());
    }

    private Laddered lot(Ladder by) {
        Break reached = Objects.requireNonNull(breaks.reached(quantity()));
        long further = further(by);
        BigDecimal sum = lotOf(by, reached, quantity(), further);
        if (notes.wanted()) {
            notes.line(Fact.of(Told.LOT), Tellings.reaching(quantity(), quantity(), reached), reached.value(), null);
            for (AppliedCharge charge : line.piece().charges()) {
                if (charge.how() == How.PER_PIECE) {
                    notes.line(charge.what(), timesEach(charge), times(charge.value()), null);
                }
            }
        }
        return new Laddered(sum, null, reached, notes.wanted() ? lotTold(by, further) : null);
    }

    /** A lot with its charges, and the pieces beyond the last one. */
    private BigDecimal lotOf(Ladder by, Break lot, long count, long further) {
        BigDecimal whole =
                lot.value().add(pieces.fixed().multiply(BigDecimal.valueOf(count), Decimals.EXACT), Decimals.EXACT);
        return further == 0
                ? whole
                : whole.add(
                        Objects.requireNonNull(by.furtherPiece()).multiply(BigDecimal.valueOf(further), Decimals.EXACT),
                        Decimals.EXACT);
    }

    private Fact lotTold(Ladder by, long further) {
        if (further > 0) {
            return Fact.of(
                    Told.LOT_AND_FURTHER, Part.count(further), Part.money(Objects.requireNonNull(by.furtherPiece())));
        }
        return Fact.of(line.piece().charges().isEmpty() ? Told.THE_LOT : Told.LOT_AND_CHARGES);
    }

    private static Fact times(long count, Money one) {
        return Fact.of(Told.TIMES, Part.count(count), Part.money(one));
    }

    /** A charge for each piece of the line. */
    private Fact timesEach(AppliedCharge charge) {
        Fact detail = charge.detail();
        return detail == null || detail.code() != Told.WORKED_TIMES_RATE
                ? Fact.of(Told.TIMES, Part.count(quantity()), Part.money(charge.value()))
                : Fact.of(
                        Told.TIMES_WORKED_RATE,
                        Part.count(quantity()),
                        detail.part("worked"),
                        detail.part("amount"),
                        detail.part("price"),
                        detail.part("unit"));
    }

    private BigDecimal times(BigDecimal each) {
        return each.multiply(BigDecimal.valueOf(quantity()), Decimals.EXACT);
    }

    private long quantity() {
        return line.asked().quantity();
    }
}
