package dev.steelyard.core.pricing;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.AppliedCharge;
import dev.steelyard.core.prepared.AppliedCharge.How;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The price of one piece of a line under each break of its ladder. */
final class PiecePricer {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private final Piece piece;
    private final @Nullable Ladder ladder;
    private final Rounding rounding;
    private final BigDecimal whole;
    private final BigDecimal fixed;
    private final BigDecimal percent;
    private final BigDecimal perLine;

    PiecePricer(Piece piece, @Nullable Ladder ladder, Rounding rounding) {
        this.piece = piece;
        this.ladder = ladder;
        this.rounding = rounding;
        this.whole = piece.withBase();
        this.fixed = sum(How.PER_PIECE);
        this.percent = sum(How.PERCENT);
        this.perLine = sum(How.PER_LINE);
    }

    /** @throws Refused where the piece price before breaks is below 0 */
    void notBelowZero() {
        if (whole.signum() < 0) {
            throw Refused.at(Place.PIECE, Kind.NEGATIVE, Refusal.PIECE_NEGATIVE, Part.money(whole));
        }
    }

    /** The charges of one kind, added up. */
    private BigDecimal sum(How how) {
        BigDecimal sum = BigDecimal.ZERO;
        for (AppliedCharge charge : piece.charges()) {
            if (charge.how() == how) {
                sum = sum.add(charge.value(), Decimals.EXACT);
            }
        }
        return sum;
    }

    /** The price of one piece with the break reached (none: below the first), exact. */
    BigDecimal exact(@Nullable Break reached) {
        BigDecimal one = reducesChoices(reached)
                ? reduced(charged(whole, whole), Objects.requireNonNull(reached))
                : chargedAfter(reached);
        if (one.signum() < 0) {
            throw Refused.at(Place.PIECE, Kind.NEGATIVE, Refusal.ONE_PIECE_NEGATIVE, Part.money(one));
        }
        if (Decimals.tooLarge(one)) {
            throw tooLarge();
        }
        return one;
    }

    /** The same, rounded by R2. */
    Money rounded(@Nullable Break reached) {
        return rounding.pricePerPiece(exact(reached));
    }

    /** The same where it is only a hint or compared: none where a piece would have no price there. */
    @Nullable
    Money roundedIfAny(@Nullable Break reached) {
        try {
            return rounded(reached);
        } catch (Refused noPriceThere) {
            return null;
        }
    }

    /** What breaks take off from: a piece below the first, or at the first where it has no price else; none for lots. */
    @Nullable
    Money unreduced(BreaksInForce breaks) {
        if (whole.signum() > 0) {
            return roundedIfAny(null);
        }
        return ladder == null || ladder.value() == Value.LOT_TOTAL || breaks.size() == 0
                ? null
                : roundedIfAny(breaks.get(0));
    }

    /** The piece price with the break reached, before charges for choices. */
    BigDecimal piecePrice(@Nullable Break reached) {
        return reached == null ? whole : reduced(whole, reached);
    }

    /** A percentage of something. */
    static BigDecimal share(BigDecimal of, BigDecimal percent) {
        return of.multiply(percent, Decimals.EXACT).movePointLeft(2);
    }

    BigDecimal percent() {
        return percent;
    }

    /** Charges once for the line. */
    BigDecimal perLine() {
        return perLine;
    }

    BigDecimal fixed() {
        return fixed;
    }

    boolean reducesChoices(@Nullable Break reached) {
        return reached != null && ladder != null && ladder.reduceChoices() && ladder.value() != Value.PRICE;
    }

    private BigDecimal chargedAfter(@Nullable Break reached) {
        BigDecimal price = piecePrice(reached);
        return piece.charges().isEmpty() ? price : charged(price, price);
    }

    /** With the charges for each piece; those in percent of a piece price. */
    BigDecimal charged(BigDecimal price, BigDecimal percentOf) {
        return price.add(fixed, Decimals.EXACT).add(share(percentOf, percent), Decimals.EXACT);
    }

    BigDecimal reduced(BigDecimal price, Break reached) {
        Ladder by = Objects.requireNonNull(ladder);
        return switch (by.value()) {
            case PRICE -> replaced(reached.value(), by);
            case PERCENT_OFF -> share(price, HUNDRED.subtract(reached.value()));
            default -> price.subtract(reached.value(), Decimals.EXACT).max(BigDecimal.ZERO);
        };
    }

    /** For a measured piece a price is a rate and the base charge stays; else it is all there is. */
    private BigDecimal replaced(BigDecimal price, Ladder by) {
        if (piece.billable() == null || by.unit() == null) {
            return price;
        }
        return by.unit().price(piece.billable(), price).add(piece.base(), Decimals.EXACT);
    }

    static Refused tooLarge() {
        return Refused.at(Place.PIECE, Kind.TOO_LARGE, Refusal.LINE_TOO_LARGE);
    }
}
