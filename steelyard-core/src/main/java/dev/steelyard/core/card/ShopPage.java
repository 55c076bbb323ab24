package dev.steelyard.core.card;

import java.util.List;

/**
 * How the shop page shows a card. Nothing here touches a price.
 *
 * @param measurements how the fields stand
 * @param amount whether the amount that was worked out is shown: “billed as 12 m²”
 * @param suffix whether the price is followed by the price per unit of measure: “21.40 per m²”
 * @param table how the breaks are shown
 * @param saving whether the product has the mark “save up to 26 %”, from its real numbers
 * @param shape what the piece is drawn as
 * @param reckoning how much shoppers read of how a price came about
 * @param sides the measurements that are the shape's sides, in its order; empty to take the lengths as listed
 */
public record ShopPage(
        Fields measurements,
        boolean amount,
        boolean suffix,
        Table table,
        boolean saving,
        Shape shape,
        Reckoning reckoning,
        List<String> sides) {

    /** What counts where the owner says nothing. */
    public static final ShopPage USUAL =
            new ShopPage(Fields.BESIDE, true, true, Table.TABLE, false, Shape.FITTING, Reckoning.SHOWN, List.of());

    public ShopPage {
        sides = List.copyOf(sides);
    }

    /** How the fields for measurements stand. */
    public enum Fields {
        BESIDE,
        BELOW
    }

    /** How much shoppers read of how a price came about. */
    public enum Reckoning {
        /** Each step in their words, without formulas. */
        SHOWN,
        /** What a piece costs, what is charged beside it, and the line. */
        SHORT,
        NONE
    }

    /** How breaks are shown. */
    public enum Table {
        TABLE,
        CARDS,
        /** One line of text. */
        LINE,
        NONE
    }

    /** What a piece is drawn as, with the sides it needs. */
    public enum Shape {
        /** Whatever goes with the measurements: one length a bar, two a rectangle, three a box. */
        FITTING(0),
        /** No drawing. */
        NONE(0),
        /** Length and width. */
        RECTANGLE(2),
        /** Length, width and height. */
        BOX(3),
        /** Length, and its thickness if there is a second. */
        BAR(1),
        /** Diameter, and the length of a round bar if there is a second. */
        ROUND(1),
        /** Length off the roll, and the roll's width if there is a second. */
        ROLL(1);

        private final int sides;

        Shape(int sides) {
            this.sides = sides;
        }

        /** How many measurements it needs at least. */
        public int sides() {
            return sides;
        }
    }
}
