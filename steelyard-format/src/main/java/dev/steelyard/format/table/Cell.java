package dev.steelyard.format.table;

import dev.steelyard.core.number.Pasted;
import java.math.BigDecimal;
import java.time.LocalDate;

/** What one cell holds. In CSV every cell is a text. */
public sealed interface Cell {

    Cell EMPTY = new Empty();

    /** What a person would see in the cell: numbers with a decimal point and no thousands, days as 2027-04-01. */
    String shown();

    /** The same without what came along around it when it was pasted. */
    default String bare() {
        return Pasted.stripped(shown());
    }

    /** Nothing. */
    record Empty() implements Cell {
        @Override
        public String shown() {
            return "";
        }
    }

    record Text(String text) implements Cell {
        @Override
        public String shown() {
            return text;
        }
    }

    /** A number; spreadsheet programs keep 15 digits. */
    record Figure(BigDecimal value) implements Cell {
        @Override
        public String shown() {
            return value.toPlainString();
        }
    }

    record Day(LocalDate day) implements Cell {
        @Override
        public String shown() {
            return day.toString();
        }
    }

    /**
     * Something that is neither text, number nor day.
     *
     * @param what “an error of the spreadsheet”, “a percentage”
     */
    record Odd(String shown, String what) implements Cell {}

    static Cell text(String text) {
        return text.isEmpty() ? EMPTY : new Text(text);
    }
}
