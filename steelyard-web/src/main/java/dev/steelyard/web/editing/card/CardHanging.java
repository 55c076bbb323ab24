package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.sold.lines.Counted;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.under.Hanging;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What was sold by a card, counted as its beam counts. */
final class CardHanging {

    private static final int MOST_GOODS = 5_000;

    private CardHanging() {}

    /**
     * What hangs under it.
     *
     * @param covered the goods that it covers
     * @param rates whether the beam shown is that of the last case's rate
     */
    static @Nullable Hanging of(long id, RateCard card, List<Product> covered, @Nullable Beam beam, boolean rates) {
        if (beam == null) {
            return null;
        }
        Ladder ladder = card.ladder();
        Set<String> goods = covered.size() > MOST_GOODS
                ? null
                : covered.stream().map(one -> one.sku().value()).collect(Collectors.toUnmodifiableSet());
        if (rates) {
            return card.cases().all().stream()
                    .map(one -> one.piece())
                    .filter(piece -> piece instanceof PiecePrice.Rate rate && rate.breaks() != null)
                    .map(PiecePrice.Rate.class::cast)
                    .reduce((one, later) -> later)
                    .map(rate -> new Hanging(
                            beam,
                            Which.Of.card(id),
                            goods,
                            new Counted(Counted.What.AMOUNT_EACH, Over.LINE, rate.unit(), null),
                            Hanging.thresholds(
                                    rate.breaks() == null
                                            ? List.of()
                                            : rate.breaks().rows())))
                    .orElse(null);
        }
        return ladder == null
                ? null
                : new Hanging(
                        beam,
                        Which.Of.card(id),
                        goods,
                        new Counted(
                                ladder.counts() == Ladder.Counts.PIECES ? Counted.What.PIECES : Counted.What.AMOUNT,
                                ladder.over(),
                                ladder.counts() == Ladder.Counts.PIECES ? null : ladder.unit(),
                                null),
                        Hanging.thresholds(ladder.rows()));
    }
}
