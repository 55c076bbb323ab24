package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A line whose card is found and whose piece is priced, before any break.
 *
 * @param ladder the ladder that counts; none for none
 * @param breaks of it that count for this customer and day
 * @param pieces the price of one piece under each of them
 * @param orders how many pieces the line can have
 * @param late why a piece has no price, which is said only where nothing is wrong with the quantity; none where it has one
 */
record LineStart(
        Asked asked,
        CardChoice choice,
        @Nullable PreparedLadder ladder,
        BreaksInForce breaks,
        Piece piece,
        PiecePricer pieces,
        Rounding rounding,
        OrderQuantity orders,
        Notes notes,
        @Nullable Refused late) {

    private static final Piece NO_PIECE = new Piece(0, BigDecimal.ZERO, BigDecimal.ZERO, null, null, null, List.of());

    /**
     * Finds the ladder and prices the piece.
     *
     * @throws Refused where there is no price
     */
    static LineStart of(Asked asked, CardChoice choice, ShopRules rules, boolean explain) {
        if (!Quantity.allowed(asked.quantity())) {
            throw Refused.at(
                    Place.QUANTITY,
                    Refusal.QUANTITY_NOT_ALLOWED,
                    Part.count(asked.quantity()),
                    Part.count(Quantity.LEAST),
                    Part.count(Quantity.MOST));
        }
        PreparedCard card = choice.card();
        OrderQuantity orders = rules.orders(card);
        if (!orders.fits(asked.quantity())) {
            throw Tellings.notOrdered(asked.quantity(), orders);
        }
        Rounding rounding = rules.roundingFor(asked.item().product(), card.card());
        Notes notes = explain ? Notes.of(rounding) : Notes.NONE;
        PreparedLadder ladder = card.ladderFor(asked.item());
        BreaksInForce breaks =
                ladder == null ? BreaksInForce.NONE : ladder.breaks().inForce(asked.group(), asked.day());
        Ladder definition = ladder == null ? null : ladder.definition();
        Piece piece = NO_PIECE;
        Refused late = null;
        try {
            piece = card.piece(asked, notes);
        } catch (Refused refused) {
            if (!refused.isAt(Place.PIECE) || ladder == null || ladder.countsAmount()) {
                throw closed(refused, choice, asked.item());
            }
            late = closed(refused, choice, asked.item());
        }
        PiecePricer pieces = new PiecePricer(piece, definition, rounding);
        return new LineStart(asked, choice, ladder, breaks, piece, pieces, rounding, orders, notes, late);
    }

    /** Goods that have a price at other times only are not without one: that is what is said. */
    private static Refused closed(Refused refused, CardChoice choice, Item item) {
        boolean noPrice = refused.faults().get(0).kind() == Kind.NO_PRICE && refused.isAt(Place.PIECE);
        Fact notNow = PassedOverFor.NOT_NOW.said();
        return noPrice
                        && choice.passedOver().stream()
                                .anyMatch(card -> card.reason().equals(notNow))
                ? Refused.at(Place.PIECE, Kind.NO_PRICE, Refusal.NOT_SOLD_NOW, Part.name(item.told()))
                : refused;
    }

    /** Its billable amount over all its pieces, in base units; 0 where nothing is measured. */
    BigDecimal amount() {
        return piece.billable() == null
                ? BigDecimal.ZERO
                : piece.billable().multiply(BigDecimal.valueOf(asked.quantity()), Decimals.EXACT);
    }

    /** What it counts alone. */
    Tally tally() {
        return new Tally(0, asked.quantity(), BigDecimal.ZERO, amount());
    }

    Sku product() {
        return asked.item().product().sku();
    }

    /** What it is counted together with: its place in the basket alone, its product or its card. */
    Object countedWith(int index) {
        Over over = ladder == null ? Over.LINE : ladder.definition().over();
        return switch (over) {
            case LINE -> index;
            case PRODUCT -> product();
            case CARD -> choice.card();
        };
    }
}
