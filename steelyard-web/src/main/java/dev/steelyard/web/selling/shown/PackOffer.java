package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import java.util.ArrayList;
import java.util.List;

/**
 * A pack to pick, or any other amount.
 *
 * @param name empty for the own amount
 * @param price of the pack; empty for the own amount
 * @param perUnit “3.95 per kg”
 */
public record PackOffer(String name, String label, String price, String perUnit) {

    /** All that a card offers, in order; empty where it has no packs. */
    public static List<PackOffer> of(RateCard card, AsSeen seen) {
        List<PackOffer> offers = new ArrayList<>();
        card.cases().all().forEach(one -> {
            if (one.piece() instanceof PiecePrice.Packs packs) {
                for (PiecePrice.Pack pack : packs.packs()) {
                    String perUnit = UnitPrice.of(pack.price(), pack.unit().toBase(pack.amount()), pack.unit(), seen);
                    offers.add(new PackOffer(
                            pack.name(), pack.name(), seen.total(pack.price()), perUnit == null ? "" : perUnit));
                }
                PiecePrice.OwnAmount own = packs.own();
                if (own != null) {
                    offers.add(new PackOffer(
                            "",
                            seen.words().text("pack.any"),
                            "",
                            seen.words()
                                    .text(
                                            "per-unit",
                                            "money",
                                            seen.total(own.price()),
                                            "unit",
                                            seen.words().symbol(own.unit()))));
                }
            }
        });
        return offers.stream().distinct().toList();
    }
}
