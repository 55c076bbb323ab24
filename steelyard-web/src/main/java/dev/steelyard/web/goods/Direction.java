package dev.steelyard.web.goods;

/**
 * Which way a batch goes: to the prices it wants, or back to those that were. Only names of columns and outcomes differ.
 *
 * @param was prefix of the columns with the price as it stands before
 * @param is prefix of the columns with the price as it shall be
 * @param comes the outcome by which a price comes to be
 * @param goes the outcome by which a price goes
 */
public enum Direction {
    APPLY("old_", "", "ADD", "REMOVE"),
    UNDO("", "old_", "REMOVE", "ADD");

    private final String was;
    private final String is;
    private final String comes;
    private final String goes;

    Direction(String was, String is, String comes, String goes) {
        this.was = was;
        this.is = is;
        this.comes = comes;
        this.goes = goes;
    }

    /** In SQL: rows that write anything. */
    static final String WRITES = "b.outcome in ('ADD', 'CHANGE', 'REMOVE')";

    /** In SQL: the price stays that of the same threshold, group and days. */
    private static final String STAYS = "(b.outcome = 'CHANGE' and b.from_pieces <=> b.old_from"
            + " and b.group_id <=> b.old_group_id and b.starts = b.old_starts and b.ends = b.old_ends)";

    /** Rows whose price row is new in its place: it is written whole. */
    String arrives() {
        return "(b.outcome = '" + comes + "' or b.outcome = 'CHANGE' and not " + STAYS + ")";
    }

    /** Rows whose price row leaves its place. */
    String leaves() {
        return "(b.outcome = '" + goes + "' or b.outcome = 'CHANGE' and not " + STAYS + ")";
    }

    /** Rows of which only the price changes. */
    String stays() {
        return STAYS;
    }

    /** Rows whose price is there before. */
    String wasThere() {
        return "b.outcome in ('CHANGE', '" + goes + "')";
    }

    /** Columns of the new price, in the order of {@link #ROW_COLUMNS}. */
    String written() {
        return "b." + is + "group_id, b." + from(is) + ", b." + is + "price, b." + is + "starts, b." + is + "ends";
    }

    static final String ROW_COLUMNS = "group_id, from_pieces, price, starts, ends";

    /** The price it shall have; null where there shall be none. */
    String price() {
        return "if(b.outcome = '" + goes + "', null, b." + is + "price)";
    }

    /** The price it has before; null where there is none. */
    String priceBefore() {
        return "if(b.outcome = '" + comes + "', null, b." + was + "price)";
    }

    /** That a price row, r, is no longer as it was when the batch was checked or applied. */
    String differs() {
        return "(r.id is null or r.price <> b." + was + "price or r.from_pieces <> b." + from(was)
                + " or not r.group_id <=> b." + was + "group_id or r.starts <> b." + was + "starts or r.ends <> b."
                + was
                + "ends)";
    }

    /** That another price row, x, stands where one shall come. */
    String clashes() {
        return "x.product_id = b.product_id and x.variant_key = coalesce(b.variant_id, 0)"
                + " and x.group_key = coalesce(b." + is + "group_id, 0) and x.from_pieces = b." + from(is)
                + " and x.dated = (b." + is + "starts <> '1000-01-01' or b." + is + "ends <> '9999-12-31')"
                + " and x.starts < b." + is + "ends and b." + is + "starts < x.ends";
    }

    private static String from(String prefix) {
        return prefix.isEmpty() ? "from_pieces" : "old_from";
    }
}
