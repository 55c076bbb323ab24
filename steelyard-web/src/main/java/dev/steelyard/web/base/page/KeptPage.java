package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.web.util.ContentCachingResponseWrapper;

/** A page that is the same for everybody but for one text, such as the token of its form. */
public final class KeptPage {

    private static final Charset WRITTEN = StandardCharsets.UTF_8;

    private final String type;
    private final Map<String, String> headers;
    private final PackedParts parts;

    private KeptPage(String type, Map<String, String> headers, PackedParts parts) {
        this.type = type;
        this.headers = headers;
        this.parts = parts;
    }

    /** @param text that stands in the answer and is another one in each */
    public static KeptPage of(ContentCachingResponseWrapper answer, String text) {
        String page = new String(answer.getContentAsByteArray(), WRITTEN);
        return new KeptPage(
                Objects.requireNonNull(answer.getContentType()),
                KeptFile.headers(answer, true),
                new PackedParts(Arrays.stream(page.split(Pattern.quote(text), -1))
                        .map(part -> part.getBytes(WRITTEN))
                        .toList()));
    }

    /** Answers with another text. */
    public void answer(HttpServletRequest request, HttpServletResponse response, String text) throws IOException {
        headers.forEach(response::setHeader);
        response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        byte[] filling = text.getBytes(WRITTEN);
        byte[] body;
        if (KeptFile.unpacks(request)) {
            response.setHeader(HttpHeaders.CONTENT_ENCODING, KeptFile.GZIP);
            body = parts.filled(filling);
        } else {
            body = parts.plain(filling);
        }
        response.setContentType(type);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
