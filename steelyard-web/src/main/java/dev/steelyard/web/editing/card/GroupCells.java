package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
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
        lists.forEach(list -> tidy(document, list));
    }

    static void tidy(DraftDocument document, String list) {
        for (int i = document.at(list).size() - 1; i >= 0; i--) {
            String row = list + "/" + i;
            if (!document.text(row + "/group").isEmpty()
                    && document.text(row + "/value").isEmpty()) {
                document.remove(row);
            }
        }
    }
}
