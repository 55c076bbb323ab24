package dev.steelyard.core.pricing;

import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.unit.Unit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** How breaks and quantities of a line are told. */
final class Tellings {

    private Tellings() {}

    /** What a line's ladder counts and which break that reaches. */
    static Fact reaching(LineStart line, Tally tally, Break reached) {
        Ladder ladder = Objects.requireNonNull(line.ladder()).definition();
        if (ladder.counts() == Counts.PIECES) {
            return reaching(line.asked().quantity(), tally.pieces(), reached);
        }
        Unit unit = Objects.requireNonNull(ladder.unit());
        return Fact.of(
                Told.AMOUNT_REACHES,
                Part.amount(unit.fromBase(tally.amount()), unit),
                Part.amount(reached.from(), unit),
                Part.name(reached.group()),
                Part.day(reached.validity().from()),
                Part.day(lastDay(reached)));
    }

    /** “12 pieces reach ‘from 10’ for Boatyard”, with the pieces of other lines where they helped. */
    static Fact reaching(long quantity, long counted, Break reached) {
        Part from = Part.number(reached.from());
        Part group = Part.name(reached.group());
        Part since = Part.day(reached.validity().from());
        Part until = Part.day(lastDay(reached));
        return counted == quantity
                ? Fact.of(Told.PIECES_REACH, Part.count(counted), from, group, since, until)
                : Fact.of(
                        Told.PIECES_TOGETHER_REACH,
                        Part.count(quantity),
                        Part.count(counted - quantity),
                        Part.count(counted),
                        from,
                        group,
                        since,
                        until);
    }

    private static @Nullable LocalDate lastDay(Break reached) {
        return reached.validity().until() == null ? null : reached.validity().lastDay();
    }

    /** What a break does: “6 % off”; nothing for a price of a piece, which stands beside it. */
    static Part gives(LineStart line, Break reached) {
        Ladder ladder = Objects.requireNonNull(line.ladder()).definition();
        return switch (ladder.value()) {
            case PRICE -> ladder.unit() == null
                    ? Part.NONE
                    : Part.of(Told.PRICE_PER, Part.money(reached.value()), new Part.UnitOf(ladder.unit()));
            case PERCENT_OFF -> Part.of(Told.PERCENT_OFF, Part.number(reached.value()));
            default -> Part.of(Told.OFF_EACH, Part.money(reached.value()));
        };
    }

    /** The rate of a slice: “at 10 % off”. */
    static Part atBreak(Ladder ladder, @Nullable Break reached) {
        if (reached == null) {
            return Part.NONE;
        }
        return switch (ladder.value()) {
            case PRICE -> Part.of(Told.AT_PRICE, Part.money(reached.value()));
            case PERCENT_OFF -> Part.of(Told.AT_PERCENT_OFF, Part.number(reached.value()));
            default -> Part.of(Told.AT_MONEY_OFF, Part.money(reached.value()));
        };
    }

    /** “7 pieces cannot be ordered: sold at least 10, in multiples of 5; order 10”. */
    static Refused notOrdered(long pieces, OrderQuantity orders) {
        List<Part> sold = new ArrayList<>();
        if (orders.atLeast() != null) {
            sold.add(Part.of(Refusal.AT_LEAST, Part.count(orders.atLeast())));
        }
        if (orders.atMost() != null) {
            sold.add(Part.of(Refusal.AT_MOST, Part.count(orders.atMost())));
        }
        if (orders.multipleOf() != null) {
            sold.add(Part.of(Refusal.IN_MULTIPLES, Part.count(orders.multipleOf())));
        }
        return Refused.at(
                Place.QUANTITY,
                Refusal.ORDER_QUANTITY,
                Part.count(pieces),
                Part.all(Join.LIST, sold),
                Part.all(
                        Join.OR,
                        orders.nearest(pieces).stream().map(Part::count).toList()));
    }
}
