package dev.steelyard.web.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;

/** The body of a request that is JSON by its Content-Type, within a bound. */
public final class JsonBody {

    private JsonBody() {}

    /**
     * Its text.
     *
     * @throws ProblemFound where it is said to be something else, or is longer than may be; no more of it is read then
     */
    public static String text(HttpServletRequest request, int mostBytes) throws IOException {
        if (!isJson(request.getContentType())) {
            throw new ProblemFound(
                    Problem.NOT_JSON,
                    "Send application/json, not " + Objects.toString(request.getContentType(), "nothing"));
        }
        long said = request.getContentLengthLong();
        // what says how long it is needs no room for as much as may be
        byte[] body = said > mostBytes
                ? new byte[0]
                : request.getInputStream().readNBytes(said < 0 ? mostBytes + 1 : (int) said);
        if (said > mostBytes || body.length > mostBytes) {
            throw new ProblemFound(
                    Problem.BODY_TOO_LARGE, "A body has at most " + mostBytes + " bytes; this one has more");
        }
        return new String(body, StandardCharsets.UTF_8);
    }

    private static boolean isJson(@Nullable String contentType) {
        if (MediaType.APPLICATION_JSON_VALUE.equals(contentType)) {
            return true;
        }
        try {
            return contentType != null
                    && MediaType.APPLICATION_JSON.isCompatibleWith(MediaType.parseMediaType(contentType));
        } catch (InvalidMediaTypeException unreadable) {
            return false;
        }
    }
}
