package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.number.Quotient;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Which pieces of some lines are given for what is bought of others: the cheapest. A piece that is given stands for none. */
final class Giving {

    private final BuyAndGet gives;
    private final Basket basket;
    private final int[] buyLines;
    private final int[] lines;
    private final List<Given> cheapest = new ArrayList<>();

    /**
     * Some pieces of a line that are given.
     *
     * @param line its place in the basket
     * @param each the exact price of one, of what is left of the line
     */
    record Given(int line, long pieces, Quotient each) {}

    /**
     * @param buyLines the places of lines to buy from
     * @param lines the places of lines to give from
     * @param left of every line of the basket, in minor units
     */
    Giving(BuyAndGet gives, Basket basket, int[] buyLines, int[] lines, long[] left) {
        this.gives = gives;
        this.basket = basket;
        this.buyLines = buyLines;
        this.lines = lines;
        for (int i = lines.length - 1; i >= 0; i--) {
            long pieces = basket.line(lines[i]).quantity();
            Quotient whole = Quotient.of(basket.money(left[lines[i]]));
            cheapest.add(new Given(lines[i], pieces, whole.dividedBy(BigDecimal.valueOf(pieces))));
        }
        cheapest.sort(Comparator.comparing(Given::each)); // keeps later lines before earlier ones of one price
    }

    List<Given> given() {
        long most = most();
        List<Given> given = new ArrayList<>();
        for (Given one : cheapest) {
            long pieces = Math.min(one.pieces, most);
            if (pieces > 0) {
                given.add(new Given(one.line, pieces, one.each));
                most -= pieces;
            }
        }
        return given;
    }

    /** The places of the lines to give from. */
    int[] lines() {
        return lines;
    }

    /** How many pieces are given. */
    long count() {
        return given().stream().mapToLong(Given::pieces).sum();
    }

    /** The most that can be given so that enough others are bought: the more are given, the fewer others there are. */
    private long most() {
        boolean[] bought = new boolean[basket.size()];
        for (int line : buyLines) {
            bought[line] = true;
        }
        long buyable = basket.pieces(buyLines);
        long most = basket.pieces(lines);
        if (gives.atMost() != null) {
            most = Math.min(most, gives.atMost() * gives.getPieces());
        }
        long least = 0;
        while (least < most) {
            long tried = (least + most + 1) / 2;
            long others = buyable - ofBought(tried, bought);
            if (others >= gives.buyPieces() * times(tried)) {
                least = tried;
            } else {
                most = tried - 1;
            }
        }
        return least;
    }

    private long ofBought(long given, boolean[] bought) {
        long rest = given;
        long count = 0;
        for (Given one : cheapest) {
            long pieces = Math.min(rest, one.pieces);
            count += bought[one.line] ? pieces : 0;
            rest -= pieces;
        }
        return count;
    }

    /** Whether as often as it may is given already. */
    boolean exhausted() {
        return gives.atMost() != null && count() >= gives.atMost() * gives.getPieces();
    }

    /** How many bought pieces are missing for one more given one; 0 where only a piece to give is. */
    long missing() {
        long given = count();
        long bought = basket.pieces(buyLines);
        boolean same = gives.buy().equals(gives.get());
        long others = same ? bought - given - 1 : bought;
        return Math.max(0, gives.buyPieces() * times(given + 1) - others);
    }

    /** How often it is begun for so many given pieces. */
    private long times(long given) {
        return (given + gives.getPieces() - 1) / gives.getPieces();
    }
}
