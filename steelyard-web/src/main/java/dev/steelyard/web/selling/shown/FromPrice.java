package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Finish;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What goods cost at least, before anything is typed: “from 21.40 per m²”.
 *
 * @param lead “from”, or empty where there is one price only
 * @param least the figure
 * @param money the same as shown
 * @param per “per m²”, “at the smallest size”; empty for a piece
 */
public record FromPrice(String lead, BigDecimal least, String money, String per) {

    /** As one text. */
    public String words(Words by) {
        return by.text("from.words", "lead", lead, "money", money, "per", per);
    }

    /** The least of several, as “from” where they are not all the same; none of none. */
    public static Optional<FromPrice> leastOf(List<FromPrice> prices, Words by) {
        return prices.stream().min(Comparator.comparing(FromPrice::least)).map(least -> {
            boolean same = prices.stream().allMatch(other -> other.least().compareTo(least.least()) == 0);
            return same ? least : new FromPrice(by.text("from.lead"), least.least(), least.money(), least.per());
        });
    }

    /** None where nothing can be said, since there is no price yet. */
    public static Optional<FromPrice> of(
            PreparedCard card, Item item, @Nullable String group, LocalDate day, ShopRules rules, AsSeen seen) {
        return new Search(card, item, group, day, rules, seen).find();
    }

