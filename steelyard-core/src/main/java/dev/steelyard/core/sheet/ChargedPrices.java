package dev.steelyard.core.sheet;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.StringJoiner;
import org.jspecify.annotations.Nullable;

/** What a customer of a row's group will be charged by all own rows together, told by the very breaks that price. */
final class ChargedPrices {

    private final Item item;
    private final LocalDate today;

    ChargedPrices(Item item, LocalDate today) {
        this.item = item;
        this.today = today;
    }

    /** Quantities that have one price. */
    private record Part(long from, long to, @Nullable Break by) {

        boolean isOne() {
            return from == to;
        }

        String range() {
            return to >= Quantity.MOST ? "from " + from : isOne() ? "" + from : from + " to " + to;
        }
    }

    /** “25 to 27 pieces cost 6.90, 28 to 29 pieces 6.20 by the row of everyone from 28”. */
    String words(SheetRow row, int from, int to) {
        StringJoiner words = new StringJoiner(", ");
        for (Part part : parts(row, from, to)) {
            words.add(part.range()
                    + (words.length() == 0 ? (part.isOne() ? " costs " : " cost ") : " ")
                    + price(part.by)
                    + by(row, part.by));
        }
        return words.toString();
    }

    /** Where something else than a row is charged within its own range; none where the row holds throughout. */
    @Nullable
    Note cut(SheetRow row, List<Integer> others) {
        int from = Objects.requireNonNull(row.from());
        int end = others.stream().filter(other -> other > from).findFirst().orElse(Quantity.MOST + 1) - 1;
        int to = row.to() == null || row.key() != null ? end : Math.min(row.to(), end);
        StringJoiner words = new StringJoiner(", ");
        for (Part part : parts(row, from, to)) {
            if (!isOf(row, part.by)) {
                words.add(part.range() + " " + price(part.by) + by(row, part.by));
            }
        }
        return words.length() == 0
                ? null
                : new Note(
                        Note.Code.CUT,
                        "within what it is for, "
                                + (row.group() == null
                                        ? "another row counts: "
                                        : row.group() + " is charged otherwise: ")
                                + words);
    }

    private static boolean isOf(SheetRow row, @Nullable Break by) {
        return by != null
                && by.pieces() == Objects.requireNonNull(row.from())
                && Objects.equals(by.group(), row.group())
                && by.validity().equals(row.validity());
    }

    private String price(@Nullable Break by) {
        if (by != null) {
            return Decimals.plain(by.value(), 2);
        }
        return item.shelfPrice() == null ? "nothing, having no price" : Decimals.plain(item.shelfPrice(), 2);
    }

    private static String by(SheetRow row, @Nullable Break by) {
        if (by == null) {
            return ", the shelf price";
        }
        return isOf(row, by)
                ? " as this row says"
                : " by the row " + (by.group() == null ? "of everyone " : "of " + by.group() + " ") + "from "
                        + by.pieces()
                        + (by.validity().dated() ? " with dates" : "");
    }

    private List<Part> parts(SheetRow row, int from, int to) {
        BreaksInForce breaks = inForce(row);
        List<Part> parts = new ArrayList<>();
        long first = from;
        int at = breaks.indexReached(first);
        while (first <= to) {
            long last = at + 1 < breaks.size() ? Math.min(to, breaks.pieces(at + 1) - 1) : to;
            parts.add(new Part(first, last, at < 0 ? null : breaks.get(at)));
            first = last + 1;
            at++;
        }
        return parts;
    }

    /** On the day on which the row begins to hold, or today where it holds already. */
    private BreaksInForce inForce(SheetRow row) {
        PriceRows rows = item.ownRows();
        LocalDate starts = row.validity().from();
        LocalDate day = starts == null || starts.isBefore(today) ? today : starts;
        return rows == null ? BreaksInForce.NONE : rows.inForce(row.group(), day);
    }
}
