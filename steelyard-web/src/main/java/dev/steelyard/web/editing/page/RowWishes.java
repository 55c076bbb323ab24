package dev.steelyard.web.editing.page;

import dev.steelyard.web.editing.table.LadderRows;
import java.util.List;

/** Tables of breaks as wholes: a row hung, taken off, several pasted. */
public final class RowWishes {

    public static final List<Wish> ALL = List.of(
            Wish.of("hang", wished -> rows(wished)
                    .hang(wished.at(), wished.form().value("from"), wished.value())),
            Wish.of("take-off", wished -> rows(wished)
                    .takeOff(wished.there(), wished.form().value("following"))),
            Wish.of("paste-rows", wished -> rows(wished)
                    .paste(
                            wished.at(),
                            wished.number("row"),
                            wished.number("column"),
                            wished.value(),
                            wished.subject().groupNames())));

    private RowWishes() {}

    private static LadderRows rows(Wished wished) {
        return new LadderRows(wished.document());
    }
}
