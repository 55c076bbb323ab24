package dev.steelyard.web.store.door;

import dev.steelyard.format.FormatIssue;
import dev.steelyard.format.Json;
import dev.steelyard.format.Obj;
import dev.steelyard.web.api.JsonBody;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.springframework.http.HttpHeaders;
import tools.jackson.databind.JsonNode;

/** A call as it was made: its key, its body, the language it wants answers in. */
public final class StoreCall {

    /** Room for 500 lines with everything that can be said of them. */
    public static final int USUAL_BYTES = 1_000_000;

    private static final List<Language> LANGUAGES = List.of(Language.values());

    private StoreCall() {}

    /** The key it was made with. */
    public static StoreKey key(HttpServletRequest request) {
        return KeyGate.of(request);
    }

    /** What shoppers are told, in the language that is wanted. */
    public static Words words(HttpServletRequest request) {
        return Words.shoppers(Language.wanted(request.getHeader(HttpHeaders.ACCEPT_LANGUAGE), LANGUAGES));
    }

    /**
     * The body, read.
     *
     * @param zone the shop's, for moments without an offset
     * @throws ProblemFound that names everything that is wrong with it by JSON Pointers
     */
    public static <T> T read(HttpServletRequest request, int mostBytes, ZoneId zone, Function<Obj, T> reader)
            throws IOException {
        return read(JsonBody.text(request, mostBytes), zone, reader);
    }

    /** The same of a body that was read. */
    public static <T> T read(String text, ZoneId zone, Function<Obj, T> reader) {
        Json.Parsed parsed = Json.parse(text);
        JsonNode root = parsed.root();
        if (root == null) {
            throw new ProblemFound(Problem.DOCUMENT, Objects.requireNonNull(parsed.fault()));
        }
        List<FormatIssue> issues = new ArrayList<>();
        Obj body = Obj.of(root, "", issues, zone);
        T read = reader.apply(body);
        body.done();
        if (!issues.isEmpty()) {
            FormatIssue first = issues.get(0);
            throw new ProblemFound(
                    Problem.DOCUMENT,
                    (first.at().isEmpty() ? "The whole" : first.at()) + ": " + first.message(),
                    issues);
        }
        return read;
    }

    /** An answer, with the language of its texts. */
    public static <T> CallAnswer<T> answered(T answer, Words words) {
        return new CallAnswer<>(answer, words.language().code());
    }

    /**
     * A number of the address.
     *
     * @throws ProblemFound where it is none, or out of bounds
     */
    public static int number(String name, String text, int least, int most) {
        if (text.matches("\\d{1,9}")) {
            int number = Integer.parseInt(text);
            if (number >= least && number <= most) {
                return number;
            }
        }
        throw new ProblemFound(
                Problem.PARAMETER,
                "“" + name + "” is a whole number from " + least + " to " + most + ", not “" + text + "”");
    }
}
