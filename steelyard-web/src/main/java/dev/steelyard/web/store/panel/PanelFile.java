package dev.steelyard.web.store.panel;

import dev.steelyard.web.base.page.Fingerprint;
import dev.steelyard.web.base.page.ShippedText;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/**
 * The one file of the panel, with what it shares with our own pages put in. Its address never changes, so it is asked after
 * again; any page may load it.
 */
@Controller
class PanelFile {

    private static final MediaType SCRIPT = new MediaType("text", "javascript", StandardCharsets.UTF_8);
    private static final Duration KEPT = Duration.ofMinutes(5);

    private static final String HANDS = "import { handsOff } from \"./hands.js\";";

    private final byte[] script = whole().getBytes(StandardCharsets.UTF_8);

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

    private static String whole() {
        String panel = ShippedText.of("panel/v1.js");
        if (!panel.contains(HANDS)) {
            throw new IllegalStateException("panel/v1.js has no line: " + HANDS);
        }
        return panel.replace(
                HANDS, ShippedText.of("static/assets/modules/hands.js").replace("export const", "const"));
    }
}
