package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import java.util.List;

/** A price grid as a whole: columns, rows, cells pasted. */
final class GridWishes {

    static final List<Wish> ALL = List.of(
            Wish.of("paste-grid", wished -> edits(wished)
                    .paste(wished.number("row"), wished.number("column"), wished.value())),
            Wish.of("add-column", wished -> edits(wished).addColumn()),
            Wish.of("add-row", wished -> edits(wished).addRow()),
            Wish.of("remove-column", wished -> edits(wished).removeColumn(wished.number("column"))),
            Wish.of("remove-row", wished -> edits(wished).removeRow(wished.number("row"))));

    private GridWishes() {}

    private static GridEdits edits(Wished wished) {
        return new GridEdits(wished.document(), wished.there());
    }
}
