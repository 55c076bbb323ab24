package dev.steelyard.format.table;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** CSV as in RFC 4180, UTF-8 with a mark at its beginning, by which spreadsheet programs know it. */
final class CsvWriter implements TableWriter {

    private static final String MARK = "\uFEFF";

    private final Writer to;
    private final CSVPrinter printer;
    private final CsvForm form;
    private final int[] decimals;

    CsvWriter(OutputStream stream, TableHead head, CsvForm form) throws IOException {
        this.to = new OutputStreamWriter(stream, StandardCharsets.UTF_8);
        this.form = form;
        this.decimals =
                head.columns().stream().mapToInt(TableHead.Column::decimals).toArray();
        to.write(MARK);
        this.printer = new CSVPrinter(
                to, CSVFormat.RFC4180.builder().setDelimiter(form.separator()).get());
        for (TableHead.Note note : head.notes()) {
            printer.printRecord("# " + note.name() + ": " + note.sentence());
        }
        printer.printRecord(head.columns().stream().map(TableHead.Column::head).toList());
    }

    @Override
    public void row(List<Cell> cells) throws IOException {
        for (int i = 0; i < cells.size(); i++) {
            printer.print(text(cells.get(i), decimals[i]));
        }
        printer.println();
    }

    private String text(Cell cell, int atLeast) {
        if (cell instanceof Cell.Figure figure) {
            return Figures.plain(figure.value(), atLeast).replace('.', form.decimal());
        }
        return Guarded.out(cell.shown());
    }

    @Override
    public void close() throws IOException {
        to.flush();
    }
}
