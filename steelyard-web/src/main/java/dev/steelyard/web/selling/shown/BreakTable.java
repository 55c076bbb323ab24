package dev.steelyard.web.selling.shown;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakWords;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A card's breaks as the shop page shows them, each with what an order of its size comes to.
 *
 * @param style table, cards, line or none
 * @param pieces whether pieces are counted, so that a break can be picked; else an amount
 * @param mark “save up to 26 %”; none where it is not wanted or nothing is saved
 */
@Schema(name = "PriceTable")
@JsonInclude(JsonInclude.Include.NON_NULL)
public record BreakTable(String style, boolean pieces, boolean lots, @Nullable String mark, List<Tier> tiers) {

    private static final int MOST = 24;

    /**
     * A break.
     *
     * @param from the fewest pieces; 0 where an amount is counted
     * @param range “10 to 24”
     * @param title the owner's words for it, or “10 pieces”
     * @param each price of a piece or of a unit; empty while it cannot be told
     * @param total of an order at its threshold; empty while it cannot be told
     * @param saves “6.8 %”; empty where nothing is saved or it cannot be told
     * @param line the owner's second line with its figure put in
     * @param mark the owner's short word
     * @param reached whether it is the one that counts
     * @param together whether its price is that of all its pieces, whatever their number
     * @param eachWords “6.90 each”; “each further 27.00” beyond the last lot
     * @param worth “6.90”, “6 % off”, of a lot “180.00”; of a tier without a price yet and without a reduction, that it is
     *     the full price
     */
    public record Tier(
            long from,
            String range,
            String title,
            String each,
            String total,
            String saves,
            String line,
            String mark,
            boolean reached,
            boolean together,
            String eachWords,
            String worth) {

        static Tier of(
                long from,
                String range,
                String title,
                String each,
                String total,
                String saves,
                String line,
                String mark,
                boolean reached,
                boolean together,
                Words words) {
            String worth = together && !total.isEmpty()
                    ? total
                    : !each.isEmpty()
                            ? each
                            : saves.isEmpty() ? words.text("tier.full") : words.text("tier.off", "much", saves);
            String eachWords = each.isEmpty() ? "" : words.text("tier.each", "money", each);
            return new Tier(from, range, title, each, total, saves, line, mark, reached, together, eachWords, worth);
        }

        /** What each piece beyond the last lot costs. */
        static Tier further(long from, String range, String each, boolean reached) {
            return new Tier(from, range, range, each, "", "", "", "", reached, false, each, each);
        }
    }

    /** Without any break. */
    static BreakTable none(PreparedCard card) {
        return new BreakTable(style(card), true, false, null, List.of());
    }

    private static String style(PreparedCard card) {
        return card.card().shopPage().table().name().toLowerCase(Locale.ROOT);
    }

    /**
     * The table of a card for an order.
     *
     * @param counted pieces the ladder counts, with those in other lines
     */
    public static BreakTable of(PreparedCard card, Asked asked, long counted, ShopRules rules, AsSeen seen) {
        PreparedLadder ladder = card.ladderFor(asked.item());
        if (ladder == null || ladder.countsAmount()) {
            return new AmountTiers(card, asked, rules, seen).table(style(card));
        }
        BreaksInForce breaks = ladder.breaks().inForce(asked.group(), asked.day());
        return breaks.size() == 0
                ? none(card)
                : new PieceTiers(card, asked, ladder, breaks, rules, seen).table(counted);
    }

