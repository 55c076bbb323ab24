package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.selling.shown.BreakTable.Tier;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Breaks that count an amount: of the rate of a piece, or of the ladder over all pieces. */
final class AmountTiers {

    private final PreparedCard card;
    private final Asked asked;
    private final ShopRules rules;
    private final AsSeen seen;

    AmountTiers(PreparedCard card, Asked asked, ShopRules rules, AsSeen seen) {
        this.card = card;
        this.asked = asked;
        this.rules = rules;
        this.seen = seen;
    }

    /**
     * What counts an amount.
     *
     * @param slices whether each slice has its own rate; else all units have the rate reached
     * @param first the rate before the first break; none where it cannot be told yet
     * @param amount of the order, in base units; none where it cannot be told yet
     */
    private record Counting(
            Unit unit,
            List<Break> rows,
            Ladder.Value value,
            boolean slices,
            @Nullable BigDecimal first,
            @Nullable BigDecimal amount) {}

    /** The ladder where it counts an amount, else the breaks of the rate in use; none where neither is there. */
    private Optional<Counting> counting() {
        Piece piece = piece();
        BigDecimal billable = piece == null ? null : piece.billable();
        PreparedLadder ladder = card.ladderFor(asked.item());
        if (ladder != null && ladder.countsAmount() && ladder.definition().unit() != null) {
            Ladder own = ladder.definition();
            return Optional.of(new Counting(
                    own.unit(),
                    ladder.breaks().inForce(asked.group(), asked.day()).all(),
                    own.value(),
                    own.mode() == Ladder.Mode.SLICE,
                    first(piece),
                    billable == null ? null : billable.multiply(BigDecimal.valueOf(asked.quantity()), Decimals.EXACT)));
        }
        PiecePrice used = card.card()
                .cases()
                .all()
                .get(piece == null ? 0 : piece.caseIndex())
                .piece();
        return used instanceof PiecePrice.Rate rate && rate.breaks() != null
                ? Optional.of(new Counting(
                        rate.unit(),
                        rate.breaks().rows().stream()
                                .sorted(Comparator.comparing(Break::from))
                                .toList(),
                        Ladder.Value.PRICE,
                        rate.breaks().slices(),
                        rate.price(),
                        billable))
                : Optional.empty();
    }

    BreakTable table(String style) {
        return counting().map(counting -> table(style, counting)).orElseGet(() -> BreakTable.none(card));
    }

    private @Nullable Piece piece() {
        try {
            return TrialLine.of(card, asked, rules).piece();
        } catch (Refused noPrice) {
            return null; // said beside the order
        }
    }

    private @Nullable BigDecimal first(@Nullable Piece piece) {
        if (piece != null) {
            return piece.rate();
        }
        return card.card().cases().all().get(0).piece() instanceof PiecePrice.Rate rate ? rate.price() : null;
    }

    private BreakTable table(String style, Counting counting) {
        Unit unit = counting.unit();
        List<Break> rows = counting.rows();
        BigDecimal first = counting.first();
        BigDecimal amount = counting.amount();
        boolean slices = counting.slices();
        Ladder.Value value = counting.value();
        List<Tier> tiers = new ArrayList<>();
        boolean fromZero = !rows.isEmpty() && rows.get(0).from().signum() == 0;
        if (first != null && !fromZero && !rows.isEmpty()) {
            BigDecimal end = rows.get(0).from();
            String words = seen.words().text(slices ? "tier.first" : "tier.under", "amount", with(end, unit));
            boolean reached = amount != null && amount.compareTo(unit.toBase(end)) < 0;
            tiers.add(tier(words, per(first, unit), "", "", reached));
        }
        for (int i = 0; i < rows.size(); i++) {
            Break row = rows.get(i);
            BigDecimal next = i + 1 < rows.size() ? rows.get(i + 1).from() : null;
            String lead = slices ? "tier.over" : "tier.from";
            boolean reached = amount != null
                    && amount.compareTo(unit.toBase(row.from())) >= 0
                    && (next == null || amount.compareTo(unit.toBase(next)) < 0);
            tiers.add(tier(
                    seen.words().text(lead, "amount", with(row.from(), unit)),
                    value == Ladder.Value.PRICE ? per(row.value(), unit) : "",
                    saves(row, value, first, unit),
                    seen.words().in(row.words().mark()),
                    reached));
        }
        return new BreakTable(style, false, false, null, tiers);
    }

    private String saves(Break row, Ladder.Value value, @Nullable BigDecimal first, Unit unit) {
        return switch (value) {
            case PERCENT_OFF -> seen.words().percent(row.value());
            case AMOUNT_OFF -> per(row.value(), unit);
            default -> first == null || first.signum() == 0 || first.compareTo(row.value()) <= 0
                    ? ""
                    : seen.words().percent(first.subtract(row.value()), first);
        };
    }

    private Tier tier(String words, String each, String saves, String mark, boolean reached) {
        return Tier.of(0, words, words, each, "", saves, "", mark, reached, false, seen.words());
    }

    private String per(BigDecimal price, Unit unit) {
        return seen.words()
                .text(
                        "per-unit",
                        "money",
                        seen.total(price),
                        "unit",
                        seen.words().symbol(unit));
    }

    private String with(BigDecimal amount, Unit unit) {
        return seen.words().amount(amount, unit);
    }

    /** How much more brings the price of a unit down, in a sentence; none where nothing does. */
    @Nullable
    String next() {
        return counting()
                .filter(counting -> counting.amount() != null)
                .map(this::next)
                .orElse(null);
    }

    private @Nullable String next(Counting counting) {
        Unit unit = counting.unit();
        BigDecimal amount = Objects.requireNonNull(counting.amount());
        boolean slices = counting.slices();
        Break above = counting.rows().stream()
                .filter(row -> unit.toBase(row.from()).compareTo(amount) > 0)
                .min(Comparator.comparing(Break::from))
                .orElse(null);
        if (above == null) {
            return null;
        }
        String more = with(unit.fromBase(unit.toBase(above.from()).subtract(amount, Decimals.EXACT)), unit);
        Words words = seen.words();
        return switch (counting.value()) {
            case PRICE -> words.text(
                    slices ? "next.amount-price-further" : "next.amount-price",
                    "amount",
                    more,
                    "unit",
                    words.symbol(unit),
                    "money",
                    seen.total(above.value()));
            case PERCENT_OFF -> words.text(
                    slices ? "next.amount-percent-further" : "next.amount-percent",
                    "amount",
                    more,
                    "percent",
                    words.number(above.value(), 0));
            default -> words.text("next.amount-off", "amount", more, "money", seen.total(above.value()));
        };
    }
}
