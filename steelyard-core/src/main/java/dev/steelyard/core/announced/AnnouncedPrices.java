package dev.steelyard.core.announced;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Works out what a book announces to everyone for one of an item: one piece of goods about which nothing is asked, at the
 * fewest pieces that can be ordered; one unit of goods priced by a rate over one measurement, at the smallest amount of at
 * least one unit that can be ordered. Other goods have no price of one that everyone is told, so that none can be lowered.
 */
public final class AnnouncedPrices {

    private final PriceBook book;
    private final OwnTimes times;
    private final Customer everyone;

    /** When cards and deals count by what their owner wrote, whatever other version follows. */
    public interface OwnTimes {

        Times of(PreparedCard card);

        Times of(Deal deal);
    }

    /** @param home the country that goods go to where nobody says another; none where it is not known */
    public AnnouncedPrices(PriceBook book, OwnTimes times, @Nullable String home) {
        this.book = book;
        this.everyone = new Customer(null, false, false, home);
        this.times = times;
    }

    /** None where no price of one is announced, or it has none then. */
    public Optional<Announced> of(Item item, ZonedDateTime at) {
        PreparedCard card = book.cardFor(item.sku(), everyone, at);
        if (card == null) {
            return Optional.empty();
        }
        return order(item, card.card()).flatMap(line -> priced(line, card, at));
    }

    private Optional<OrderLine> order(Item item, RateCard card) {
        List<Ask> asks = card.asks();
        if (asks.isEmpty()) {
            return card.quantity().smallest().stream()
                    .mapToObj(pieces -> new OrderLine(item.sku(), pieces))
                    .findFirst();
        }
        boolean byRate = card.cases().all().stream().allMatch(one -> one.piece() instanceof PiecePrice.Rate);
        if (asks.size() != 1 || !byRate || !(asks.get(0) instanceof Measurement measured)) {
            return Optional.empty();
        }
        Unit per = rate(card).unit();
        return measured.unit().dimension() == per.dimension()
                ? card.quantity().smallest().stream()
                        .mapToObj(pieces -> new OrderLine(
                                item.sku(),
                                pieces,
                                Answers.of(Map.of(
                                        measured.name(), new Answer.Number(least(measured, per), measured.unit())))))
                        .findFirst()
                : Optional.empty();
    }

    private static PiecePrice.Rate rate(RateCard card) {
        return (PiecePrice.Rate) card.cases().all().get(0).piece();
    }

    /** The smallest amount that can be typed, of one unit at least, in the measurement's own unit. */
    private static BigDecimal least(Measurement measured, Unit per) {
        BigDecimal one = measured.unit().fromBase(per.toBase(BigDecimal.ONE));
        BigDecimal least = measured.least() == null ? one : measured.least().max(one);
        BigDecimal start = measured.least() == null ? BigDecimal.ZERO : measured.least();
        BigDecimal step = measured.step();
        return step == null || step.signum() == 0
                ? least
                : start.add(least.subtract(start)
                        .divide(step, 0, RoundingMode.CEILING)
                        .multiply(step));
    }

    private Optional<Announced> priced(OrderLine line, PreparedCard card, ZonedDateTime at) {
        PricedBasket basket = book.basket(List.of(line), Occasion.of(everyone, at));
        if (!basket.sellable() || !(basket.lines().get(0) instanceof PricedLine priced)) {
            return Optional.empty();
        }
        BigDecimal left = basket.dealt().left().get(0).value();
        BigDecimal units = BigDecimal.valueOf(priced.quantity());
        Unit per = null;
        if (priced.billable() != null && priced.billable().unit() != null) {
            per = priced.billable().unit();
            units = units.multiply(priced.billable().value(), Decimals.EXACT);
        }
        boolean measured = !card.card().asks().isEmpty();
        if (measured && (per == null || units.signum() <= 0)) {
            return Optional.empty();
        }
        int decimals =
                book.rules().roundingFor(priced.item().product(), card.card()).unitPriceDecimals();
        return Optional.of(new Announced(
                left.divide(units, decimals, RoundingMode.HALF_UP), per, isForATime(basket, priced, card, at)));
    }

    private boolean isForATime(PricedBasket basket, PricedLine line, PreparedCard card, ZonedDateTime at) {
        return times.of(card).isForATime()
                || line.reached() != null && line.reached().validity().dated()
                || isRateForATime(line, card.card(), at.toLocalDate())
                || basket.dealt().used().stream().map(Dealt.Used::deal).anyMatch(deal -> times.of(deal)
                        .isForATime());
    }

    /** Whether the break of a rate that its billable amount reaches, or one of its slices, holds for a time. */
    private static boolean isRateForATime(PricedLine line, RateCard card, LocalDate day) {
        Figure billable = line.billable();
        if (billable == null || card.validities().noneMatch(Validity::dated)) {
            return false;
        }
        return card.cases().all().stream()
                .filter(one -> one.piece() instanceof PiecePrice.Rate)
                .map(one -> (PiecePrice.Rate) one.piece())
                .filter(rate -> rate.breaks() != null)
                .anyMatch(rate -> isForATime(rate, billable, day));
    }

    private static boolean isForATime(PiecePrice.Rate rate, Figure billable, LocalDate day) {
        PiecePrice.RateBreaks breaks = Objects.requireNonNull(rate.breaks());
        BreaksInForce inForce = breaks.prepared(rate.unit()).inForce(null, day);
        int reached = inForce.indexReached(rate.unit().toBase(billable.value()));
        return IntStream.rangeClosed(breaks.slices() ? 0 : Math.max(reached, 0), reached)
                .anyMatch(at -> inForce.get(at).validity().dated());
    }
}
