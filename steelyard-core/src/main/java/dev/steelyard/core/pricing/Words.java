package dev.steelyard.core.pricing;

import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.unit.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The sentences of a reckoning. */
final class Words {

    private Words() {}

    /** What a line's ladder counts and which break that reaches. */
    static String reaching(LineStart line, Tally tally, Break reached) {
        Ladder ladder = Objects.requireNonNull(line.ladder()).definition();
        if (ladder.counts() == Counts.PIECES) {
            return reaching(line.asked().quantity(), tally.pieces(), reached);
        }
        Unit unit = Objects.requireNonNull(ladder.unit());
        return new Figure(unit.fromBase(tally.amount()), 0, unit) + " in all reach “from "
                + new Figure(reached.from(), 0, unit) + "”" + group(reached) + days(reached);
    }

    /** “12 pieces reach ‘from 10’ for Boatyard”, with the pieces of other lines named where they helped. */
    static String reaching(long quantity, long counted, Break reached) {
        String pieces = Quantity.words(counted) + (counted == 1 ? " reaches" : " reach");
        String sum = counted == quantity ? pieces : quantity + " here + " + (counted - quantity) + " more = " + pieces;
        return sum + " “from " + reached.from().toPlainString() + "”" + group(reached) + days(reached);
    }

    /** What a break does: “: 6 % off”; nothing for a price of a piece, which stands beside it. */
    static String value(LineStart line, Break reached) {
        Ladder ladder = Objects.requireNonNull(line.ladder()).definition();
        return switch (ladder.value()) {
            case PRICE -> ladder.unit() == null
                    ? ""
                    : ": " + Decimals.plain(reached.value(), 2) + " per "
                            + ladder.unit().symbol();
            case PERCENT_OFF -> ": " + Decimals.plain(reached.value(), 0) + " % off";
            default -> ": " + Decimals.plain(reached.value(), 2) + " off each";
        };
    }

    /** The rate of a slice: “ at 10 % off”. */
    static String atBreak(Ladder ladder, @Nullable Break reached) {
        if (reached == null) {
            return "";
        }
        return switch (ladder.value()) {
            case PRICE -> " at " + Decimals.plain(reached.value(), 2);
            case PERCENT_OFF -> " at " + Decimals.plain(reached.value(), 0) + " % off";
            default -> " at " + Decimals.plain(reached.value(), 2) + " off";
        };
    }

    /** “7 pieces cannot be ordered: sold at least 10, in multiples of 5; order 10”. */
    static String notOrdered(long pieces, OrderQuantity orders) {
        List<String> sold = new ArrayList<>();
        if (orders.atLeast() != null) {
            sold.add("at least " + orders.atLeast());
        }
        if (orders.atMost() != null) {
            sold.add("at most " + orders.atMost());
        }
        if (orders.multipleOf() != null) {
            sold.add("in multiples of " + orders.multipleOf());
        }
        String near = orders.nearest(pieces).stream().map(String::valueOf).collect(Collectors.joining(" or "));
        return Quantity.words(pieces) + " cannot be ordered: sold " + String.join(", ", sold)
                + (near.isEmpty() ? "" : "; order " + near);
    }

    private static String group(Break reached) {
        return reached.group() == null ? "" : " for " + reached.group();
    }

    private static String days(Break reached) {
        String from = reached.validity().from() == null
                ? ""
                : ", since " + reached.validity().from();
        String until = reached.validity().until() == null
                ? ""
                : ", up to and including " + reached.validity().lastDay();
        return from + until;
    }
}
