package dev.steelyard.core.sheet;

import dev.steelyard.core.number.Pasted;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A column that sheets of a kind may have. */
public interface SheetColumn {

    /** What its cells hold. */
    enum Holding {
        TEXT,
        /** Numbers beside which a currency may stand. */
        MONEY,
        /** Numbers of something, such as pieces: a currency beside one is a slip. */
        COUNT,
        DAY;

        public boolean isNumber() {
            return this == MONEY || this == COUNT;
        }
    }

    /** Its name in forms and files of the application. */
    String name();

    /** The word at its head. */
    String head();

    /** Words that others write at its head. */
    List<String> others();

    Holding holds();

    /** Whether a sheet without it cannot be read. */
    boolean needed();

    /** The column of some that a head means: its own word, or one of others; signs between words do not matter. */
    static <C extends SheetColumn> Optional<C> of(String head, C[] all) {
        String words = words(head);
        return Arrays.stream(all)
                .filter(column -> column.head().equals(words) || column.others().contains(words))
                .findFirst();
    }

    /** A head as it is compared. */
    static String words(String head) {
        return Pasted.stripped(head)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[\\s\\p{Z}_.:\\-]+", " ")
                .strip();
    }
}
