package dev.steelyard.web.base.page;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.WrittenBlock;
import dev.steelyard.core.number.WrittenNumber;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Numbers as they are typed on pages, read in the shop's currency. Which that is, is known to whoever serves a request, as
 * the request's language is: so nothing that only passes a text on has to know.
 */
public final class TypedNumbers {

    private static final Pattern DIGITS = Pattern.compile("[-+]?[\\d.,' \u00a0\u202f\u2019]{1,40}");
    private static final ThreadLocal<@Nullable Ways> WAYS = new ThreadLocal<>();

    /**
     * How numbers are written in a shop.
     *
     * @param currency that may stand beside them
     * @param comma whether they have a decimal comma
     * @param rewritten whether pages are written with a point and are to be written anew with a comma; else their words have it
     */
    public record Ways(String currency, boolean comma, boolean rewritten) {}

    private TypedNumbers() {}

    /** From here on numbers typed by whoever this thread serves are written in some way; none for any. */
    public static void in(@Nullable Ways ways) {
        WAYS.set(ways);
    }

    /** Ends what {@link #in} began. */
    public static void end() {
        WAYS.remove();
    }

    /** Reads a typed number; one in another currency than the shop's is refused. */
    public static DecimalText.Reading read(String text) {
        return WrittenNumber.read(text, currency(), isComma());
    }

    /** A typed number written plainly; the text as it is where it is none. */
    public static String plain(String text) {
        return WrittenNumber.plain(text, currency(), isComma());
    }

    /** Reads a typed number of pieces; the fault says it as it was typed. */
    public static DecimalText.Reading pieces(String text) {
        String typed = Pasted.stripped(text);
        if (!isComma() || !DIGITS.matcher(typed).matches()) {
            return Quantity.read(text);
        }
        DecimalText.Reading reading = Quantity.read(plain(typed));
        DecimalText.Fault fault = reading.fault();
        return fault == null
                ? reading
                : new DecimalText.Reading(
                        null, new DecimalText.Fault(fault.why(), typed, fault.suggestion(), fault.other()));
    }

    /** Numbers that were written together. */
    public static WrittenBlock block(List<List<String>> cells) {
        return WrittenBlock.of(cells, currency(), isComma());
    }

    /** A measure with its number written plainly, and the unit behind it as it is. */
    public static String measure(String text) {
        return WrittenNumber.measure(text, isComma());
    }

    /** Whether numbers are written and shown with a decimal comma. */
    public static boolean isComma() {
        Ways ways = WAYS.get();
        return ways != null && ways.comma();
    }

    /** Whether the numbers of a page that is written with decimal points are to be written anew. */
    static boolean isRewritten() {
        Ways ways = WAYS.get();
        return ways != null && ways.rewritten();
    }

    private static @Nullable String currency() {
        Ways ways = WAYS.get();
        return ways == null ? null : ways.currency();
    }
}
