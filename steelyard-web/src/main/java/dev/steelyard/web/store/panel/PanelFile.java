package dev.steelyard.web.store.panel;

import dev.steelyard.web.base.page.Fingerprint;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Objects;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** The one file of the panel. Its address never changes, so it is asked after again; any page may load it. */
@Controller
class PanelFile {

    private static final MediaType SCRIPT = new MediaType("text", "javascript", StandardCharsets.UTF_8);
    private static final Duration KEPT = Duration.ofMinutes(5);

    private final byte[] script = read();

    @GetMapping("/panel/v1.js")
    @ResponseBody
    ResponseEntity<byte[]> script() {
        return ResponseEntity.ok()
                .contentType(SCRIPT)
                .eTag("\"" + Fingerprint.of(script) + "\"")
                .cacheControl(CacheControl.maxAge(KEPT).cachePublic())
                .header(HttpHeaders.ACCESS_CONTROL_ALLOW_ORIGIN, "*")
                .header("Cross-Origin-Resource-Policy", "cross-origin")
                .header("X-Content-Type-Options", "nosniff")
                .body(script);
    }

    private static byte[] read() {
        try (InputStream in = PanelFile.class.getResourceAsStream("/panel/v1.js")) {
            return Objects.requireNonNull(in).readAllBytes();
        } catch (IOException notShipped) {
            throw new UncheckedIOException(notShipped);
        }
    }
}
