package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
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
    private final List<byte[]> parts;
    private final PackedParts packed;

    private KeptPage(String type, Map<String, String> headers, List<byte[]> parts) {
        this.type = type;
        this.headers = headers;
        this.parts = parts;
        this.packed = new PackedParts(parts);
    }

    /** @param text that stands in the answer and is another one in each */
    public static KeptPage of(ContentCachingResponseWrapper answer, String text) {
        String page = new String(answer.getContentAsByteArray(), WRITTEN);
        return new KeptPage(
                Objects.requireNonNull(answer.getContentType()),
                KeptFile.headers(answer, true),
                Arrays.stream(page.split(Pattern.quote(text), -1))
                        .map(part -> part.getBytes(WRITTEN))
                        .toList());
    }

    /** Answers with another text. */
    public void answer(HttpServletRequest request, HttpServletResponse response, String text) throws IOException {
        headers.forEach(response::setHeader);
        response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        byte[] filling = text.getBytes(WRITTEN);
        byte[] body;
        if (KeptFile.unpacks(request)) {
            response.setHeader(HttpHeaders.CONTENT_ENCODING, KeptFile.GZIP);
            body = packed.filled(filling);
        } else {
            body = plain(filling);
        }
        response.setContentType(type);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    private byte[] plain(byte[] filling) {
        ByteArrayOutputStream to = new ByteArrayOutputStream();
        for (int i = 0; i < parts.size(); i++) {
            if (i > 0) {
                to.writeBytes(filling);
            }
            to.writeBytes(parts.get(i));
        }
        return to.toByteArray();
    }
}
