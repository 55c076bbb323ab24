package dev.steelyard.format.columns;

import dev.steelyard.core.number.WrittenNumber;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import java.math.BigDecimal;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A number in a cell. In a text the sign between decimals is the one the column is read with. Where nothing tells that sign, a
 * text that another language would read as another number is refused: 1,234 is 1234 to one reader and 1.234 to another.
 */
public final class NumberInCell {

    private static final int LONGEST = 30;

    private final Pattern plain;
    private final Pattern grouped;
    private final Pattern twoWays;
    private final Pattern otherSign;
    private final CsvForm form;

    /** That may stand beside; empty beside counts. */
    private final String currency;

    private final boolean told;

    private NumberInCell(CsvForm form, String currency, boolean told) {
        this.currency = currency;
        this.told = told;
        String decimal = Pattern.quote("" + form.decimal());
        String other = Pattern.quote(form == CsvForm.POINT ? "," : ".");
        this.form = form;
        this.plain = Pattern.compile("[+-]?\\d+(" + decimal + "\\d+)?");
        this.grouped = Pattern.compile(
                "[+-]?\\d{1,3}(" + other + "\\d{3})+" + decimal + "\\d+|[+-]?\\d{1,3}(" + other + "\\d{3}){2,}");
        this.twoWays = Pattern.compile("[+-]?[1-9]\\d{0,2}" + other + "\\d{3}");
        this.otherSign = Pattern.compile("[+-]?(\\d{1,3}(" + decimal + "\\d{3})+|\\d+)" + other + "\\d+");
    }

    /**
     * Reads amounts of money of a column.
     *
     * @param currency that may stand beside, by its code or sign
     * @param told whether the sign is known, from other cells or from somebody who said so
     */
    public static NumberInCell money(CsvForm form, String currency, boolean told) {
        return new NumberInCell(form, currency, told);
    }

    /** Reads numbers of pieces, days or the like, beside which nothing stands. */
    public static NumberInCell counts(CsvForm form, boolean told) {
        return new NumberInCell(form, "", told);
    }

    /** Exactly one of both is there, or none for an empty cell. */
    public record Reading(@Nullable BigDecimal value, @Nullable String fault) {}

    /** Reads a cell; an empty one holds none. */
    public Reading read(Cell cell) {
        if (cell instanceof Cell.Figure figure) {
            return new Reading(figure.value(), null);
        }
        if (cell instanceof Cell.Odd odd) {
            return fault(odd.shown() + " is " + odd.what() + "; write a number");
        }
        if (cell instanceof Cell.Day day) {
            return fault(
                    day.shown() + " is a day, perhaps made from a number by the spreadsheet program; write the number");
        }
        String typed = cell.bare();
        String text = WrittenNumber.bare(typed, currency);
        if (text.isEmpty()) {
            return new Reading(null, null);
        }
        if (text.length() > LONGEST) {
            return fault("“" + text.substring(0, LONGEST) + "…” is not a number");
        }
        if (plain.matcher(text).matches()) {
            return new Reading(new BigDecimal(text.replace(form.decimal(), '.')), null);
        }
        if (grouped.matcher(text).matches()) {
            String bare = text.replace(form == CsvForm.POINT ? "," : ".", "");
            return new Reading(new BigDecimal(bare.replace(form.decimal(), '.')), null);
        }
        if (twoWays.matcher(text).matches()) {
            String bare = text.replaceAll("[.,]", "");
            if (told) {
                return new Reading(new BigDecimal(bare), null);
            }
            return fault(text + " can be read in two ways, as " + bare + " or as " + text.replace(',', '.')
                    + "; write it without a sign between thousands");
        }
        if (otherSign.matcher(text).matches()) {
            return fault(
                    form == CsvForm.POINT
                            ? text + " has a decimal comma where a decimal point is meant"
                            : text + " has a decimal point where a decimal comma is meant");
        }
        return fault("“" + typed + "” is not a number; write "
                + (currency.isEmpty()
                        ? "a whole number such as 100, without its unit"
                        : "it like " + (form == CsvForm.POINT ? "6.90" : "6,90") + " or with " + currency
                                + ", without percent sign"));
    }

    private static Reading fault(String reason) {
        return new Reading(null, reason);
    }
}
