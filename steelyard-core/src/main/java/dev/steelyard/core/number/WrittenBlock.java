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
    private final boolean comma;

    private WrittenBlock(@Nullable Character decimal, @Nullable String currency, boolean comma) {
        this.comma = comma;
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
        return of(lines, currency, false);
    }

    /** The same where nothing else decides in a shop whose numbers have a decimal comma. */
    public static WrittenBlock of(Collection<List<String>> lines, @Nullable String currency, boolean comma) {
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
        return new WrittenBlock(decimal, currency, comma);
    }

    /** A cell written plainly; as it is where it is no number, in another currency, or can be two and nothing decided. */
    public String plain(String cell) {
        return currency != null && WrittenNumber.isForeign(cell, currency)
                ? cell
                : WrittenNumber.plainly(cell, decimal, comma && decimal == null);
    }

    /** Two cells that were not written by the same habit. */
    public static final class Contradiction extends IllegalArgumentException {

        private static final long serialVersionUID = 1;

        Contradiction(String one, String other) {
            super("“" + one + "” and “" + other + "” have different signs before their decimals; write both alike");
        }
    }
}
