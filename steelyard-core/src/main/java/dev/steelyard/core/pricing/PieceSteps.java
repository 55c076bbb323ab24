package dev.steelyard.core.pricing;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.AppliedCharge;
import dev.steelyard.core.prepared.AppliedCharge.How;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Step.Point;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Told;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Writes how a piece price becomes the price of one piece: its break, its charges, R2. */
final class PieceSteps {

    private final LineStart line;
    private final PiecePricer pieces;
    private final Notes notes;

    PieceSteps(LineStart line, PiecePricer pieces, Notes notes) {
        this.line = line;
        this.pieces = pieces;
        this.notes = notes;
    }

    /** All units: the break that the tally reaches. */
    void write(@Nullable Break reached, Tally tally, Money one) {
        steps(reached, one, reached == null ? null : Tellings.reaching(line, tally, reached));
    }

    /** Slice by slice: the pieces of one slice. */
    void write(@Nullable Break reached, Money one, long first, long last) {
        steps(reached, one, Fact.of(Told.PIECES_FROM_TO, Part.count(first), Part.count(last)));
    }

    private void steps(@Nullable Break reached, Money one, @Nullable Fact who) {
        boolean choices = pieces.reducesChoices(reached);
        if (reached != null && !choices) {
            notes.piece(Fact.of(Told.BREAKS), reached(who, reached), pieces.piecePrice(reached), null);
        }
        BigDecimal percentOf = choices ? line.piece().withBase() : pieces.piecePrice(reached);
        for (AppliedCharge charge : line.piece().charges()) {
            if (charge.how() == How.PER_PIECE) {
                notes.piece(charge.what(), charge.detail(), charge.value(), null);
            } else if (charge.how() == How.PERCENT) {
                Fact detail = Fact.of(Told.PERCENT_OF, Part.number(charge.value()), Part.money(percentOf));
                notes.piece(charge.what(), detail, PiecePricer.share(percentOf, charge.value()), null);
            }
        }
        if (choices) {
            BigDecimal whole = pieces.charged(percentOf, percentOf);
            notes.piece(Fact.of(Told.WITH_CHOICES), Fact.of(Told.PIECE_AND_CHOICES), whole, null);
            notes.piece(
                    Fact.of(Told.BREAKS), reached(who, Objects.requireNonNull(reached)), pieces.exact(reached), null);
        }
        BigDecimal exact = pieces.exact(reached);
        boolean rounds = exact.compareTo(one.value()) != 0;
        if (rounds || !line.piece().charges().isEmpty()) {
            notes.piece(
                    Fact.of(Told.PRICE_OF_ONE),
                    Fact.of(Told.EXACTLY, Part.number(exact)),
                    one.value(),
                    rounds ? Point.R2 : null);
        }
    }

    private Fact reached(@Nullable Fact who, Break reached) {
        return Fact.of(Told.REACHED, Part.of(who), Tellings.gives(line, reached));
    }
}
