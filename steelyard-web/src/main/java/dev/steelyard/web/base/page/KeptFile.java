package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * An answer that is the same for everybody.
 *
 * @param headers those that say something of the content or how it may be used, not of the one who asked
 * @param packed compressed (RFC 1952); none where that saves nothing
 */
record KeptFile(String type, Map<String, String> headers, String changed, byte[] plain, byte @Nullable [] packed) {

    private static final Set<String> OF_THE_ANSWER = Set.of(
            "set-cookie",
            "date",
            "content-length",
            "content-type",
            "content-encoding",
            "vary",
            "accept-ranges",
            "connection",
            "keep-alive",
            "last-modified");

    /** What is neither a page nor a drawing is never shown by itself, so they say nothing of it. */
    private static final Set<String> OF_DOCUMENTS =
            Set.of("content-security-policy", "x-frame-options", "x-xss-protection");

    private static final Pattern DOCUMENT = Pattern.compile("text/html.*|image/svg.*");

    private static final Pattern PACKABLE = Pattern.compile("text/.*|application/(javascript|json)|image/svg.*");

    /** RFC 9110, 12.5.3: unless it is given no weight. */
    private static final Pattern UNPACKS = Pattern.compile(".*\\bgzip\\b(?!\\s*;\\s*q=0(\\.0*)?\\s*(,|$)).*");

    static final String GZIP = "gzip";

    static KeptFile of(ContentCachingResponseWrapper answer) {
        String type = Objects.requireNonNullElse(answer.getContentType(), "application/octet-stream");
        byte[] plain = answer.getContentAsByteArray();
        byte[] packed = PACKABLE.matcher(type).matches() ? pack(plain) : plain;
        return new KeptFile(
                type,
                headers(answer, DOCUMENT.matcher(type).matches()),
                Objects.requireNonNullElse(answer.getHeader(HttpHeaders.LAST_MODIFIED), ""),
                plain,
                packed.length < plain.length ? packed : null);
    }

    /** Those of an answer that go for all. @param document whether it is shown by itself */
    static Map<String, String> headers(ContentCachingResponseWrapper answer, boolean document) {
        Map<String, String> headers = new LinkedHashMap<>();
        for (String name : answer.getHeaderNames()) {
            String lower = name.toLowerCase(Locale.ROOT);
            if (!OF_THE_ANSWER.contains(lower) && (document || !OF_DOCUMENTS.contains(lower))) {
                headers.put(name, String.join(", ", answer.getHeaders(name)));
            }
        }
        return Map.copyOf(headers);
    }

    /** Whether whoever asks unpacks what is compressed. */
    static boolean unpacks(HttpServletRequest request) {
        String takes = request.getHeader(HttpHeaders.ACCEPT_ENCODING);
        return takes != null && UNPACKS.matcher(takes).matches();
    }

    private static byte[] pack(byte[] plain) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream(plain.length / 2);
        try (GZIPOutputStream to = new GZIPOutputStream(packed)) {
            to.write(plain);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return packed.toByteArray();
    }

    void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        headers.forEach(response::setHeader);
        if (!changed.isEmpty()) {
            response.setHeader(HttpHeaders.LAST_MODIFIED, changed);
        }
        if (packed != null) {
            response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        }
        if (!changed.isEmpty() && changed.equals(request.getHeader(HttpHeaders.IF_MODIFIED_SINCE))) {
            response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
            return;
        }
        byte[] body = plain;
        if (packed != null && unpacks(request)) {
            response.setHeader(HttpHeaders.CONTENT_ENCODING, GZIP);
            body = packed;
        }
        response.setContentType(type);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
