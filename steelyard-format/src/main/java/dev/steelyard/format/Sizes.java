package dev.steelyard.format;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.TokenStreamContext;

/**
 * How many of something a document may hold where strangers send it: looked at before anything else is done with it, so
 * that no document is read, checked or priced that would take long.
 */
public final class Sizes {

    /** The most entries of a list, by the name of its field; any other list has at most {@value #OTHER}. */
    public static final Map<String, Integer> MOST = Map.ofEntries(
            Map.entry("orders", 5000), // these two are counted over all documents once they are read
            Map.entry("baskets", 5000),
            Map.entry("before", 100),
            Map.entry("lines", 1000),
            Map.entry("deals", 200),
            Map.entry("products", 1000),
            Map.entry("variants", 200),
            Map.entry("cards", 50),
            Map.entry("asks", 50),
            Map.entry("options", 200),
            Map.entry("limits", 50),
            Map.entry("namedRates", 100),
            Map.entry("shown", 20),
            Map.entry("cases", 200),
            Map.entry("packs", 200),
            Map.entry("columns", 100),
            Map.entry("rows", 1000),
            Map.entry("prices", 400));

    static final int OTHER = 1000;

    private Sizes() {}

    /**
     * The first list that is too long, told while the text is gone through: nothing of it is kept, and nothing behind that
     * place is looked at. A text that is no JSON is left to reading, which says so.
     */
    public static Optional<FormatIssue> tooLong(String text) {
        try (JsonParser parser = Json.parser(text)) {
            while (parser.nextToken() != null) {
                TokenStreamContext list = listOf(parser);
                if (list != null && list.getEntryCount() > most(list)) {
                    return Optional.of(FormatIssue.at(
                            pointer(list), "this list has more than the " + most(list) + " that are taken here"));
                }
            }
        } catch (JacksonException notJson) {
            return Optional.empty();
        }
        return Optional.empty();
    }

    /** The list in which a value begins here; none where none does. */
    private static @Nullable TokenStreamContext listOf(JsonParser parser) {
        TokenStreamContext here = parser.streamReadContext();
        TokenStreamContext holder = parser.currentToken().isStructStart() ? here.getParent() : here;
        return holder != null && holder.inArray() && !parser.currentToken().isStructEnd() ? holder : null;
    }

    private static int most(TokenStreamContext list) {
        String name = list.getParent().currentName();
        return name == null ? OTHER : MOST.getOrDefault(name, OTHER);
    }

    /** Where a list stands: the way to its entry without the last step. */
    private static String pointer(TokenStreamContext list) {
        return list.pathAsPointer().head().toString();
    }
}
