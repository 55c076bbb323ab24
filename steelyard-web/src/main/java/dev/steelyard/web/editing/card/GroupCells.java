package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.table.LadderRows;
import java.util.ArrayList;
import java.util.List;

/** Breaks of customer groups: one whose price is emptied is none, since the group then has what everyone has. */
final class GroupCells {

    private GroupCells() {}

    /** Takes emptied ones away, of the ladder and of each rate. */
    static void tidy(DraftDocument document) {
        List<String> lists = new ArrayList<>(List.of("/ladder/rows"));
        for (int i = 0; i < document.at("/cases").size(); i++) {
            lists.add("/cases/" + i + "/piece/rate/breaks/rows");
        }
        lists.forEach(new LadderRows(document)::tidy);
    }
}
