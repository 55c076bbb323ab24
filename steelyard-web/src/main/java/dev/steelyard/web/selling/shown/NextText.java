package dev.steelyard.web.selling.shown;

import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.NextBreak;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** What a little more would bring, in pieces or in an amount. */
public final class NextText {

    private NextText() {}

    /**
     * “13 more and each costs 6.20”, of lots “4 more: 10 cost 180.00 together”, “62.5 m more and each further m costs 2.40”;
     * none where nothing gets cheaper.
     */
    public static @Nullable String of(PricedLine line, PreparedCard card, Asked asked, ShopRules rules, AsSeen seen) {
        NextBreak next = line.next();
        if (next == null) {
            return new AmountTiers(card, asked, rules, seen).next();
        }
        PreparedLadder ladder = card.ladderFor(asked.item());
        Words words = seen.words();
        if (ladder != null && ladder.definition().mode() == Ladder.Mode.LOT) {
            return lot(next.more(), card, asked, rules, seen);
        }
        int decimals = next.pricePerPiece().value().scale();
        return words.text(
                "next.pieces",
                "more",
                words.whole(next.more()),
                "money",
                seen.money(next.pricePerPiece().value(), decimals));
    }

    /** The whole lot, since its further pieces may cost more or less than the first ones. */
    private static @Nullable String lot(long pieces, PreparedCard card, Asked asked, ShopRules rules, AsSeen seen) {
        long then = asked.quantity() + pieces;
        try {
            Asked whole = new Asked(asked.item(), then, asked.answers(), asked.group(), asked.day());
            BigDecimal total = TrialLine.of(card, whole, rules).price().total().value();
            return seen.words()
                    .text(
                            "next.lot",
                            "more",
                            seen.words().whole(pieces),
                            "then",
                            seen.words().whole(then),
                            "money",
                            seen.total(total));
        } catch (Refused noPrice) {
            return null;
        }
    }
}
