package dev.steelyard.web.base.page;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.WrittenBlock;
import dev.steelyard.core.number.WrittenNumber;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Numbers as they are typed on pages, read in the shop's currency. Which that is, is known to whoever serves a request, as
 * the request's language is: so nothing that only passes a text on has to know.
 */
public final class TypedNumbers {

    private static final ThreadLocal<@Nullable Supplier<@Nullable String>> CURRENCY = new ThreadLocal<>();

    private TypedNumbers() {}

    /** From here on numbers typed by whoever this thread serves are in a currency; none for any. */
    public static void in(Supplier<@Nullable String> currency) {
        CURRENCY.set(currency);
    }

    /** Ends what {@link #in} began. */
    public static void end() {
        CURRENCY.remove();
    }

    /** Reads a typed number; one in another currency than the shop's is refused. */
    public static DecimalText.Reading read(String text) {
        String currency = currency();
        return currency == null ? WrittenNumber.read(text) : WrittenNumber.read(text, currency);
    }

    /** A typed number written plainly; the text as it is where it is none. */
    public static String plain(String text) {
        String currency = currency();
        return currency == null ? WrittenNumber.plain(text) : WrittenNumber.plain(text, currency);
    }

    /** Numbers that were written together. */
    public static WrittenBlock block(List<List<String>> cells) {
        return WrittenBlock.of(cells, currency());
    }

    private static @Nullable String currency() {
        Supplier<@Nullable String> currency = CURRENCY.get();
        return currency == null ? null : currency.get();
    }
}
