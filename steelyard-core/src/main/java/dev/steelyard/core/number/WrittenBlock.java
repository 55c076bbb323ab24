package dev.steelyard.core.number;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Numbers that were written together, as a pasted block or a column is: one that can only be read in one way decides how those
 * are read that can be two. In {@code 5,50} and {@code 1.234} the second is 1234; alone it is 1.234.
 */
public final class WrittenBlock {

    private final @Nullable Character decimal;
    private final @Nullable String currency;

    private WrittenBlock(@Nullable Character decimal, @Nullable String currency) {
        this.decimal = decimal;
        this.currency = currency;
    }

    /**
     * Looks at all cells; those that are no numbers decide nothing.
     *
     * @param currency of the shop; none for any
     * @throws Contradiction where two cells can only be read with different decimal signs
     */
    public static WrittenBlock of(Collection<List<String>> lines, @Nullable String currency) {
        Character decimal = null;
        String first = "";
        for (List<String> line : lines) {
            for (String cell : line) {
                Character sign = WrittenNumber.decimalSign(cell);
                if (sign != null && decimal != null && !sign.equals(decimal)) {
                    throw new Contradiction(first, cell.strip());
                }
                if (sign != null && decimal == null) {
                    decimal = sign;
                    first = cell.strip();
                }
            }
        }
        return new WrittenBlock(decimal, currency);
    }

    /** A cell written plainly; as it is where it is no number, in another currency, or can be two and nothing decided. */
    public String plain(String cell) {
        return currency != null && WrittenNumber.isForeign(cell, currency) ? cell : WrittenNumber.plain(cell, decimal);
    }

    /** Two cells that were not written by the same habit. */
    public static final class Contradiction extends IllegalArgumentException {

        private static final long serialVersionUID = 1;

        Contradiction(String one, String other) {
            super("“" + one + "” and “" + other + "” have different signs before their decimals; write both alike");
        }
    }
}
