package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Finish;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Notes;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A single line under one card, whatever the card covers: for curves and findings, which try many. */
public final class TrialLine {

    private final LineStart start;
    private final Tally tally;

    private TrialLine(LineStart start) {
        this.start = start;
        this.tally = start.tally();
    }

    /**
     * Reads the answers and prices a piece.
     *
     * @throws Refused where there is no price
     */
    public static TrialLine of(PreparedCard card, Asked asked, ShopRules rules) {
        return new TrialLine(LineStart.of(asked, new CardChoice(card, List.of()), rules, false));
    }

    /**
     * The line's price.
     *
     * @throws Refused where there is none
     */
    public PricedLine price() {
        return new LinePricer(start).price(tally);
    }

    /**
     * The line's total alone.
     *
     * @throws Refused where there is none
     */
    public Money total() {
        return new LinePricer(start).total(tally);
    }

    /** Whether a choice was shown and an option of it picked. */
    public boolean shows(String choice) {
        return start.choice().card().picked(start.asked(), choice);
    }

    /** Whether a piece has a price before any break. */
    public boolean hasPiece() {
        return start.late() == null;
    }

    /**
     * The piece before any break.
     *
     * @throws Refused where it has no price
     */
    public Piece piece() {
        if (start.late() != null) {
            throw start.late();
        }
        return start.piece();
    }

    /**
     * What the line comes to before it is rounded: line = R3(max(minimum, quantity × R2(perPiece) + rest)).
     *
     * @param perPiece exact; none where pieces differ in price, and rest is all there is
     * @param rest charges per line and set-up; the pieces too where they differ in price
     * @param reached the break that counts; none below the first
     */
    public record Unrounded(
            @Nullable BigDecimal perPiece, BigDecimal rest, @Nullable BigDecimal minimum, @Nullable Break reached) {}

    /**
     * The line before rounding.
     *
     * @throws Refused where there is no price
     */
    public Unrounded unrounded() {
        PiecePricer pieces = start.pieces();
        Laddered laddered = new LadderPricer(start, tally, Notes.NONE).price();
        Finish finish = start.choice().card().card().finish();
        BigDecimal rest = pieces.perLine();
        if (finish.setUp() != null) {
            rest = rest.add(finish.setUp(), Decimals.EXACT);
        }
        BigDecimal perPiece = laddered.perPiece() == null ? null : pieces.exact(laddered.reached());
        return new Unrounded(
                perPiece,
                perPiece == null ? rest.add(laddered.sum(), Decimals.EXACT) : rest,
                finish.minimum(),
                laddered.reached());
    }
}