    /** Breaks that count pieces. */
    private record PieceTiers(
            PreparedCard card, Asked asked, PreparedLadder ladder, BreaksInForce breaks, ShopRules rules, AsSeen seen) {

        BreakTable table(long counted) {
            boolean lots = ladder.definition().mode() == Ladder.Mode.LOT;
            OrderQuantity orders = rules.orders(card);
            long least = orders.from(
                            ladder.soldFrom() == null
                                    ? Quantity.LEAST
                                    : ladder.soldFrom().longValue())
                    .orElse(Quantity.MOST);
            BigDecimal first = undiscounted(lots).orElse(null);
            List<Tier> tiers = new ArrayList<>();
            Saving most = Saving.NONE;
            if (!lots && breaks.pieces(0) > least) {
                tiers.add(tier(
                        least,
                        orders.upTo(breaks.pieces(0) - 1).orElse(least),
                        null,
                        priced(least).orElse(null),
                        Saving.NONE,
                        counted,
                        false));
            }
            for (int i = 0; i < Math.min(breaks.size(), MOST); i++) {
                long from = orders.from(breaks.pieces(i)).orElse(Quantity.MOST + 1L);
                long last = i + 1 < breaks.size() ? breaks.pieces(i + 1) - 1 : last(lots);
                if (from > last) {
                    continue; // none of its quantities can be ordered
                }
                last = last >= Quantity.MOST && orders.atMost() == null
                        ? last
                        : orders.upTo(last).orElse(last);
                PricedLine line = priced(from).orElse(null);
                Saving saving = Saving.of(first, line, seen.minor());
                most = saving.more(most);
                tiers.add(tier(from, last, breaks.get(i), line, saving, counted, lots));
            }
            BigDecimal further = lots ? ladder.definition().furtherPiece() : null;
            if (further != null && ladder.definition().upTo() != null) {
                tiers.add(further(ladder.definition().upTo().longValue() + 1, further, counted));
            }
            String mark = card.card().shopPage().saving() && most.some()
                    ? seen.words().text("tier.save-up-to", "percent", most.percent(seen.words()))
                    : null;
            return new BreakTable(style(card), true, lots, mark, tiers);
        }

        private long last(boolean lots) {
            BigDecimal upTo = ladder.definition().upTo();
            return lots && upTo != null ? upTo.longValue() : Quantity.MOST;
        }

        /** What each piece beyond the last lot costs. */
        private Tier further(long from, BigDecimal each, long counted) {
            Words words = seen.words();
            return Tier.further(
                    from,
                    words.text("range.more", "from", words.whole(from)),
                    words.text("tier.further", "money", seen.total(each)),
                    counted >= from);
        }

        /** What a piece costs below the first break, or at best in the first lot; exact. */
        private Optional<BigDecimal> undiscounted(boolean lots) {
            long first = breaks.pieces(0) - 1;
            if (lots) {
                first = breaks.size() > 1 ? breaks.pieces(1) - 1 : breaks.pieces(0);
            }
            OrderQuantity orders = rules.orders(card);
            long below = Math.max(Quantity.LEAST, Math.min(first, Quantity.MOST));
            return pricedAnyway(orders.upTo(below).orElse(orders.smallest().orElse(below)))
                    .map(line -> line.total().value().divide(BigDecimal.valueOf(line.quantity()), Decimals.EXACT));
        }

        private Optional<PricedLine> pricedAnyway(long quantity) {
            Optional<PricedLine> there = priced(quantity);
            return there.isPresent() || ladder.soldFrom() == null
                    ? there
                    : priced(ladder.soldFrom().longValue());
        }

        private Tier tier(
                long from,
                long last,
                @Nullable Break row,
                @Nullable PricedLine line,
                Saving saving,
                long counted,
                boolean lot) {
            BigDecimal each = line == null ? null : each(line);
            BreakWords words = row == null ? BreakWords.NONE : row.words();
            String title = !words.title().isEmpty()
                    ? seen.words().in(words.title())
                    : seen.words().text("pieces", "pieces", from);
            return Tier.of(
                    from,
                    range(from, last, seen.words()),
                    title,
                    each == null ? "" : seen.money(each, each.scale()),
                    line == null ? "" : seen.total(line.total().value()),
                    saving.some() ? saving.percent(seen.words()) : written(row, line),
                    line == null || each == null ? "" : second(words, each, line, saving),
                    seen.words().in(words.mark()),
                    counted >= from && counted <= last,
                    lot,
                    seen.words());
        }

        /** What the card says where no price can be told yet. */
        private String written(@Nullable Break row, @Nullable PricedLine line) {
            return row != null && line == null && ladder.definition().value() == Ladder.Value.PERCENT_OFF
                    ? seen.words().percent(row.value())
                    : "";
        }

        private String second(BreakWords words, BigDecimal each, PricedLine line, Saving saving) {
            boolean saves =
                    switch (words.figure()) {
                        case SAVED_EACH, SAVED_IN_ALL, SAVED_PERCENT -> true;
                        default -> false;
                    };
            if (saves && !saving.some()) {
                return "";
            }
            String figure =
                    switch (words.figure()) {
                        case NONE -> "";
                        case EACH -> seen.total(each);
                        case TOTAL -> seen.total(line.total().value());
                        case SAVED_EACH -> seen.total(saving.each(seen.minor()));
                        case SAVED_IN_ALL -> seen.total(saving.inAll());
                        case SAVED_PERCENT -> saving.percent(seen.words());
                    };
            return (seen.words().in(words.before()) + " " + figure + " "
                            + seen.words().in(words.after()))
                    .strip()
                    .replace("  ", " ");
        }

        private Optional<PricedLine> priced(long quantity) {
            try {
                Asked one = new Asked(asked.item(), quantity, asked.answers(), asked.group(), asked.day());
                return Optional.of(TrialLine.of(card, one, rules).price());
            } catch (Refused noPrice) {
                return Optional.empty(); // said beside the order, if it is asked for
            }
        }

        private static BigDecimal each(PricedLine line) {
            return line.shownPerPiece().value();
        }
    }

    static String range(long from, long last, Words words) {
        if (last >= Quantity.MOST) {
            return from == 1 ? words.text("range.any") : words.text("range.more", "from", words.whole(from));
        }
        return from == last
                ? words.whole(from)
                : words.text("range.to", "from", words.whole(from), "to", words.whole(last));
    }

    /** Whether a card's page shows its breaks at all. */
    public boolean shows() {
        return !style.equals(ShopPage.Table.NONE.name().toLowerCase(Locale.ROOT)) && tiers.size() > (lots ? 0 : 1);
    }
}
