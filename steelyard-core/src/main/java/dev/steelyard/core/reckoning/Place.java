package dev.steelyard.core.reckoning;

/**
 * Where a fault is: the name of an ask, or one of the words below, which no ask may have for a name. Where one fault is
 * named it is the first in this order: sku, quantity (its range), pack (unknown), asks as listed, joint, pack (needed),
 * amount, grid, formula, quantity (ladder), piece.
 */
public record Place(String code) {

    /** The SKU is of nothing that is sold. */
    public static final Place SKU = new Place("sku");
    /** The number of pieces. */
    public static final Place QUANTITY = new Place("quantity");
    /** A limit over several answers. */
    public static final Place JOINT = new Place("joint");
    /** The pack picked. */
    public static final Place PACK = new Place("pack");
    /** What the answers measure. */
    public static final Place AMOUNT = new Place("amount");
    /** The price grid. */
    public static final Place GRID = new Place("grid");
    /** A formula without a value. */
    public static final Place FORMULA = new Place("formula");
    /** The price of one piece. */
    public static final Place PIECE = new Place("piece");

    /** The country, which decides the rate of tax. */
    public static final Place COUNTRY = new Place("country");
    /** What a basket comes to. */
    public static final Place TOTAL = new Place("total");

    /** An ask, by its name. */
    public static Place ask(String name) {
        return new Place(name);
    }

    @Override
    public String toString() {
        return code;
    }
}
