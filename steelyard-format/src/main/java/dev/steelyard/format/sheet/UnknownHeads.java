package dev.steelyard.format.sheet;

import dev.steelyard.format.table.UnreadableTable;
import java.io.Serial;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A sheet has columns whose heads mean nothing here, and nobody has said that they are to be left out. It is not read: a
 * column that was meant for something would be dropped without a word.
 */
public final class UnknownHeads extends UnreadableTable {

    @Serial
    private static final long serialVersionUID = 1L;

    private final transient List<String> heads;

    UnknownHeads(List<String> heads) {
        super(heads.stream().map(head -> "“" + head + "”").collect(Collectors.joining(", "))
                + (heads.size() == 1 ? " is no head" : " are no heads")
                + " that is known here. Rename it, or say that it is to be left out.");
        this.heads = List.copyOf(heads);
    }

    /** As they are written. */
    public List<String> heads() {
        return heads;
    }
}
