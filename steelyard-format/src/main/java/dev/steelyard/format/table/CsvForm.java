package dev.steelyard.format.table;

/**
 * How numbers and columns are set apart in CSV: 6.90 and commas, or 6,90 and semicolons, as spreadsheet programs of a
 * language write it.
 */
public enum CsvForm {
    POINT('.', ','),
    COMMA(',', ';');

    private final char decimal;
    private final char separator;

    CsvForm(char decimal, char separator) {
        this.decimal = decimal;
        this.separator = separator;
    }

    public char decimal() {
        return decimal;
    }

    public char separator() {
        return separator;
    }
}
