package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Finish;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.RefusedLine.Place;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** Prices one line whose card, breaks and counted pieces are known. */
final class LinePricer {

    private final Item item;
    private final CardChoice choice;
    private final @Nullable BreaksInForce breaks;
    private final Rounding rounding;

    LinePricer(Item item, CardChoice choice, @Nullable BreaksInForce breaks, Rounding rounding) {
        this.item = item;
        this.choice = choice;
        this.breaks = breaks;
        this.rounding = rounding;
    }

    LineResult price(long quantity, long counted, boolean explain) {
        BigDecimal shelfPrice = item.shelfPrice();
        if (shelfPrice == null) {
            return noShelfPrice(item);
        }
        Break reached = breaks == null ? null : breaks.reached(counted);
        BigDecimal exact = reached == null ? shelfPrice : reached.price();
        Money perPiece = rounding.pricePerPiece(exact);
        BigDecimal laddered = perPiece.times(quantity);
        Money total = rounding.lineTotal(finished(laddered));
        if (exact.signum() < 0 || total.value().signum() < 0) {
            return new RefusedLine(Place.PIECE, "the price comes to less than 0");
        }
        if (Decimals.tooLarge(perPiece.value()) || Decimals.tooLarge(total.value())) {
            return new RefusedLine(Place.PIECE, "the line comes to 1000000000000 or more, which is refused");
        }
        return new PricedLine(
                item,
                quantity,
                counted,
                shelfPrice,
                perPiece,
                rounding.shownPerPiece(total, quantity),
                total,
                reached,
                nextCheaper(perPiece, counted),
                choice.card().name(),
                explain ? reckoning(quantity, counted, shelfPrice, reached, perPiece, total) : Reckoning.NOT_ASKED);
    }

    static RefusedLine noShelfPrice(Item item) {
        return new RefusedLine(Place.PIECE, item.name() + " has no price yet");
    }

    private BigDecimal finished(BigDecimal laddered) {
        Finish finish = choice.card().finish();
        BigDecimal withSetUp = finish.setUp() == null ? laddered : laddered.add(finish.setUp(), Decimals.EXACT);
        return finish.minimum() == null ? withSetUp : withSetUp.max(finish.minimum());
    }

    private @Nullable NextBreak nextCheaper(Money perPiece, long counted) {
        if (breaks == null) {
            return null;
        }
        for (Break above : breaks.above(counted)) {
            Money price = rounding.pricePerPiece(above.price());
            if (price.compareTo(perPiece) < 0) {
                return new NextBreak(above.from() - counted, price);
            }
        }
        return null;
    }

    private Reckoning reckoning(
            long quantity, long counted, BigDecimal shelfPrice, @Nullable Break reached, Money perPiece, Money total) {
        ReckoningWriter writer = new ReckoningWriter(rounding);
        writer.piece("Shelf price", item.name(), shelfPrice, null);
        BigDecimal exact = shelfPrice;
        if (reached != null) {
            exact = reached.price();
            writer.piece("Breaks", Words.reaching(quantity, counted, reached), exact, null);
        }
        if (exact.compareTo(perPiece.value()) != 0) {
            writer.piece("Price of one piece", Decimals.plain(exact, 0), perPiece.value(), "R2");
        }
        BigDecimal laddered = perPiece.times(quantity);
        String product = quantity + " × " + perPiece;
        Finish finish = choice.card().finish();
        if (finish.setUp() != null) {
            writer.line("Pieces", product, laddered, null);
            laddered = laddered.add(finish.setUp(), Decimals.EXACT);
            product = "with the set-up charge of " + Decimals.plain(finish.setUp(), rounding.minorDigits());
        }
        if (finish.minimum() != null && finish.minimum().compareTo(laddered) > 0) {
            writer.line(finish.setUp() == null ? "Pieces" : "With set-up", product, laddered, null);
            laddered = finish.minimum();
            product = "the minimum charge";
        }
        boolean changed = laddered.compareTo(total.value()) != 0;
        writer.line("Line", product, total.value(), changed ? "R3" : null);
        return writer.reckoning(choice.passedOver());
    }
}
