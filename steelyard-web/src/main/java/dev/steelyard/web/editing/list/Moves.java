package dev.steelyard.web.editing.list;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Orders of cards with one of them moved. */
public final class Moves {

    private static final Pattern MOVE = Pattern.compile("(\\d{1,18}) (up|down|first|last)");

    /** What the list says to whoever moved in an order that was not the newest any more. */
    public static final String LATE =
            "Somebody else has changed the order meanwhile. This is how it stands; nothing was moved.";

    private Moves() {}

    /** With one of them right before another; as it was where that is not among them. */
    static List<Long> above(List<Long> order, long moved, long other) {
        List<Long> wanted = new ArrayList<>(order);
        wanted.remove(moved);
        int to = wanted.indexOf(other);
        if (to < 0) {
            return order;
        }
        wanted.add(to, moved);
        return wanted;
    }

    /** @param move a card's id and where it goes: “17 up”; anything else moves nothing */
    public static List<Long> moved(List<Long> order, String move) {
        Matcher parts = MOVE.matcher(move);
        if (!parts.matches()) {
            return order;
        }
        List<Long> moved = new ArrayList<>(order);
        Long card = Long.valueOf(parts.group(1));
        int from = moved.indexOf(card);
        if (from < 0) {
            return order;
        }
        moved.remove(from);
        int to =
                switch (parts.group(2)) {
                    case "up" -> Math.max(0, from - 1);
                    case "down" -> Math.min(moved.size(), from + 1);
                    case "first" -> 0;
                    default -> moved.size();
                };
        moved.add(to, card);
        return moved;
    }
}