    private record Search(
            PreparedCard card, Item item, @Nullable String group, LocalDate day, ShopRules rules, AsSeen seen) {

        Optional<FromPrice> find() {
            List<Case> cases = card.card().cases().all();
            List<PiecePrice.Rate> rates = rates(cases);
            if (rates.size() == cases.size()) {
                return rate(rates);
            }
            List<BigDecimal> listed =
                    cases.stream().flatMap(this::listed).map(this::withFlat).toList();
            if (!listed.isEmpty()) {
                return Optional.of(
                        said(listed.stream().min(Comparator.naturalOrder()).orElseThrow(), listed.size() > 1, ""));
            }
            return card.card().asks().isEmpty() ? byPieces() : atTheSmallest();
        }

        private static List<PiecePrice.Rate> rates(List<Case> cases) {
            return cases.stream()
                    .map(Case::piece)
                    .filter(PiecePrice.Rate.class::isInstance)
                    .map(PiecePrice.Rate.class::cast)
                    .toList();
        }

        /** The lowest rate; where units differ, of the first case's unit. */
        private Optional<FromPrice> rate(List<PiecePrice.Rate> rates) {
            Unit unit = rates.get(0).unit();
            List<BigDecimal> prices = new ArrayList<>();
            for (PiecePrice.Rate rate : rates) {
                if (rate.unit() == unit) {
                    prices.add(rate.price());
                    if (rate.breaks() != null) {
                        rate.breaks().rows().forEach(row -> prices.add(row.value()));
                    }
                }
            }
            Ladder ladder = card.card().ladder();
            if (ladder != null && ladder.value() == Ladder.Value.PRICE && ladder.unit() == unit) {
                inForce().forEach(row -> prices.add(row.value()));
            }
            return Optional.of(
                    said(prices.stream().min(Comparator.naturalOrder()).orElseThrow(), true, rateWords(unit)));
        }

        /** With what is charged beside a rate: nobody pays the rate alone. */
        private String rateWords(Unit unit) {
            Finish finish = card.card().finish();
            BigDecimal base = card.card().cases().all().stream()
                    .map(one -> one.base() == null ? BigDecimal.ZERO : one.base())
                    .min(Comparator.naturalOrder())
                    .orElse(BigDecimal.ZERO);
            boolean setUp = finish.setUp() != null && finish.setUp().signum() != 0;
            return seen.words()
                    .text(
                            "from.rate",
                            "unit",
                            seen.words().symbol(unit),
                            "base",
                            base.signum() > 0 ? seen.total(base) : "",
                            "setUp",
                            setUp ? seen.total(finish.setUp()) : "",
                            "least",
                            finish.minimum() == null ? "" : seen.total(finish.minimum()));
        }

        /** A listed price with what is charged once, and not less than the minimum: what one piece costs alone. */
        private BigDecimal withFlat(BigDecimal listed) {
            Finish finish = card.card().finish();
            BigDecimal sum = finish.setUp() == null ? listed : listed.add(finish.setUp(), Decimals.EXACT);
            return finish.minimum() == null ? sum : sum.max(finish.minimum());
        }

        /** Prices that stand in the card as they are: packs with the smallest own amount, cells of a grid. */
        private Stream<BigDecimal> listed(Case one) {
            Stream<BigDecimal> prices = Stream.empty();
            if (one.piece() instanceof PiecePrice.Packs packs) {
                prices = Stream.concat(
                        packs.packs().stream().map(PiecePrice.Pack::price),
                        Stream.ofNullable(packs.own()).flatMap(this::smallest));
            } else if (one.piece() instanceof PiecePrice.Grid grid) {
                prices = grid.prices().stream().flatMap(List::stream).filter(Objects::nonNull);
            }
            @Nullable BigDecimal base = one.base();
            return base == null ? prices : prices.map(price -> price.add(base, Decimals.EXACT));
        }

        /** The smallest amount of one's own that can be ordered. */
        private Stream<BigDecimal> smallest(PiecePrice.OwnAmount own) {
            return card.card().measurements().stream()
                    .filter(ask -> ask.name().equals(own.by()) && ask.least() != null)
                    .map(ask -> own.unit().price(ask.unit().toBase(Objects.requireNonNull(ask.least())), own.price()));
        }

        /** Nothing is asked: the lowest price of a piece at any threshold. */
        private Optional<FromPrice> byPieces() {
            Ladder ladder = ladder();
            List<BigDecimal> each = new ArrayList<>();
            OrderQuantity orders = rules.orders(card);
            List<Long> quantities = new ArrayList<>();
            orders.smallest().ifPresent(quantities::add);
            inForce().forEach(row -> orders.from(row.pieces()).ifPresent(quantities::add));
            boolean lots = ladder != null && ladder.mode() == Ladder.Mode.LOT;
            for (long quantity : quantities) {
                priced(quantity, Map.of())
                        .ifPresent(line -> each.add(
                                lots
                                        ? line.total().value()
                                        : line.shownPerPiece().value()));
            }
            return each.stream()
                    .min(Comparator.naturalOrder())
                    .map(least -> said(least, each.stream().distinct().count() > 1, ""));
        }

        /** A formula: what the smallest size with the first options costs. */
        private Optional<FromPrice> atTheSmallest() {
            Map<String, String> smallest = new LinkedHashMap<>();
            for (Measurement ask : card.card().measurements()) {
                BigDecimal least = ask.least() == null ? BigDecimal.ONE : ask.least();
                smallest.put(TypedAnswers.ANSWER + ask.name(), Decimals.plain(least, 0));
            }
            card.card()
                    .choices()
                    .forEach(choice -> smallest.put(
                            TypedAnswers.ANSWER + choice.name(),
                            choice.start() != null
                                    ? choice.start()
                                    : choice.optionNames().stream().findFirst().orElse("")));
            String per =
                    card.card().measurements().isEmpty() ? "" : seen.words().text("from.smallest");
            return priced(rules.orders(card).smallest().orElse(1), smallest)
                    .map(line -> said(line.shownPerPiece().value(), false, per));
        }

        private Optional<PricedLine> priced(long quantity, Map<String, String> fields) {
            Asked asked = new Asked(item, quantity, new TypedAnswers(fields, "").answers(card.card()), group, day);
            try {
                return Optional.of(TrialLine.of(card, asked, rules).price());
            } catch (Refused noPrice) {
                return Optional.empty();
            }
        }

        private @Nullable Ladder ladder() {
            PreparedLadder ladder = card.ladderFor(item);
            return ladder == null ? null : ladder.definition();
        }

        private List<Break> inForce() {
            PreparedLadder ladder = card.ladderFor(item);
            return ladder == null
                    ? List.of()
                    : ladder.breaks().inForce(group, day).all();
        }

        private FromPrice said(BigDecimal least, boolean several, String per) {
            int decimals = rules.roundingFor(item.product(), card.card()).unitPriceDecimals();
            BigDecimal rounded = least.scale() <= decimals ? least : least.setScale(decimals, RoundingMode.HALF_UP);
            return new FromPrice(
                    several ? seen.words().text("from.lead") : "", rounded, seen.money(rounded, decimals), per);
        }
    }
}
