package dev.steelyard.format.table;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** An XLSX file: the table on its first sheet, what its columns mean on the second. */
final class XlsxWriter implements TableWriter {

    private static final int FLUSH_EVERY = 1_000;
    private static final String TEXT = "@";

    private final Workbook book;
    private final Worksheet sheet;
    private final TableHead head;
    private int next;

    XlsxWriter(OutputStream stream, TableHead head) throws IOException {
        this.head = head;
        this.book = new Workbook(new KeptOpen(stream), "Steelyard", "1.0");
        this.sheet = book.newWorksheet(Tables.SHEET);
        for (int i = 0; i < head.columns().size(); i++) {
            sheet.width(i, head.columns().get(i).width());
        }
        sheet.freezePane(0, 1);
        for (int i = 0; i < head.columns().size(); i++) {
            sheet.inlineString(0, i, head.columns().get(i).head());
            sheet.style(0, i).bold().set();
        }
        next = 1;
    }

    @Override
    public void row(List<Cell> cells) throws IOException {
        for (int i = 0; i < cells.size(); i++) {
            write(cells.get(i), i);
        }
        next++;
        if (next % FLUSH_EVERY == 0) {
            sheet.flush();
        }
    }

    private void write(Cell cell, int column) {
        if (cell instanceof Cell.Figure figure && Figures.fits(figure.value())) {
            sheet.value(next, column, figure.value());
            sheet.style(next, column)
                    .format(format(head.columns().get(column).decimals()))
                    .set();
        } else if (cell instanceof Cell.Day day) {
            sheet.value(next, column, day.day());
            sheet.style(next, column).format("yyyy-mm-dd").set();
        } else if (!(cell instanceof Cell.Empty)) {
            sheet.inlineString(next, column, cell.shown());
            sheet.style(next, column).format(TEXT).set();
        }
    }

    private static String format(int decimals) {
        return decimals == 0 ? "0" : "0." + "0".repeat(decimals) + "####";
    }

    @Override
    public void close() throws IOException {
        sheet.finish();
        Worksheet meanings = book.newWorksheet("Columns");
        meanings.width(0, 16);
        meanings.width(1, 100);
        int row = 0;
        for (TableHead.Note note : head.notes()) {
            meanings.inlineString(row, 0, note.name());
            meanings.inlineString(row, 1, note.sentence());
            row++;
        }
        book.finish();
    }

    /** The library closes what it writes to; whoever gave the stream does that. */
    private static final class KeptOpen extends FilterOutputStream {

        KeptOpen(OutputStream stream) {
            super(stream);
        }

        @Override
        public void write(byte[] bytes, int from, int count) throws IOException {
            out.write(bytes, from, count);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
